<script setup lang="ts">
import { ElButton, ElSplitter, ElSplitterPanel } from 'element-plus'
import { computed, onScopeDispose, provide, ref, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { leafShownBy, type Block } from '@nolvex/core/block/block'
import { inOrder } from '@nolvex/core/document/tree'
import { shelfItems, type ShelfItem } from '@nolvex/core/block/shelf'
import type { ShownAs } from '@nolvex/core/resolve/resolvePage'
import { pagesInOrder } from '@nolvex/core/site/treeOrder'
import { describeSelection } from '@nolvex/core/snap/describePlace'
import { usePanels } from './usePanels'
import TroubleNote from '../forms/TroubleNote.vue'
import PickField from '../forms/PickField.vue'
import DraftOffer from '../draft/DraftOffer.vue'
import MapDifference from '../draft/MapDifference.vue'
import PatternShelf from '../draft/PatternShelf.vue'
import { takePicture } from '../session/takePicture'
import { useProject } from '../session/projectStore'
import BlockParticulars from './BlockParticulars.vue'
import BandDesk from './bands/BandDesk.vue'
import type { Comparison } from './comparison'
import { drawnAs } from './drawnAs'
import DrawingSurface from './DrawingSurface.vue'
import ExportDialog from './ExportDialog.vue'
import FinishSwitch from './FinishSwitch.vue'
import MeasureStrip from './MeasureStrip.vue'
import OverlayPlace from './overlays/OverlayPlace.vue'
import PageWays from './PageWays.vue'
import PageStateSwitch from './PageStateSwitch.vue'
import OutlineList from './outline/OutlineList.vue'
import ShelfList from './ShelfList.vue'
import ShowPanel from './ShowPanel.vue'
import GuidePanel from './guides/GuidePanel.vue'
import { usePresentation } from './camera/usePresentation'
import { useArrangeCommands } from './arranging/useArrangeCommands'
import PanelFrame from './panels/PanelFrame.vue'
import { panels } from './panels/panels'
import { useGuideCommands } from './guides/useGuideCommands'
import { offerOverlayCommands, offerTagCommands, useOverlays } from '../grid/useOverlays'
import { useCommands } from '../commands/commandStore'
import { useViewport } from '../screens/useViewport'
import NameDialog from './shared/NameDialog.vue'
import SharedDialog from './shared/SharedDialog.vue'
import { useSharedCommands } from './shared/useSharedCommands'
import { useBlockCommands } from './useBlockCommands'
import { lengthReading } from './fields/lengthReading'
import { draftingPage, usePage } from './usePage'
import { useSeriesFill } from './useSeriesFill'
import UnfinishedButton from './UnfinishedButton.vue'
import FindingStrip from '../review/FindingStrip.vue'
import GuideStanding from './GuideStanding.vue'
import WidthRail from './WidthRail.vue'

const route = useRoute()
const router = useRouter()
const project = useProject()
const isExporting = ref(false)
const comparison = ref<Comparison>('alone')
/** all bands beside one another */
const isBeside = ref(false)
const isOnPatterns = ref(false)
const isOnShared = ref(false)
const trouble = ref('')
const pictureItem = shelfItems.find(({ block }) => leafShownBy(block, 'picture')) as ShelfItem
const shelf = ref<{ focus: () => void }>()
const surface = ref<InstanceType<typeof DrawingSurface>>()

/** Pages one can draw; external ones are only links. */
const pages = computed(() =>
  pagesInOrder(project.site.records.pages).filter(({ page }) => page.kind !== 'external'),
)
const pageChoices = computed(() => {
  const indented = (words: string, depth: number) => `${'\u2003'.repeat(depth)}${words}`
  return Object.fromEntries(
    pages.value.flatMap(({ page, depth }) => [
      [page.id, indented(page.title || 'Untitled', depth)],
      ...overlaysOver(page.id).map(({ id, name }) => [id, indented(`over it: ${name}`, depth + 1)]),
    ]),
  ) as Record<string, string>
})
const overlaysOver = (over: string) =>
  inOrder(Object.values(project.site.records.overlays).filter((one) => one.page === over))
const pageId = computed(() => String(route.params.page || pages.value[0]?.page.id || ''))
/** The page, or the one an overlay that is drawn is over. */
const current = computed(() => {
  const { pages: all, overlays } = project.site.records
  return all[overlays[pageId.value]?.page ?? pageId.value]
})
watch(current, (page, before) => {
  if (before && !page) trouble.value = 'This page was deleted. Undo brings it back, with its drawing.'
})

/** Wireframe and mockup are one drawing in one view; only the finish differs. */
const as = computed((): ShownAs => (route.name === 'mockup' ? 'mockup' : 'wireframe'))
provide(drawnAs, as)
const page = usePage(pageId, undefined, as)
provide(draftingPage, page)
provide(lengthReading, page.typedLength)
/** What is selected, for those who hear it. */
const spoken = computed(() => describeSelection(page.drawn.value, page.selected.value))
/** Others who have the project open see what is selected here. */
watch(
  () => [page.document.value, ...page.selection.value.slice(0, 8)],
  ([document, ...selected]) => project.beAt({ document, selected }),
  { immediate: true },
)
onScopeDispose(() => project.beAt(null))
const { put, insert } = useBlockCommands(page, isExporting, () => shelf.value?.focus())

const series = useSeriesFill(page)
/** what became of files that were dropped, or of a change beside what was asked */
const told = page.told
const { asked, named, cutLoose } = useSharedCommands(page)
const suggested = computed(() =>
  page.selection.value.length === 1 ? page.nameOf(page.selection.value[0]) : '',
)
const { panels: sizes, toggle: togglePanel } = usePanels()
useArrangeCommands(page)
const { isAlone } = usePresentation()
onScopeDispose(() => (isAlone.value = false))
useGuideCommands(page)
offerTagCommands()
offerOverlayCommands(['columns', 'rows', 'baseline', 'guides', 'folds', 'content'])
const { rulers, as: overlaysFor } = useOverlays()
watch(as, (now) => (overlaysFor.value = now), { immediate: true })
onScopeDispose(() => (overlaysFor.value = 'wireframe'))
const { chosen: shownIn, choose } = useViewport()
useCommands().offer([
  { id: 'rulers', label: 'Show or hide the rulers', keys: ['U'], run: () => (rulers.value = !rulers.value) },
  {
    id: 'left-panel',
    label: 'Close or open the outline and the shelf',
    keys: ['Alt+O'],
    run: () => togglePanel('left'),
  },
  {
    id: 'right-panel',
    label: 'Close or open the particulars',
    keys: ['Alt+P'],
    run: () => togglePanel('right'),
  },
  {
    id: 'patterns',
    label: 'Put a section pattern…',
    keys: ['P'],
    run: () => (isOnPatterns.value = true),
  },
  {
    id: 'skeleton',
    label: 'Skeleton and boxes of the page…',
    keys: ['Alt+X'],
    run: () => (page.panel.value = page.panel.value === 'skeleton' ? undefined : 'skeleton'),
  },
  {
    id: 'findings-here',
    label: 'Findings on the page…',
    keys: ['Alt+N'],
    run: () => (page.panel.value = page.panel.value === 'findings' ? undefined : 'findings'),
  },
  {
    id: 'eye',
    label: 'What the eye meets first on the page…',
    keys: ['Alt+Y'],
    run: () => (page.panel.value = page.panel.value === 'eye' ? undefined : 'eye'),
  },
  {
    id: 'frame',
    label: 'Show or hide the browser frame',
    keys: ['M'],
    run: () => choose({ isFramed: !shownIn.value.isFramed }),
  },
])

const putPattern = (label: string, blocks: Block[]) => insert(label, [blocks])

function closeTrouble() {
  trouble.value = ''
  page.trouble.value = ''
}

/** A link to a block of the page: it is selected, at the band that is meant. */
watch(
  [() => route.query.block, () => page.layout.value === undefined],
  ([block, isWaiting]) => {
    if (typeof block !== 'string' || isWaiting) return
    const band = page.bands.value.inOrder.find(({ id }) => id === route.query.band)
    const width = Number(route.query.width) || band?.drawnAt
    if (width) page.width.value = width
    page.select([block])
    void router.replace({ query: {} })
  },
  { immediate: true },
)

/** Opens a page; the keys go to it, as what was selected on the last may be meant for it. */
async function open(id: string) {
  await router.push({ name: as.value, params: { project: project.id, page: id } })
  ;(document.activeElement as HTMLElement | null)?.blur()
}

async function fillSeries(files: File[]) {
  told.value = await series.fill(files, page.records.value[0])
}

/** Adds picture files: the first to the picture block they were meant for, others as new blocks. */
async function addPictures(files: File[], block: string | undefined, leaf?: string[]) {
  trouble.value = ''
  if (!leaf && series.takes(files, block)) {
    told.value = await series.fill(files, block)
    return
  }
  for (const [index, file] of files.entries()) {
    try {
      const { id: asset, width, height } = await takePicture(project.id, file)
      const meant = index === 0 && block ? page.blocks.value[block] : undefined
      const path = meant && (leaf ?? leafShownBy(meant, 'picture'))
      const shown = { asset, width, height }
      if (meant && path)
        page.change('Choose picture', [
          { type: 'set', collection: 'blocks', id: meant.id, path, value: shown },
        ])
      else put({ ...pictureItem, block: { ...pictureItem.block, data: { file: shown } } })
    } catch (error) {
      trouble.value = (error as Error).message
    }
  }
}
</script>

<template>
  <main v-if="current" class="drafting">
    <div v-show="!isAlone" class="top">
      <div class="page">
        <PickField
          class="pick"
          label="Page"
          hide-label
          :value="pageId"
          :choices="pageChoices"
          @change="$event && open($event)"
        />
        <PageWays v-model:beside="isBeside" :page="pageId" :as="as" />
      </div>
      <WidthRail />
      <div class="tools">
        <PageStateSwitch />
        <OverlayPlace v-if="page.overlay.value" :overlay="page.overlay.value" />
        <MapDifference v-else :page="current" />
        <UnfinishedButton v-if="as === 'mockup'" />
        <FinishSwitch v-model="comparison" />
        <GuidePanel />
        <ShowPanel />
        <ElButton @click="isExporting = true">Take away…</ElButton>
      </div>
    </div>
    <TroubleNote class="trouble" :says="trouble || page.trouble.value" closable @close="closeTrouble" />
    <GuideStanding v-if="as === 'mockup'" />
    <FindingStrip />
    <p v-if="told" class="told" role="status">
      {{ told }}
      <ElButton link @click="told = ''">Close</ElButton>
    </p>
    <ElSplitter class="middle">
      <ElSplitterPanel
        v-if="!isAlone"
        v-model:size="sizes.left"
        :min="sizes.left ? 168 : 0"
        :max="440"
        collapsible
      >
        <div class="left">
          <OutlineList />
          <ShelfList
            ref="shelf"
            :bring="(item) => surface?.bring(item)"
            @patterns="isOnPatterns = true"
            @shared="isOnShared = true"
            @put="put"
          />
        </div>
      </ElSplitterPanel>
      <ElSplitterPanel>
        <div class="page-panel">
          <BandDesk v-if="page.isReady.value && isBeside" @pictures="addPictures" />
          <DrawingSurface
            v-else-if="page.isReady.value"
            ref="surface"
            :comparison="comparison"
            @pictures="addPictures"
          >
            <template #empty>
              <ElButton v-if="page.overlay.value" type="primary" @click="put(shelfItems[0])"
                >Put a section</ElButton
              >
              <DraftOffer v-else :page="current" @section="put(shelfItems[0])" />
            </template>
          </DrawingSurface>
          <p v-else class="loading soft" role="status">Loading the fonts…</p>
        </div>
      </ElSplitterPanel>
      <ElSplitterPanel
        v-if="!isAlone"
        v-model:size="sizes.right"
        :min="sizes.right ? 232 : 0"
        :max="480"
        collapsible
      >
        <PanelFrame v-if="page.panel.value" :key="page.panel.value" :title="panels[page.panel.value].title">
          <component :is="panels[page.panel.value].component" />
        </PanelFrame>
        <BlockParticulars v-else @fill="fillSeries" @pictures="addPictures" @loose="cutLoose" />
      </ElSplitterPanel>
    </ElSplitter>
    <p class="visually-hidden" aria-live="polite">{{ spoken }}</p>
    <MeasureStrip v-if="!isAlone" />
    <NameDialog :asked="asked" :suggested="suggested" @named="named" @leave="asked = undefined" />
    <SharedDialog v-model="isOnShared" @page="open" />
    <PatternShelf v-if="isOnPatterns" v-model="isOnPatterns" :page="current" @put="putPattern" />
    <ExportDialog v-model="isExporting" :page="pageId" :width="page.width.value" />
  </main>
  <main v-else class="none">
    <h1>There is no page to draw</h1>
    <p>{{ trouble || 'Drawings belong to pages. Plan the site map first.' }}</p>
    <RouterLink :to="{ name: 'map', params: { project: project.id } }">Go to the Map</RouterLink>
  </main>
</template>

<style scoped>
.drafting {
  display: flex;
  flex: 1;
  flex-direction: column;
  min-height: 0;
}
.top {
  display: flex;
  flex: none;
  align-items: center;
  height: 62px;
  background: var(--paper);
  border-bottom: 1px solid var(--hairline);
}
.page {
  display: grid;
  flex: none;
  gap: 2px;
  width: 244px;
  padding: 0 14px;
}
.page :deep(.el-select__placeholder) {
  font-weight: 700;
}
.tools {
  display: flex;
  flex: none;
  gap: 6px;
  align-items: center;
  padding: 0 14px 0 4px;
}
.middle {
  flex: 1;
  height: auto;
  min-height: 0;
}
.page-panel {
  display: flex;
  height: 100%;
  overflow: hidden;
}
.left {
  display: flex;
  flex-direction: column;
  height: 100%;
  background: var(--paper);
}
.trouble {
  flex: none;
}
.told {
  flex: none;
  margin: 0;
  padding: 6px 16px;
  background: var(--pine-tint);
}
.loading {
  flex: 1;
  padding: 64px;
  text-align: center;
}
.none {
  padding: 64px;
}
a {
  color: var(--pine);
}
</style>
