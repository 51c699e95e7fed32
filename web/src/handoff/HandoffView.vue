<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed, ref, shallowRef, watch } from 'vue'
import { useRouter } from 'vue-router'
import { nameOf, type Block } from '@nolvex/core/block/block'
import { drawingTitle } from '@nolvex/core/resolve/pageSources'
import type { DescribedChange } from '@nolvex/core/review/versions/describeChanges'
import ExportDialog from '../drafting/ExportDialog.vue'
import TroubleNote from '../forms/TroubleNote.vue'
import TakeMapAway from '../map/TakeMapAway.vue'
import { useProject } from '../session/projectStore'
import { download } from '../session/useExport'
import { useVersions } from '../versions/versionStore'
import { useHandedOver } from './useHandedOver'

/** All that can be taken away, each with what it is for, and what changed since it was last handed over. */
const project = useProject()
const router = useRouter()
const versions = useVersions()
const isTakingPages = ref(false)
const isTakingMap = ref(false)

interface Thing {
  label: string
  about: string
  does: string
  take: () => void
}
const GROUPS: { label: string; things: Thing[] }[] = [
  {
    label: 'For those who build it',
    things: [
      {
        label: 'The pages as HTML',
        about: 'Every drawn page at its address, with all bands, links, menus, fields and one style sheet',
        does: 'Take pages…',
        take: () => (isTakingPages.value = true),
      },
      {
        label: 'The grid',
        about: 'Every band to scale with its figures and custom properties: PDF, SVG, PNG, CSS',
        does: 'Go to the sheet',
        take: () => void router.push({ name: 'grid', params: { project: project.id, view: 'agreement' } }),
      },
      {
        label: 'sitemap.xml',
        about: 'All addresses, for search engines and for tests',
        does: 'Take',
        take: () => download(`/api/projects/${project.id}/sitemap.xml`),
      },
    ],
  },
  {
    label: 'For those who decide',
    things: [
      {
        label: 'Wireframes as a PDF',
        about: 'Contents, the map, a sheet a page and band, in sketch or plain',
        does: 'Take pages…',
        take: () => (isTakingPages.value = true),
      },
      {
        label: 'The map',
        about: 'On sheets of paper with its legend, or as lists other programs read',
        does: 'Take the map…',
        take: () => (isTakingMap.value = true),
      },
    ],
  },
  {
    label: 'For those who write and photograph',
    things: [
      {
        label: 'The content inventory',
        about: 'What is to be delivered, by whom, as CSV, with files of references and samples',
        does: 'Go to the inventory',
        take: () => void router.push({ name: 'map', params: { project: project.id, view: 'content' } }),
      },
    ],
  },
  {
    label: 'To keep',
    things: [
      {
        label: 'The project',
        about: 'Everything in one file of JSON and the original pictures, which reads back equal',
        does: 'Take',
        take: () => download(`/api/projects/${project.id}/file`),
      },
    ],
  },
]

/** Blocks of all drawings whose real content comes from elsewhere. */
const supplied = computed(() => {
  const { documents } = project.view
  const { pages } = project.site.records
  return Object.values(documents)
    .filter(({ kind }) => kind === 'drawing')
    .flatMap(({ id: drawing, records }) =>
      (Object.values(records.blocks ?? {}) as unknown as Block[])
        .filter(({ live }) => live)
        .map((block) => ({
          ...{ id: block.id, name: nameOf(block), note: block.note },
          ...{ on: drawingTitle(documents, drawing) ?? '', page: drawing in pages ? drawing : undefined },
        })),
    )
})
const goTo = (page: string, block: string) =>
  router.push({ name: 'wireframe', params: { project: project.id, page }, query: { block } })

const { last, mark } = useHandedOver()
const since = shallowRef<DescribedChange[]>([])
watch(
  [last, () => project.view.documents],
  async ([version]) => (since.value = version ? await versions.compare(version.id, undefined) : []),
  { immediate: true },
)
const day = (date: string) =>
  new Date(date).toLocaleString('en-GB', { dateStyle: 'long', timeStyle: 'short' })
</script>

<template>
  <main class="handoff">
    <div class="board">
      <section v-for="{ label, things } in GROUPS" :key="label">
        <h2>{{ label }}</h2>
        <ul>
          <li v-for="thing in things" :key="thing.label">
            <div>
              <b>{{ thing.label }}</b>
              <span class="soft">{{ thing.about }}</span>
            </div>
            <ElButton @click="thing.take">{{ thing.does }}</ElButton>
          </li>
        </ul>
      </section>
      <section v-if="supplied.length">
        <h2>What the developer supplies</h2>
        <p class="soft">Marked so in every picture, and in the HTML by <code>data-supplied-by</code>.</p>
        <ul>
          <li v-for="{ id, name, on, page, note } in supplied" :key="id">
            <div>
              <b dir="auto">{{ name }}</b>
              <span class="soft" dir="auto">{{ on }}{{ note ? `: ${note}` : '' }}</span>
            </div>
            <ElButton v-if="page" @click="goTo(page, id)">Go there</ElButton>
          </li>
        </ul>
      </section>
    </div>
    <aside aria-label="What changed since it was handed over">
      <h2>Handed over</h2>
      <TroubleNote :says="versions.trouble" />
      <template v-if="last">
        <p>{{ day(last.createdAt) }}</p>
        <h3>Changed since</h3>
        <p v-if="since.length === 0" class="soft">Nothing: what was taken is what there is.</p>
        <ul v-else class="changes">
          <li v-for="(change, index) in since.slice(0, 60)" :key="index">{{ change.says }}</li>
          <li v-if="since.length > 60" class="soft">and {{ since.length - 60 }} more</li>
        </ul>
      </template>
      <p v-else class="soft">
        Mark what you have taken as handed over, and this says from then on what changed since. The state is
        kept as a version.
      </p>
      <ElButton @click="mark">Mark as handed over</ElButton>
    </aside>
    <ExportDialog v-model="isTakingPages" />
    <TakeMapAway v-model="isTakingMap" />
  </main>
</template>

<style scoped>
.handoff {
  display: flex;
  flex: 1;
  min-height: 0;
}
section {
  max-width: 860px;
  margin-bottom: 20px;
}
ul {
  margin: 6px 0 0;
  padding: 0;
  list-style: none;
  background: var(--paper);
  border: 1px solid var(--hairline);
}
li {
  display: flex;
  gap: 24px;
  align-items: center;
  justify-content: space-between;
  padding: 10px 14px;
}
li + li {
  border-top: 1px solid var(--hairline);
}
li > div {
  display: grid;
}
aside {
  display: flex;
  flex: 0 0 300px;
  flex-direction: column;
  gap: 8px;
  align-items: start;
  padding: 16px;
  overflow: auto;
  background: var(--paper);
  border-left: 1px solid var(--hairline);
}
.changes {
  align-self: stretch;
  border: 0;
}
.changes li {
  padding: 4px 0;
}
</style>
