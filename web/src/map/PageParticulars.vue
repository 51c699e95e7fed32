<script setup lang="ts">
import { ElButton, ElRadioButton, ElRadioGroup } from 'element-plus'
import { computed, ref } from 'vue'
import { useRouter } from 'vue-router'
import type { Json } from '@nolvex/core/document/types'
import { homePage, pathFromTitle } from '@nolvex/core/site/address'
import { breadcrumb } from '@nolvex/core/site/menuChanges'
import { PAGE_STATES, type Page } from '@nolvex/core/site/page'
import TroubleNote from '../forms/TroubleNote.vue'
import ChoiceField from '../forms/ChoiceField.vue'
import CountField from '../forms/CountField.vue'
import TextField from '../forms/TextField.vue'
import { useProject } from '../session/projectStore'
import { useMap } from './mapStore'
import PageBrief from './PageBrief.vue'
import PageLinks from './PageLinks.vue'
import PageSections from './PageSections.vue'

/** The selected page: what it is, what stands on it, where it leads, what is asked of it. */
const props = defineProps<{ page: string }>()
const project = useProject()
const map = useMap()
const router = useRouter()
const trouble = ref('')
const part = ref<'page' | 'sections' | 'links' | 'brief'>('page')
const PARTS = { page: 'Page', sections: 'Sections', links: 'Links', brief: 'Brief' } as const

const page = computed((): Page => map.pages[props.page])
const address = computed(() => map.addresses.get(props.page) ?? '')
const home = computed(() => homePage(map.pages)?.id)
const trail = computed(() =>
  breadcrumb(map.site, home.value, props.page)
    .map(({ title }) => title || 'Untitled')
    .join(' / '),
)
const clicks = computed(() => {
  const count = map.clicks.get(props.page)
  if (page.value.kind === 'external') return ''
  if (count === undefined) return 'no way leads here yet'
  return count === 0 ? 'home' : count === 1 ? '1 click from home' : `${count} clicks from home`
})

function set(label: string, path: string[], value: Json | undefined) {
  project.setSite(label, 'pages', props.page, path, value)
}

