<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed, ref } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { mergePages, type IncomingPage } from '@nolvex/core/site/mergePages'
import { useCommands } from '../commands/commandStore'
import { newId } from '../session/newId'
import { useProject } from '../session/projectStore'
import StageViews from '../stages/StageViews.vue'
import BriefView from './BriefView.vue'
import ContentView from './ContentView.vue'
import DeletePageDialog from './DeletePageDialog.vue'
import FindingsView from './FindingsView.vue'
import ImportPages from './ImportPages.vue'
import JourneysView from './JourneysView.vue'
import { useMap } from './mapStore'
import { mapViews, type MapViewName } from './mapViews'
import MenusView from './MenusView.vue'
import PageParticulars from './PageParticulars.vue'
import PageTable from './PageTable.vue'
import TakeMapAway from './TakeMapAway.vue'
import TreeView from './TreeView.vue'
import { useMapAnalysis } from './useMapAnalysis'
import { usePageChanges } from './usePageChanges'

const route = useRoute()
const router = useRouter()
const project = useProject()
const map = useMap()
const changes = usePageChanges()
const { findings } = useMapAnalysis()
const isImporting = ref(false)
const isTaking = ref(false)

const view = computed<MapViewName>(() => {
  const asked = String(route.params.view)
  return asked in mapViews ? (asked as MapViewName) : 'tree'
})
const count = computed(() => Object.keys(map.pages).length)
const showsPages = computed(() => view.value === 'tree' || view.value === 'table')

function go(name: string) {
  void router.push({ name: 'map', params: { project: project.id, view: name } })
}

function bringIn(pages: IncomingPage[], mode: 'merge' | 'replace') {
  const below = mode === 'merge' && map.selected && map.pages[map.selected] ? map.selected : null
  const { operations, added } = mergePages(map.pages, pages, below, mode, newId)
  const what = `${added} ${added === 1 ? 'page' : 'pages'}`
  project.changeSite(mode === 'replace' ? `Replace the map by ${what}` : `Bring in ${what}`, operations)
}

const importer = ref<InstanceType<typeof ImportPages>>()
const holdsFiles = (event: DragEvent) => showsPages.value && event.dataTransfer?.types.includes('Files')

function allowFiles(event: DragEvent) {
  if (holdsFiles(event)) event.preventDefault()
}
/** A list dropped anywhere on the map is brought in. */
function dropFiles(event: DragEvent) {
  if (!holdsFiles(event)) return
  event.preventDefault()
  isImporting.value = true
  importer.value?.take([...(event.dataTransfer?.files ?? [])])
}

useCommands().offer([
  { id: 'page-paste', label: 'Bring in a list of pages', keys: ['L'], run: () => (isImporting.value = true) },
  { id: 'map-take', label: 'Take the map away', keys: ['E'], run: () => (isTaking.value = true) },
  ...Object.entries(mapViews).map(([name, label], index) => ({
    id: `map-${name}`,
    label: `Show ${label} of the map`,
    keys: [`Alt+${index + 1}`],
    run: () => go(name),
  })),
])
</script>

<template>
  <main class="stage" @dragover="allowFiles" @drop="dropFiles">
    <div class="stage-strip">
      <StageViews
        stage="map"
        :views="mapViews"
        :current="view"
        label="Views of the map"
        :waiting="{ findings: findings.length }"
      />
      <span id="map-actions" class="end" />
      <span class="both">
        <ElButton @click="isImporting = true">Bring in…</ElButton>
        <ElButton :disabled="count === 0" @click="isTaking = true">Take away…</ElButton>
      </span>
    </div>
    <div class="body">
      <TreeView v-if="view === 'tree'" :changes="changes" @import="isImporting = true" />
      <PageTable v-else-if="view === 'table'" :changes="changes" />
      <MenusView v-else-if="view === 'menus'" />
      <JourneysView v-else-if="view === 'journeys'" />
      <ContentView v-else-if="view === 'content'" />
      <BriefView v-else-if="view === 'brief'" />
      <FindingsView v-else />
      <template v-if="showsPages">
        <PageParticulars
          v-if="map.selected && map.pages[map.selected]"
          :key="map.selected"
          :page="map.selected"
        />
        <aside v-else-if="count" class="hint">
          <h3>Nothing selected</h3>
          <p>
            Click a page to see what stands on it. Drag it onto another to move it below, or to its side to
            stand beside it.
          </p>
          <p>Enter adds a page beside, Shift+Enter below. Alt with the arrow keys moves a page.</p>
        </aside>
      </template>
    </div>
    <ImportPages
      ref="importer"
      v-model="isImporting"
      :below="map.selected ? map.pages[map.selected]?.title : undefined"
      @add="bringIn"
    />
    <TakeMapAway v-model="isTaking" />
    <DeletePageDialog :changes="changes" />
  </main>
</template>

<style scoped>
.stage {
  display: flex;
  flex: 1;
  flex-direction: column;
  min-height: 0;
}
.both {
  display: flex;
  gap: 6px;
}
.body {
  display: flex;
  flex: 1;
  min-height: 0;
}
.hint {
  flex: none;
  width: 264px;
  padding: 16px;
  background: var(--paper);
  border-left: 1px solid var(--hairline);
  color: var(--soft);
}
.hint p {
  margin-top: 8px;
}
</style>
