<script setup lang="ts">
import { useElementSize, useEventListener } from '@vueuse/core'
import { computed, ref, shallowRef, watch } from 'vue'
import { leafShownBy } from '@nolvex/core/block/block'
import type { Rect } from '@nolvex/core/snap/snapEdges'
import GridLines from '../grid/GridLines.vue'
import BrowserFrame from '../screens/BrowserFrame.vue'
import FoldLines from '../screens/FoldLines.vue'
import DimensionLines from './DimensionLines.vue'
import DropPreview from './DropPreview.vue'
import { dropSpot, type DropSpot } from './dropSpot'
import GuideLayer from './guides/GuideLayer.vue'
import RulerBar from './guides/RulerBar.vue'
import { useRulers } from './guides/useRulers'
import { handles, resized, type Handle } from './resizeBlock'
import PageDrawing from './PageDrawing.vue'
import TextEditor from './TextEditor.vue'
import UnderlayPicture from './UnderlayPicture.vue'
import { followDrag } from './useDrag'
import { useDraftingPage } from './useDraftingPage'
import { useFramedPage } from './useFramedPage'
import type { Placed } from './usePage'

const emit = defineEmits<{ pictures: [files: File[], block: string | undefined] }>()
const page = useDraftingPage()
const { placed, pageWidth, pageHeight, bandGrid, selection, select, editing, blocks } = page

const surface = ref<HTMLElement>()
const desk = ref<HTMLElement>()
const pane = ref<HTMLElement>()
const sheet = ref<HTMLElement>()
const { width: deskWidth, height: deskHeight } = useElementSize(desk)
const scrollTop = ref(0)
const { framed, zoom, frameProps, paneStyle, underlay, ground } = useFramedPage(page, deskWidth, scrollTop)

/** The stretch of the page that is drawn: what is in view, and half as much above and below. */
const drawn = computed(() => {
  const margin = deskHeight.value * 0.5
  return {
    from: (scrollTop.value - margin) / zoom.value,
    until: (scrollTop.value + deskHeight.value + margin) / zoom.value,
  }
})

const selected = computed(() =>
  selection.value.map((id) => placed.value.get(id)).filter((one) => one !== undefined),
)
const single = computed(() => (selected.value.length === 1 ? selected.value[0] : undefined))

/** A section is as wide as the page; a block too small to hold four handles keeps its corner. */
const usableHandles = computed(() => {
  const { w = 0, h = 0, box } = single.value ?? {}
  if (box && single.value?.parent === null) return handles.filter(({ x }) => x === 0)
  return w * zoom.value < 48 || h * zoom.value < 14
    ? handles.filter(({ x, y }) => x === 1 && y === 1)
    : handles
})

const preview = shallowRef<{ ghost?: Rect; mark: Rect; lines: DropSpot['lines'] }>()
const hovered = ref<string>()
const frame = computed(() => (hovered.value && !preview.value ? placed.value.get(hovered.value) : undefined))

function pagePoint({ clientX, clientY }: { clientX: number; clientY: number }) {
  const box = sheet.value?.getBoundingClientRect() ?? new DOMRect()
  return { x: (clientX - box.left) / zoom.value, y: (clientY - box.top) / zoom.value }
}

/** The innermost block at a point. */
function blockAt(point: { x: number; y: number }): Placed | undefined {
  let found: Placed | undefined
  for (const one of placed.value.values()) {
    const isOver = point.x >= one.x && point.x < one.x + one.w && point.y >= one.y && point.y < one.y + one.h
    if (isOver && (!found || one.depth >= found.depth)) found = one
  }
  return found
}

