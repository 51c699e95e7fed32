<script setup lang="ts">
import { computed, nextTick, ref, watch } from 'vue'
import { kindOf, leafShownBy } from '@nolvex/core/block/block'
import type { ShelfItem } from '@nolvex/core/block/shelf'
import type { Placed } from '@nolvex/core/snap/drawnPage'
import type { Rect } from '@nolvex/core/snap/rect'
import GridLines from '../grid/GridLines.vue'
import { useOverlays } from '../grid/useOverlays'
import { useHeldKey } from './camera/useHeldKey'
import { usePresentation } from './camera/usePresentation'
import { putFromShelf } from './gestures/putFromShelf'
import { useGestures, type EdgeScroll } from './gestures/useGestures'
import FarDrawing from './FarDrawing.vue'
import PageBehind from './overlays/PageBehind.vue'
import PageDrawing from './PageDrawing.vue'
import DividedFinish from './surface/DividedFinish.vue'
import { useSeenAs } from '../review/eye/useSeenAs'
import { overlays, type SurfaceState } from './surface/overlays'
import UnderlayPicture from './UnderlayPicture.vue'
import { useDraftingPage } from './useDraftingPage'
import type { FinishName } from './usePainter'
import type { useFramedPage } from './useFramedPage'

/** A page at one width, drawn on by hand: what stands on it, what lies over it, and gestures. */
const props = defineProps<{
  zoom: number
  /** what of it is in view, px of the page */
  view: Rect
  /** the stretch of it that is drawn */
  drawn: { from: number; until: number }
  ground: string
  underlay?: ReturnType<typeof useFramedPage>['underlay']['value']
  /** a guide on its way out of a ruler */
  pulled?: { axis: 'x' | 'y'; at: number }
  atEdges: EdgeScroll
  /** the finish it is shown in up to a line across it */
  divided?: FinishName
  /** another page beside it is the one that is measured */
  isQuiet?: boolean
}>()
const { seenAs, heat } = useSeenAs()
const emit = defineEmits<{
  list: [event: MouseEvent, stack: Placed[]]
  pictures: [files: File[], block: string | undefined]
}>()
const page = useDraftingPage()
const { placed, pageWidth, pageHeight, bandGrid, selected, editing, blocks, shown } = page
const { boxes, spacing } = useOverlays()
const { isAlone } = usePresentation()
const sheet = ref<HTMLElement>()
/** Where a line of text would be 2 screen px high, bars stand for what is on the page. */
const FAR = 0.1
const isFar = computed(() => props.zoom < FAR)

function pagePoint({ clientX, clientY }: { clientX: number; clientY: number }) {
  const box = sheet.value?.getBoundingClientRect() ?? new DOMRect()
  return { x: (clientX - box.left) / props.zoom, y: (clientY - box.top) / props.zoom }
}
const hitBy = (event: MouseEvent) => page.under(pagePoint(event)).at(0)

const {
  press,
  follow: followGesture,
  preview,
} = useGestures(page, { zoom: () => props.zoom, pagePoint, atEdges: props.atEdges })

/** Begins to drag a new block over the page. @param isOver whether the pointer is where it may be let go */
function bring(item: ShelfItem, isOver: (now: PointerEvent) => boolean) {
  return followGesture(putFromShelf(page, item), undefined, isOver)
}

const hovered = ref<string>()
const isMeasured = useHeldKey('D')
const state = computed((): SurfaceState => ({
  zoom: props.zoom,
  width: pageWidth.value,
  height: pageHeight.value,
  view: props.view,
  selected: selected.value,
  hovered: hovered.value === undefined ? undefined : placed.value.get(hovered.value),
  preview: preview.value,
  pulled: props.pulled,
  edited: editing.value === undefined ? undefined : placed.value.get(editing.value),
  scales: page.scalePoints.value && { isBeside: props.underlay?.isBeside ?? false },
  original: page.original.value && placed.value.get(page.original.value.key),
  hasBoxes: boxes.value,
  hasSpacing: spacing.value,
  isFinished: page.as.value === 'mockup',
  hasSkeleton: page.panel.value === 'skeleton',
  marked: page.marked.value,
  isMeasured: isMeasured.value,
  isQuiet: props.isQuiet,
  ruler: page.ruler.value,
  heat: seenAs.value === 'heat' && !props.isQuiet ? heat.value : undefined,
}))
const laidOver = computed(() =>
  (isAlone.value ? [] : overlays).flatMap(({ name, component, props: propsOf }) => {
    const found = propsOf(state.value)
    return found ? [{ name, component, props: found }] : []
  }),
)

