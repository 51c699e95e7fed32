<script setup lang="ts">
import { computed, ref } from 'vue'
import { COMMON_BANDS } from '@nolvex/core/grid/commonBands'
import { bandsOf } from '@nolvex/core/resolve/resolvePage'
import { pagesInOrder } from '@nolvex/core/site/treeOrder'
import TroubleNote from '../forms/TroubleNote.vue'
import ChoiceField from '../forms/ChoiceField.vue'
import { useProject } from '../session/projectStore'
import BandSection from './BandSection.vue'
import BandsSideBySide from './BandsSideBySide.vue'
import GridShelf from './GridShelf.vue'
import { useBandChanges } from './useBandChanges'
import { useBandPages } from './useBandPages'
import { offerOverlayCommands } from './useOverlays'

/** The bands of the site with their grids, live on a page at all bands. */
const project = useProject()
const changes = useBandChanges()
const bands = computed(() => bandsOf(project.site))
/** The lead band is set first: the others hang on it. */
const leadFirst = computed(() => {
  const { inOrder, lead } = bands.value
  return [...inOrder.filter(({ id }) => id === lead), ...inOrder.filter(({ id }) => id !== lead)]
})
const chosen = ref<string>()
const pages = computed(() =>
  pagesInOrder(project.site.records.pages).filter(({ page }) => page.kind !== 'external'),
)
const page = computed(() => {
  const isThere = pages.value.some(({ page: { id } }) => id === chosen.value)
  const drawn = pages.value.find(({ page: { id } }) => project.drawing(id))
  return isThere ? chosen.value : (drawn ?? pages.value[0])?.page.id
})
const pageChoices = computed(() =>
  Object.fromEntries(pages.value.map(({ page: { id, title } }) => [id, title || 'Untitled'])),
)
const bandPages = useBandPages(page)
offerOverlayCommands(['columns', 'rows', 'baseline', 'content'])

function start(index: string | undefined) {
  const set = index === undefined ? undefined : COMMON_BANDS[Number(index)]
  if (set) changes.use(`Start from ${set.bands.length} bands`, set.bands)
}
const setChoices = Object.fromEntries(COMMON_BANDS.map(({ label }, index) => [String(index), label]))
const says = computed(() => (changes.trouble.value?.band === '' ? changes.trouble.value.says : ''))
</script>

<template>
  <div class="board">
    <div class="above">
      <b>{{ bands.inOrder.length === 1 ? '1 band' : `${bands.inOrder.length} bands` }}</b>
      <ChoiceField
        label="Start from a common set"
        hide-label
        :choices="setChoices"
        none="Start from a common set…"
        @change="start"
      />
      <ChoiceField
        v-if="pages.length"
        label="Page shown"
        hide-label
        :value="page"
        :choices="pageChoices"
        @change="chosen = $event"
      />
      <span class="soft">Type any figure; arrow keys step it, with Shift by ten.</span>
    </div>
    <TroubleNote :says="says" />
    <BandsSideBySide v-if="page" class="previews" :pages="bandPages" :lead="bands.lead" />
    <p v-else class="soft">
      There is no page yet; grids can be set all the same.
      <RouterLink :to="{ name: 'map', params: { project: project.id } }">Plan the site map</RouterLink>
    </p>
    <BandSection
      v-for="band in leadFirst"
      :key="band.id"
      :band="band"
      :bands="bands.inOrder"
      :lead="bands.lead"
      :changes="changes"
    />
  </div>
  <GridShelf :page="page" :bands="bands.inOrder" />
</template>

<style scoped>
.board {
  display: flex;
  flex-direction: column;
  gap: 16px;
}
.board > * {
  flex: none;
}
/* What a typed figure does is seen while it is typed, however far down. */
.previews {
  position: sticky;
  top: -16px;
  z-index: 3;
  padding: 16px 0 8px;
  margin-top: -16px;
  background: var(--desk);
}
.above {
  display: flex;
  gap: 12px;
  align-items: center;
}
a {
  color: var(--pine);
}
</style>