function press(event: PointerEvent) {
  if (event.button !== 0) return
  const hit = blockAt(pagePoint(event))
  if (!hit) return select([])
  const isChosen = selection.value.includes(hit.id)
  if (event.shiftKey)
    return select(isChosen ? selection.value.filter((id) => id !== hit.id) : [...selection.value, hit.id])
  const inChosen = selected.value.find((one) => contains(one.id, hit.id))
  const grabbed = inChosen ?? hit
  if (!inChosen) select([hit.id])
  let moved = false
  let spot: DropSpot | undefined
  const block = blocks.value[grabbed.id]
  if (!block || block.locked) return
  followDrag(event, {
    move: (dx, dy, at) => {
      moved = true
      const ghost = {
        x: grabbed.x + dx / zoom.value,
        y: grabbed.y + dy / zoom.value,
        w: grabbed.w,
        h: grabbed.h,
      }
      spot = dropSpot(page, block, ghost, pagePoint(at))
      preview.value = { ghost, mark: spot?.mark ?? ghost, lines: spot?.lines ?? { x: [], y: [] } }
    },
    end: (kept) => {
      preview.value = undefined
      if (kept && moved && spot) page.change(`Move ${page.nameOf(grabbed.id)}`, spot.operations())
    },
  })
  if (inChosen && inChosen.id !== hit.id) {
    useOnce('pointerup', () => !moved && select([hit.id]))
  }
}

function useOnce(name: 'pointerup', run: () => void) {
  window.addEventListener(name, run, { once: true })
}

function contains(outer: string, inner: string): boolean {
  for (let here: string | null = inner; here; here = placed.value.get(here)?.parent ?? null)
    if (here === outer) return true
  return false
}

function resize(event: PointerEvent, handle: Handle) {
  const block = page.one.value
  if (!block || block.locked) return
  event.stopPropagation()
  let last: ReturnType<typeof resized>
  followDrag(event, {
    move: (dx, dy) => {
      last = resized(page, block, handle, dx / zoom.value, dy / zoom.value)
      if (last)
        preview.value = { mark: last.mark, lines: { x: [last.mark.x, last.mark.x + last.mark.w], y: [] } }
    },
    end: (kept) => {
      preview.value = undefined
      if (kept && last) page.change(`Resize ${page.nameOf(block.id)}`, last.operations())
    },
  })
}

function edit(event: MouseEvent) {
  const hit = blockAt(pagePoint(event))
  const block = hit && blocks.value[hit.id]
  if (block && leafShownBy(block, 'richText')) editing.value = block.id
}

function dropFiles(event: DragEvent) {
  const files = [...(event.dataTransfer?.files ?? [])]
  const hit = blockAt(pagePoint(event))
  if (files.length) emit('pictures', files, hit?.id)
}

watch(editing, (id) => {
  if (id && !placed.value.has(id)) editing.value = undefined
})
const {
  isShown: hasRulers,
  origin,
  follow,
  pulled,
  pull,
} = useRulers(page, { surface, sheet, moves: [zoom, deskWidth, deskHeight, pageWidth, framed], pagePoint })

/** What scrolls the page is the desk, or the window its browser frame leaves. */
function scrolled() {
  scrollTop.value = (framed.value ? pane.value : desk.value)?.scrollTop ?? 0
  follow()
}
useEventListener(desk, 'scroll', scrolled, { passive: true })
useEventListener(pane, 'scroll', scrolled, { passive: true })
watch(framed, scrolled, { flush: 'post' })

const place = ({ x, y, w, h }: Rect) => ({
  left: `${x * zoom.value}px`,
  top: `${y * zoom.value}px`,
  width: `${w * zoom.value}px`,
  height: `${h * zoom.value}px`,
})
</script>

