<script setup lang="ts">
import { useEventListener } from '@vueuse/core'
import { ElButton } from 'element-plus'
import { computed, nextTick, provide, ref, watch } from 'vue'
import { kindOf, leafShownBy } from '@nolvex/core/block/block'
import type { Placed } from '@nolvex/core/snap/drawnPage'
import type { ShelfItem } from '@nolvex/core/block/shelf'
import GridLines from '../grid/GridLines.vue'
import { useOverlays } from '../grid/useOverlays'
import BrowserFrame from '../screens/BrowserFrame.vue'
import { draftingCamera } from './camera/camera'
import CameraBar from './camera/CameraBar.vue'
import PageOverview from './camera/PageOverview.vue'
import { useCamera } from './camera/useCamera'
import { useCameraCommands } from './camera/useCameraCommands'
import { usePresentation } from './camera/usePresentation'
import { useScrollAtEdges } from './camera/useScrollAtEdges'
import FollowStrip from './FollowStrip.vue'
import { putFromShelf } from './gestures/putFromShelf'
import { useGestures } from './gestures/useGestures'
import RulerBar from './guides/RulerBar.vue'
import { useRulers } from './guides/useRulers'
import PageDrawing from './PageDrawing.vue'
import StackList from './surface/StackList.vue'
import { overlays, type SurfaceState } from './surface/overlays'
import UnderlayPicture from './UnderlayPicture.vue'
import { useDraftingPage } from './useDraftingPage'
import { useFramedPage } from './useFramedPage'
import { FINISHES, useFinish, type FinishName } from './usePainter'

const props = defineProps<{
  /** the page stands a second time beside itself, in the other finish */
  isCompared: boolean
}>()
const emit = defineEmits<{ pictures: [files: File[], block: string | undefined] }>()
const page = useDraftingPage()
const { placed, pageWidth, pageHeight, bandGrid, selected, editing, blocks } = page

const surface = ref<HTMLElement>()
const desk = ref<HTMLElement>()
const pane = ref<HTMLElement>()
const sheet = ref<HTMLElement>()
const { finish } = useFinish()
const other = computed((): FinishName => (finish.value === 'sketch' ? 'plain' : 'sketch'))
const { framed, natural, frameProps, paneStyle, underlay, ground } = useFramedPage(page)
/** What scrolls the page is the desk, or the window its browser frame leaves. */
const scroller = () => (framed.value ? pane.value : desk.value)
const beside = computed(() => (props.isCompared ? 2 : 1))
const { camera, deskWidth, deskHeight, scroll, isPanning, ...moving } = useCamera({
  ...{ desk, scroller, sheet, natural, beside },
})
const { zoom, view } = camera
provide(draftingCamera, camera)
useCameraCommands(page, camera)
const { boxes, overview } = useOverlays()
const { isAlone } = usePresentation()
const atEdges = useScrollAtEdges(desk, moving.scrollBy)

function pagePoint({ clientX, clientY }: { clientX: number; clientY: number }) {
  const box = sheet.value?.getBoundingClientRect() ?? new DOMRect()
  return { x: (clientX - box.left) / zoom.value, y: (clientY - box.top) / zoom.value }
}
const hitBy = (event: MouseEvent) => page.under(pagePoint(event)).at(0)

/** While something is dragged, the page as it would then stand. */
const shown = computed(() => page.landed.value?.layout ?? page.layout.value)

/** The stretch of the page that is drawn: what is in view, and half as much above and below. */
const drawn = computed(() => {
  const margin = deskHeight.value * 0.5
  return {
    from: (scroll.value.top - margin) / zoom.value,
    until: (scroll.value.top + deskHeight.value + margin) / zoom.value,
  }
})