/** A changed path leaves a redirect from where the page stood. */
function setPath(typed: string | undefined) {
  const path = typed?.replace(/^\/+|(?<!\/)\/+$/g, '')
  trouble.value = path && /[\s/?#]/.test(path) ? 'A path has no spaces and none of / ? #. Use hyphens.' : ''
  if (trouble.value || path === page.value.path) return
  const redirects = [...new Set([...(page.value.redirects ?? []), address.value])].slice(-50)
  project.changeSite('Change path', [
    { type: 'set', collection: 'pages', id: props.page, path: ['path'], ...(path ? { value: path } : {}) },
    { type: 'set', collection: 'pages', id: props.page, path: ['redirects'], value: redirects },
  ])
}

function setTemplate(each: string | undefined, count?: number) {
  set(
    'Change what it stands for',
    ['template'],
    each ? { ...page.value.template, each, ...(count ? { count } : {}) } : undefined,
  )
}

const draw = () => router.push({ name: 'wireframe', params: { project: project.id, page: props.page } })

const collections = computed(() =>
  Object.fromEntries(
    project.collections.map(({ id, records }) => [id, records.settings.collection?.name ?? id]),
  ),
)

function fillFrom(collection: string | undefined) {
  if (!page.value.template) return
  const rows = project.collections.find(({ id }) => id === collection)?.records.rows
  const { each } = page.value.template
  set('Change what it stands for', ['template'], {
    each,
    ...(collection ? { collection, count: Object.keys(rows ?? {}).length } : {}),
  })
}
</script>

<template>
  <aside class="particulars" aria-label="The selected page">
    <header>
      <h2 dir="auto">{{ page.title || 'Untitled' }}</h2>
      <p class="soft">{{ address }}</p>
      <p class="soft small">{{ trail }}{{ clicks ? ` · ${clicks}` : '' }}</p>
      <ElRadioGroup v-model="part" class="parts" aria-label="What of the page is shown">
        <ElRadioButton v-for="(label, name) in PARTS" :key="name" :value="name">{{ label }}</ElRadioButton>
      </ElRadioGroup>
    </header>
    <div v-if="part === 'page'" class="fields">
      <TextField
        label="Title"
        :value="page.title"
        :max="500"
        @change="set('Rename page', ['title'], $event ?? '')"
      />
      <TextField
        label="Short name for menus"
        :value="page.shortName"
        :placeholder="page.title"
        :max="200"
        @change="set('Change short name', ['shortName'], $event)"
      />
      <TextField
        v-if="page.kind !== 'external' && page.id !== home"
        label="Path"
        :value="page.path"
        :placeholder="pathFromTitle(page.title) || 'page'"
        :max="200"
        @change="setPath"
      />
      <TroubleNote :says="trouble" />
      <p v-if="page.redirects?.length" class="soft small">
        Redirects from {{ page.redirects.join(', ') }}
        <ElButton link @click="set('Forget redirects', ['redirects'], undefined)">Forget</ElButton>
      </p>
      <TextField
        v-if="page.kind === 'external'"
        label="Address"
        :value="page.address"
        :max="2000"
        placeholder="https://…"
        @change="set('Change address', ['address'], $event)"
      />
      <ChoiceField
        label="Kind"
        :value="page.kind"
        :choices="{ outside: 'Outside the tree (error, search)', external: 'External link' }"
        none="Page in the tree"
        @change="set('Change kind of page', ['kind'], $event)"
      />
      <ChoiceField
        label="State"
        :value="page.state"
        :choices="PAGE_STATES"
        none="Not said"
        @change="set('Change state', ['state'], $event)"
      />
      <TextField
        label="Stands for many pages"
        :value="page.template?.each"
        placeholder="one per isle"
        :max="100"
        @change="setTemplate($event, page.template?.count)"
      />
      <div v-if="page.template" class="two">
        <CountField
          label="How many"
          :value="page.template.count"
          :least="0"
          :most="100000"
          @change="setTemplate(page.template?.each, $event)"
        />
        <ChoiceField
          label="One a row of"
          :value="page.template.collection"
          :choices="collections"
          none="counted by hand"
          @change="fillFrom"
        />
      </div>
      <TextField
        label="What it is for"
        :rows="3"
        :value="page.purpose"
        placeholder="Who comes here, and wanting what?"
        @change="set('Change purpose', ['purpose'], $event)"
      />
      <TextField
        label="Its one goal for the visitor"
        :rows="2"
        :value="page.goal"
        placeholder="What has the visitor got or done here?"
        @change="set('Change goal', ['goal'], $event)"
      />
      <TextField
        label="For whom"
        :value="page.audience"
        @change="set('Change for whom it is', ['audience'], $event)"
      />
      <TextField
        label="Constraints"
        :rows="2"
        :value="page.constraints"
        @change="set('Change constraints', ['constraints'], $event)"
      />
    </div>
    <PageSections v-else-if="part === 'sections'" :page="page" />
    <PageLinks v-else-if="part === 'links'" :page="page" />
    <PageBrief v-else :page="page" />
    <footer v-if="page.kind !== 'external'">
      <ElButton type="primary" @click="draw">Draw this page</ElButton>
    </footer>
  </aside>
</template>

<style scoped>
.particulars {
  display: flex;
  flex: none;
  flex-direction: column;
  width: 264px;
  background: var(--paper);
  border-left: 1px solid var(--hairline);
}
header,
footer {
  flex: none;
  padding: 12px 16px 0;
}
footer {
  padding: 10px 16px;
  border-top: 1px solid var(--hairline);
}
footer .el-button {
  width: 100%;
}
h2 {
  max-height: 66px;
  overflow: hidden;
  overflow-wrap: anywhere;
}
header p {
  overflow-wrap: anywhere;
}
.small {
  font-size: 12px;
  line-height: 16px;
}
.parts {
  display: flex;
  flex-wrap: nowrap;
  margin-top: 8px;
}
.parts :deep(.el-radio-button__inner) {
  padding: 0 9px;
}
.fields,
.particulars > :deep(.part-body) {
  display: grid;
  flex: 1;
  grid-template-columns: minmax(0, 1fr);
  gap: 8px;
  align-content: start;
  padding: 12px 16px;
  overflow: auto;
}
.two {
  display: grid;
  grid-template-columns: 80px 1fr;
  gap: 8px;
}
</style>
