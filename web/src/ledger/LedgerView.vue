<script setup lang="ts">
import { computed, ref } from 'vue'
import { useRouter } from 'vue-router'
import { childrenByParent } from '@nolvex/core/document/tree'
import { bandsOf } from '@nolvex/core/resolve/resolvePage'
import { pageAddresses } from '@nolvex/core/site/address'
import type { Page } from '@nolvex/core/site/site'
import { useProject } from '../session/projectStore'
import PagePicture from './PagePicture.vue'

const project = useProject()
const router = useRouter()
const onlyDue = ref(false)

const bands = computed(() => bandsOf(project.site).inOrder)
const addresses = computed(() => pageAddresses(project.site.records.pages))

interface Row {
  page: Page
  depth: number
  blocks: number
  sections: number
}

const rows = computed(() => {
  const { pages, sections } = project.site.records
  const children = childrenByParent(pages)
  const list: Row[] = []
  const walk = (parent: string | null, depth: number) => {
    for (const page of children.get(parent) ?? []) {
      const blocks = Object.keys(project.drawing(page.id)?.records.blocks ?? {}).length
      const own = Object.values(sections).filter((section) => section.page === page.id).length
      list.push({ page, depth, blocks, sections: own })
      walk(page.id, depth + 1)
    }
  }
  walk(null, 0)
  return list
})
const shown = computed(() => rows.value.filter(({ blocks }) => !onlyDue.value || blocks === 0))
const due = computed(() => rows.value.filter(({ blocks }) => blocks === 0))
const next = computed(() => {
  if (rows.value.length === 0) return ''
  if (due.value.length === 0) return 'Every page has a wireframe.'
  const [first] = due.value
  const others = due.value.length - 1
  return `Next: ${first.page.title || 'Untitled'}${others ? ` and ${others} more have` : ' has'} no wireframe.`
})

const draw = (page: string) => router.push({ name: 'wireframe', params: { project: project.id, page } })
</script>

<template>
  <main class="ledger">
    <div class="summary">
      <b>{{ rows.length === 1 ? '1 page' : `${rows.length} pages` }}</b>
      <span class="soft">{{ next }}</span>
      <span class="end">
        <button v-if="rows.length" class="action" :aria-pressed="onlyDue" @click="onlyDue = !onlyDue">
          {{ onlyDue ? 'Show all pages' : 'Show only what is due' }}
        </button>
        <a class="action link" :href="`/api/projects/${project.id}/file`">Take the project away</a>
      </span>
    </div>
    <div class="scroll">
      <table v-if="rows.length">
        <thead>
          <tr>
            <th>Page</th>
            <th>Sections</th>
            <th>Wireframe: {{ bands.map(({ name }) => name.toLowerCase()).join(', ') }}</th>
            <th>Blocks</th>
            <th><span class="visually-hidden">Do</span></th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="{ page, depth, blocks, sections } in shown" :key="page.id" @dblclick="draw(page.id)">
            <td :style="{ paddingLeft: `${12 + depth * 20}px` }">
              <b>{{ page.title || 'Untitled' }}</b>
              <span class="address">{{ addresses.get(page.id) }}</span>
            </td>
            <td :class="{ soft: !sections }">{{ sections || 'none' }}</td>
            <td>
              <button class="pictures" :aria-label="`Draw ${page.title}`" @click="draw(page.id)">
                <PagePicture v-for="band in bands" :key="band.id" :page="page.id" :band="band" />
              </button>
            </td>
            <td :class="{ soft: !blocks }">{{ blocks || 'not drawn' }}</td>
            <td class="do">
              <button class="plain" @click="draw(page.id)">{{ blocks ? 'Open' : 'Begin' }}</button>
            </td>
          </tr>
        </tbody>
      </table>
      <div v-else class="empty">
        <h2>No page yet</h2>
        <p>A project begins with its pages. Add them one by one, or paste a list you already have.</p>
        <RouterLink class="action main link" :to="{ name: 'map', params: { project: project.id } }"
          >Plan the site map</RouterLink
        >
      </div>
    </div>
  </main>
</template>

<style scoped>
.ledger {
  display: flex;
  flex-direction: column;
  min-height: 0;
}
.summary {
  display: flex;
  flex: none;
  gap: 12px;
  align-items: center;
  height: 44px;
  padding: 0 16px;
  background: var(--paper);
  border-bottom: 1px solid var(--hairline);
}
.end {
  display: flex;
  gap: 8px;
  margin-left: auto;
}
.link {
  display: inline-flex;
  align-items: center;
  color: inherit;
  text-decoration: none;
}
.main.link {
  margin-top: 16px;
  color: #fff;
}
.scroll {
  overflow: auto;
  padding: 12px;
}
table {
  width: 100%;
  border-collapse: collapse;
  background: var(--paper);
  border: 1px solid var(--hairline);
}
th {
  padding: 8px 12px;
  border-bottom: 1px solid var(--ink);
  color: var(--soft);
  font-weight: 600;
  text-align: left;
}
td {
  height: 50px;
  padding: 0 12px;
  border-bottom: 1px solid var(--hairline);
}
.address {
  display: block;
  color: var(--soft);
  font-size: 11px;
  line-height: 14px;
}
.pictures {
  display: flex;
  gap: 5px;
  padding: 0;
  border: 0;
  background: none;
  cursor: pointer;
}
.do {
  text-align: right;
}
.empty {
  max-width: 460px;
  margin: 64px auto;
  padding: 32px 40px;
  background: var(--paper);
  border: 1px solid var(--hairline);
}
</style>