const { press, follow: followGesture, preview } = useGestures(page, { zoom, pagePoint, atEdges })
/** Begins to drag a new block over the page; it comes to it where the pointer is let go on the desk. */
function bring(item: ShelfItem) {
  const { left, right, top, bottom } = desk.value?.getBoundingClientRect() ?? new DOMRect()
  return followGesture(
    putFromShelf(page, item),
    undefined,
    ({ clientX: x, clientY: y }) => x > left && x < right && y > top && y < bottom,
  )
}
defineExpose({ bring })
const hovered = ref<string>()
const {
  isShown: hasRulers,
  origin,
  follow,
  pulled,
  pull,
} = useRulers(page, { surface, sheet, moves: [zoom, deskWidth, deskHeight, pageWidth, framed], pagePoint })

const state = computed((): SurfaceState => ({
  zoom: zoom.value,
  width: pageWidth.value,
  height: pageHeight.value,
  selected: selected.value,
  hovered: hovered.value === undefined ? undefined : placed.value.get(hovered.value),
  preview: preview.value,
  pulled: pulled.value,
  edited: editing.value === undefined ? undefined : placed.value.get(editing.value),
  scales: page.scalePoints.value && { isBeside: underlay.value?.isBeside ?? false },
  original: page.original.value && placed.value.get(page.original.value.key),
  boxes: boxes.value ? view.value : undefined,
}))
const laidOver = computed(() =>
  (isAlone.value ? [] : overlays).flatMap(({ name, component, props }) => {
    const shown = props(state.value)
    return shown ? [{ name, component, props: shown }] : []
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

/** Beside the page, but not on a scroll bar of the desk. */
function pressBeside(event: PointerEvent) {
  const { target, currentTarget } = event
  const isOnBar = event.offsetX > (currentTarget as HTMLElement).clientWidth
  if ((target === desk.value && !isOnBar) || target === pane.value) press(event)
}

/** All that stands where the pointer is, to choose from. */
const listed = ref<{ at: { x: number; y: number }; stack: Placed[] }>()
function list(event: MouseEvent) {
  const stack = page.hits.value.at(pagePoint(event))
  if (stack.length === 0) return
  event.preventDefault()
  const { left, top } = surface.value?.getBoundingClientRect() ?? new DOMRect()
  listed.value = { at: { x: event.clientX - left, y: event.clientY - top }, stack }
}

function dropFiles(event: DragEvent) {
  const files = [...(event.dataTransfer?.files ?? [])]
  if (files.length) emit('pictures', files, hitBy(event)?.record)
}

function scrolled() {
  moving.scrolled()
  follow()
}

/** The page follows to what is selected where none of it is in view. */
const AROUND = 40
watch(
  () => page.selection.value.join(' '),
  () => {
    const [one] = selected.value
    const element = scroller()
    if (!one || !element || preview.value) return
    const [top, bottom] = [one.y * zoom.value, (one.y + one.h) * zoom.value]
    const isSeen = bottom > element.scrollTop && top < element.scrollTop + element.clientHeight
    if (!isSeen) element.scrollTo({ top: top - AROUND })
  },
  { flush: 'post' },
)
useEventListener(desk, 'scroll', scrolled, { passive: true })
useEventListener(pane, 'scroll', scrolled, { passive: true })
watch([framed, zoom, deskWidth, deskHeight], scrolled, { flush: 'post' })
</script>

<template>
  <div
    ref="surface"
    class="surface"
    :class="{
      'with-rulers': hasRulers && !isAlone,
      alone: isAlone,
      panning: isPanning,
      drawing: page.toDraw.value,
    }"
  >
    <template v-if="hasRulers && !isAlone">
      <RulerBar axis="x" :origin="origin.x" :zoom="zoom" :length="deskWidth" @pull="pull('y', $event)" />
      <RulerBar axis="y" :origin="origin.y" :zoom="zoom" :length="deskHeight" @pull="pull('x', $event)" />
    </template>
    <div
      ref="desk"
      role="region"
      aria-label="The page"
      class="desk"
      :class="{ compared: isCompared }"
      tabindex="0"
      @pointerdown="pressBeside"
      @dragover.prevent
      @drop.prevent="dropFiles"
    >
      <component :is="framed ? BrowserFrame : 'div'" v-bind="frameProps(zoom, scroll.top)">
        <div ref="pane" class="pane" :class="{ framed }" :style="paneStyle(zoom)">
          <div
            ref="sheet"
            class="sheet"
            :style="{ width: `${pageWidth * zoom}px`, height: `${pageHeight * zoom}px`, background: ground }"
            @pointerdown="press"
            @pointermove="hovered = preview ? undefined : hitBy($event)?.key"
            @pointerleave="hovered = undefined"
            @dblclick="edit"
            @contextmenu="list"
          >
            <svg
              class="drawing"
              :width="pageWidth"
              :height="pageHeight"
              :style="{ transform: `scale(${zoom})` }"
              role="img"
              :aria-label="`The page at ${page.width.value} px`"
            >
              <UnderlayPicture v-if="underlay && !underlay.isBeside" :underlay="underlay" />
              <PageDrawing v-if="shown" :layout="shown" v-bind="drawn" />
              <GridLines v-if="!isAlone" :grid="bandGrid" :width="pageWidth" :height="pageHeight" />
            </svg>
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
            <div v-if="placed.size === 0 && !preview" class="empty">
              <slot name="empty" />
            </div>
            <component :is="one.component" v-for="one in laidOver" :key="one.name" v-bind="one.props" />
          </div>
        </div>
      </component>
      <figure v-if="isCompared && shown" class="other">
        <svg
          :width="pageWidth * zoom"
          :height="pageHeight * zoom"
          :viewBox="`0 0 ${pageWidth} ${pageHeight}`"
          role="img"
          :aria-label="`The page in ${FINISHES[other].toLowerCase()}`"
        >
          <rect :width="pageWidth" :height="pageHeight" fill="#fff" />
          <PageDrawing :layout="shown" v-bind="drawn" :finish="other" />
        </svg>
        <figcaption class="soft">{{ FINISHES[other] }}</figcaption>
      </figure>
    </div>
    <PageOverview v-if="overview && !isAlone && view.h < pageHeight" :height="deskHeight" />
    <FollowStrip />
    <StackList v-if="listed" v-bind="listed" @leave="listed = undefined" />
    <CameraBar v-if="!isAlone" class="camera" />
    <ElButton v-else class="camera" @click="isAlone = false">Back to drafting (L)</ElButton>
  </div>
</template>

<style scoped>
.surface {
  position: relative;
  display: flex;
  flex: 1;
  min-width: 0;
}
.surface.with-rulers {
  padding: 18px 0 0 18px;
}
.desk {
  flex: 1;
  min-width: 0;
  overflow: auto;
  outline: none;
}
.compared {
  display: flex;
  align-items: start;
}
.compared > :first-child {
  flex: 1;
}
.other {
  position: relative;
  flex: 1;
  margin: 20px auto 80px;
  text-align: center;
}
.other > svg {
  box-shadow: 0 0 0 1px var(--hairline);
}
figcaption {
  position: absolute;
  inset: -18px 0 auto;
}
.camera {
  position: absolute;
  z-index: 5;
  right: 20px;
  bottom: 12px;
}
.alone .camera:not(:hover, :focus) {
  opacity: 0.5;
}
.panning .desk,
.panning .sheet {
  cursor: grab;
}
.surface.crosshair .sheet {
  cursor: crosshair;
}
.desk:focus-visible {
  box-shadow: inset 0 0 0 2px var(--pine);
}
.pane:not(.framed) {
  margin: 20px auto 80px;
}
.pane.framed {
  overflow: hidden auto;
  scrollbar-width: none;
}
.sheet {
  position: relative;
  overflow: visible;
  background: #fff;
  box-shadow: 0 0 0 1px var(--hairline);
  touch-action: none;
  user-select: none;
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
