<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed, provide, watch } from 'vue'
import { bandDifferences } from '@nolvex/core/edit/bandDifferences'
import type { Band } from '@nolvex/core/site/site'
import type { Rect } from '@nolvex/core/snap/rect'
import { wrapsOf } from '@nolvex/core/snap/wraps'
import type { EdgeScroll } from '../gestures/useGestures'
import PageSheet from '../PageSheet.vue'
import { useFramedPage } from '../useFramedPage'
import { useDraftingPage } from '../useDraftingPage'
import { draftingPage, usePage } from '../usePage'

/** The page at one band among all: drawn on here, it changes at this band. */
const props = defineProps<{
  band: Band
  zoom: number
  view: Rect
  drawn: { from: number; until: number }
  atEdges: EdgeScroll
}>()
const emit = defineEmits<{ pictures: [files: File[], block: string | undefined] }>()
/** the page the panels beside it are of */
const main = useDraftingPage()
const page = usePage(main.page, { width: props.band.drawnAt, main })
watch(
  () => props.band.drawnAt,
  (px) => (page.width.value = px),
)
provide(draftingPage, page)
const { ground } = useFramedPage(page)

const isLead = computed(() => page.isLead.value)
const isEdited = computed(() => main.band.value.id === props.band.id)
const differences = computed(() => bandDifferences(page.blocks.value, page.at.value).length)
const lead = computed(() => page.bands.value.inOrder.find(({ id }) => id === page.bands.value.lead))
/** Texts that stand in one line at the lead and in more here; the lead is shown as well, so it is laid out anyway. */
const wraps = computed(() => {
  const first = isLead.value || !lead.value ? undefined : page.placedAt(lead.value.id, lead.value.drawnAt)
  return first ? wrapsOf(page.drawn.value, first) : []
})
watch(
  wraps,
  (found) => {
    page.marked.value = found.flatMap(({ key, lines }) => {
      const rect = page.placed.value.get(key)
      return rect ? [{ id: key, rect, says: `${lines} lines` }] : []
    })
  },
  { immediate: true },
)

/** The panels beside the page follow to the band one draws at. */
const enter = () => (main.width.value = props.band.drawnAt)
function listDifferences() {
  enter()
  main.panel.value = 'differences'
}
const outs = computed(() => page.overflows.value.length)
</script>

<template>
  <figure class="band-sheet" :class="{ edited: isEdited }" @pointerdown.capture="enter">
    <figcaption>
      <b>{{ band.name }} {{ band.drawnAt }}{{ isLead ? ' · lead' : '' }}</b>
      <ElButton v-if="differences" link :title="`List what differs at ${band.name}`" @click="listDifferences">
        {{ differences }} ≠
      </ElButton>
      <span v-if="outs" class="out">{{ outs === 1 ? '1 runs out' : `${outs} run out` }}</span>
      <span v-if="wraps.length" class="soft">{{
        wraps.length === 1 ? '1 wraps' : `${wraps.length} wrap`
      }}</span>
    </figcaption>
    <PageSheet
      v-bind="{ zoom, view, drawn, ground, atEdges }"
      :is-quiet="!isEdited"
      @pictures="(files, block) => emit('pictures', files, block)"
    />
  </figure>
</template>

<style scoped>
.band-sheet {
  flex: none;
  margin: 0;
}
figcaption {
  position: sticky;
  z-index: 4;
  top: 0;
  display: flex;
  gap: 10px;
  align-items: center;
  height: 28px;
  padding: 0 4px;
  background: var(--desk);
  white-space: nowrap;
}
.edited figcaption b {
  color: var(--pine);
  text-decoration: underline;
  text-underline-offset: 3px;
}
.out {
  color: var(--brick);
  font-weight: 600;
}
</style>