function edit(event: MouseEvent) {
  const hit = hitBy(event)
  const block = hit && blocks.value[hit.record]
  if (block && leafShownBy(block, 'richText')) {
    page.select([hit.key])
    editing.value = hit.key
  } else if (block && kindOf(block).expands === 'shared') void goInto(hit.key, pagePoint(event))
  else if (!hit && page.original.value) page.leave()
}
/** Goes into a copy, to what was pressed in it. */
async function goInto(copy: string, at: { x: number; y: number }) {
  page.enter(copy)
  await nextTick()
  const [inside] = page.under(at)
  if (inside) page.select([inside.key])
}
watch(editing, (key) => {
  if (key && !placed.value.has(key)) editing.value = undefined
})

function list(event: MouseEvent) {
  const stack = page.hits.value.at(pagePoint(event))
  if (stack.length) emit('list', event, stack)
}
function dropFiles(event: DragEvent) {
  const files = [...(event.dataTransfer?.files ?? [])]
  if (files.length) emit('pictures', files, hitBy(event)?.record)
}

defineExpose({ element: sheet, bring, press, pagePoint, preview })
</script>

<template>
  <div
    ref="sheet"
    class="sheet"
    :class="{ crosshair: page.toDraw.value || page.ruler.value }"
    :style="{
      width: `${pageWidth * zoom}px`,
      height: `${pageHeight * zoom}px`,
      marginTop: page.overlay.value && `${page.overlay.value.corner.y * zoom}px`,
      background: ground,
    }"
    @pointerdown="press"
    @pointermove="hovered = preview ? undefined : hitBy($event)?.key"
    @pointerleave="hovered = undefined"
    @dblclick="edit"
    @contextmenu="list"
    @dragover.prevent
    @drop.prevent.stop="dropFiles"
  >
    <PageBehind v-if="page.overlay.value && !isFar" :overlay="page.overlay.value" :zoom="zoom" />
    <svg
      class="drawing"
      :class="seenAs"
      :width="pageWidth"
      :height="pageHeight"
      :style="{ transform: `scale(${zoom})` }"
      role="img"
      :aria-label="`The page at ${page.width.value} px`"
    >
      <UnderlayPicture v-if="underlay && !underlay.isBeside" :underlay="underlay" />
      <PageDrawing v-if="shown && !isFar" :layout="shown" v-bind="drawn" />
      <GridLines v-if="!isAlone" :grid="bandGrid" :width="pageWidth" :height="pageHeight" />
    </svg>
    <DividedFinish
      v-if="divided && shown && !isFar"
      v-bind="{ zoom, drawn, layout: shown, finish: divided, width: pageWidth, height: pageHeight }"
    />
    <FarDrawing v-if="shown && isFar" :layout="shown" :zoom="zoom" :view="view" />
    <svg
      v-if="underlay?.isBeside"
      class="drawing beside"
      :width="pageWidth"
      :height="pageHeight"
      :style="{ transform: `scale(${zoom})` }"
      aria-hidden="true"
    >
      <UnderlayPicture :underlay="underlay" />
    </svg>
    <div v-if="placed.size === 0 && !preview" class="empty" @pointerdown.stop @dblclick.stop>
      <slot name="empty" />
    </div>
    <component :is="one.component" v-for="one in laidOver" :key="one.name" v-bind="one.props" />
  </div>
</template>

<style scoped>
.sheet {
  position: relative;
  overflow: visible;
  background: #fff;
  box-shadow: 0 0 0 1px var(--hairline);
  touch-action: none;
  user-select: none;
}
.sheet.crosshair {
  cursor: crosshair;
}
.drawing.squint {
  filter: blur(7px);
}
.drawing.grey {
  filter: grayscale(1);
}
.drawing {
  position: absolute;
  top: 0;
  left: 0;
  transform-origin: 0 0;
  pointer-events: none;
}
.drawing.beside {
  left: calc(100% + 12px);
}
.empty {
  position: absolute;
  top: 64px;
  left: 50%;
  transform: translateX(-50%);
}
</style>