<template>
  <div ref="surface" class="surface" :class="{ 'with-rulers': hasRulers }">
    <template v-if="hasRulers">
      <RulerBar axis="x" :origin="origin.x" :zoom="zoom" :length="deskWidth" @pull="pull('y', $event)" />
      <RulerBar axis="y" :origin="origin.y" :zoom="zoom" :length="deskHeight" @pull="pull('x', $event)" />
    </template>
    <div ref="desk" class="desk" tabindex="-1" @dragover.prevent @drop.prevent="dropFiles">
      <component :is="framed ? BrowserFrame : 'div'" v-bind="frameProps">
        <div ref="pane" class="pane" :class="{ framed }" :style="paneStyle">
          <div
            ref="sheet"
            class="sheet"
            :style="{ width: `${pageWidth * zoom}px`, height: `${pageHeight * zoom}px`, background: ground }"
            @pointerdown="press"
            @pointermove="hovered = preview ? undefined : blockAt(pagePoint($event))?.id"
            @pointerleave="hovered = undefined"
            @dblclick="edit"
          >
            <svg
              class="drawing"
              :width="pageWidth"
              :height="pageHeight"
              :style="{ transform: `scale(${zoom})` }"
              role="img"
              :aria-label="`The page at ${page.width.value} px`"
            >
              <UnderlayPicture v-if="underlay" :underlay="underlay" />
              <PageDrawing v-if="page.layout.value" :layout="page.layout.value" v-bind="drawn" />
              <GridLines :grid="bandGrid" :width="pageWidth" :height="pageHeight" />
            </svg>
            <FoldLines :zoom="zoom" :width="pageWidth" />
            <GuideLayer :zoom="zoom" :width="pageWidth" :height="pageHeight" />
            <div
              v-if="pulled"
              class="pulled-guide"
              :class="pulled.axis"
              :style="{ [pulled.axis === 'x' ? 'left' : 'top']: `${pulled.at * zoom}px` }"
            >
              <span class="px-tag">{{ pulled.at }} px</span>
            </div>
            <div v-if="placed.size === 0" class="empty">
              <slot name="empty" />
            </div>
            <div
              v-if="frame && !selection.includes(frame.id)"
              class="outline hovered"
              :style="place(frame)"
            />
            <div
              v-for="one in selected"
              :key="one.id"
              class="outline selected"
              :data-selected="one.id"
              :style="place(one)"
            >
              <template v-if="single && !editing">
                <span
                  v-for="handle in usableHandles"
                  :key="handle.name"
                  class="handle"
                  :class="[`x${handle.x} y${handle.y}`, { pulled: preview }]"
                  :title="`Pull the ${handle.name}`"
                  :data-handle="handle.name"
                  @pointerdown="resize($event, handle)"
                />
              </template>
            </div>
            <DimensionLines v-if="single && !preview && !editing" :block="single" :zoom="zoom" />
            <DropPreview v-if="preview" v-bind="preview" :zoom="zoom" />
            <TextEditor
              v-if="editing && placed.get(editing)"
              :key="editing"
              :placed="placed.get(editing)!"
              :zoom="zoom"
              @pointerdown.stop
              @dblclick.stop
            />
          </div>
        </div>
      </component>
    </div>
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
.outline {
  position: absolute;
  pointer-events: none;
}
.hovered {
  outline: 1px solid var(--slate);
}
.selected {
  outline: 2px solid var(--pine);
}
.handle {
  position: absolute;
  width: 10px;
  height: 10px;
  background: var(--paper);
  border: 2px solid var(--pine);
  pointer-events: auto;
}
/* Still there while pulled: an element that leaves the page loses the pointer. */
.handle.pulled {
  opacity: 0;
}
.handle.x1 {
  right: -6px;
}
.handle.x-1 {
  left: -6px;
}
.handle.x0 {
  left: calc(50% - 5px);
}
.handle.y0 {
  top: calc(50% - 5px);
}
.handle.y1 {
  bottom: -6px;
}
.handle.y0 {
  cursor: ew-resize;
}
.handle.x0 {
  cursor: ns-resize;
}
.handle.x1.y1 {
  cursor: nwse-resize;
}
.pulled-guide {
  position: absolute;
  pointer-events: none;
}
.pulled-guide.x {
  top: 0;
  bottom: 0;
  border-left: 1px solid var(--ochre);
}
.pulled-guide.y {
  right: 0;
  left: 0;
  border-top: 1px solid var(--ochre);
}
.empty {
  position: absolute;
  top: 64px;
  left: 50%;
  transform: translateX(-50%);
}
</style>
