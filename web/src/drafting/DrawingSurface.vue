<script setup lang="ts">
import { useElementSize, useEventListener } from '@vueuse/core'
import { computed, ref, shallowRef, watch } from 'vue'
import type { Box } from '@nolvex/core/layout/box'
import { columnPositions } from '@nolvex/core/grid/columnGrid'
import { paintPlain } from '@nolvex/core/paint/plainFinish'
import type { Shape } from '@nolvex/core/paint/shape'
import { blockKinds } from '@nolvex/core/block/kinds'
import type { Rect } from '@nolvex/core/snap/snapEdges'
import { assetAddress } from '../session/api'
import { useProject } from '../session/projectStore'
import BlockShapes from './BlockShapes.vue'
import DimensionLines from './DimensionLines.vue'
import { dropSpot, type DropSpot } from './dropSpot'
import { handles, resized, type Handle } from './resizeBlock'
import TextEditor from './TextEditor.vue'
import { followDrag } from './useDrag'
import { useDraftingPage } from './useDraftingPage'
import type { Placed } from './usePage'

const emit = defineEmits<{ pictures: [files: File[], block: string | undefined] }>()
const project = useProject()
const page = useDraftingPage()
const { placed, layout, width, grid, selection, select, editing, blocks, showColumns } = page

const desk = ref<HTMLElement>()
const { width: deskWidth, height: deskHeight } = useElementSize(desk)
const scrollTop = ref(0)
const zoom = computed(() => Math.min(1, (deskWidth.value - 48) / width.value) || 1)
const pageHeight = computed(() => Math.max(layout.value?.height ?? 0, 480))

interface Painted extends Placed {
  shapes: Shape[]
}
const painted = new WeakMap<Box, { w: number; h: number; shapes: Shape[] }>()

function shapesOf(box: Box): Shape[] {
  const kept = painted.get(box)
  if (kept && kept.w === box.w && kept.h === box.h) return kept.shapes
  const shapes = paintPlain(box, ({ asset }) => asset && assetAddress(project.id, asset))
  painted.set(box, { w: box.w, h: box.h, shapes })
  return shapes
}

const CULL_ABOVE = 300
/** Only blocks near the part in view are mounted, once there are many. */
const shown = computed((): Painted[] => {
  const all = [...placed.value.values()]
  const margin = deskHeight.value * 0.5
  const [top, bottom] = [
    (scrollTop.value - margin) / zoom.value,
    (scrollTop.value + deskHeight.value + margin) / zoom.value,
  ]
  const near = all.length < CULL_ABOVE ? all : all.filter(({ y, h }) => y + h >= top && y <= bottom)
  return near.map((one) => ({ ...one, shapes: shapesOf(one.box) })).filter(({ shapes }) => shapes.length)
})

const columns = computed(() => (showColumns.value && grid.value ? columnPositions(grid.value) : []))
const selected = computed(() =>
  selection.value.map((id) => placed.value.get(id)).filter((one) => one !== undefined),
)
const single = computed(() => (selected.value.length === 1 ? selected.value[0] : undefined))

/** A section is as wide as the page; a block too small to hold four handles keeps its corner. */
const usableHandles = computed(() => {
  const { w = 0, h = 0, box } = single.value ?? {}
  if (box?.node.kind === 'section') return handles.filter(({ x }) => x === 0)
  return w * zoom.value < 48 || h * zoom.value < 14
    ? handles.filter(({ x, y }) => x === 1 && y === 1)
    : handles
})

const preview = shallowRef<{ ghost?: Rect; mark: Rect; lines: DropSpot['lines'] }>()
const hovered = ref<string>()
const frame = computed(() => (hovered.value && !preview.value ? placed.value.get(hovered.value) : undefined))

function pagePoint({ clientX, clientY }: { clientX: number; clientY: number }) {
  const box = desk.value?.querySelector('.sheet')?.getBoundingClientRect() ?? new DOMRect()
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
  if (block && blockKinds[block.kind].holds === 'text') editing.value = block.id
}

function dropFiles(event: DragEvent) {
  const files = [...(event.dataTransfer?.files ?? [])]
  const hit = blockAt(pagePoint(event))
  if (files.length) emit('pictures', files, hit?.id)
}

watch(editing, (id) => {
  if (id && !placed.value.has(id)) editing.value = undefined
})
useEventListener(desk, 'scroll', () => (scrollTop.value = desk.value?.scrollTop ?? 0), { passive: true })

const place = ({ x, y, w, h }: Rect) => ({
  left: `${x * zoom.value}px`,
  top: `${y * zoom.value}px`,
  width: `${w * zoom.value}px`,
  height: `${h * zoom.value}px`,
})
</script>

<template>
  <div ref="desk" class="desk" tabindex="-1" @dragover.prevent @drop.prevent="dropFiles">
    <div
      class="sheet"
      :style="{ width: `${width * zoom}px`, height: `${pageHeight * zoom}px` }"
      @pointerdown="press"
      @pointermove="hovered = preview ? undefined : blockAt(pagePoint($event))?.id"
      @pointerleave="hovered = undefined"
      @dblclick="edit"
    >
      <svg
        class="drawing"
        :width="width"
        :height="pageHeight"
        :style="{ transform: `scale(${zoom})` }"
        role="img"
        :aria-label="`The page at ${width} px`"
      >
        <rect :width="width" :height="pageHeight" fill="#fff" />
        <BlockShapes
          v-for="one in shown"
          :id="one.id"
          :key="one.id"
          :x="one.x"
          :y="one.y"
          :shapes="one.shapes"
        />
        <rect
          v-for="column in columns"
          :key="column.left"
          class="column"
          :x="column.left"
          y="0"
          :width="column.width"
          :height="pageHeight"
        />
      </svg>
      <div v-if="placed.size === 0" class="empty">
        <slot name="empty" />
      </div>
      <div v-if="frame && !selection.includes(frame.id)" class="outline hovered" :style="place(frame)" />
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
      <template v-if="preview">
        <div v-if="preview.ghost" class="ghost" :style="place(preview.ghost)" />
        <div class="mark" :style="place(preview.mark)" />
        <div
          v-for="x in preview.lines.x"
          :key="`x${x}`"
          class="line vertical"
          :style="{ left: `${x * zoom}px` }"
        />
        <div
          v-for="y in preview.lines.y"
          :key="`y${y}`"
          class="line horizontal"
          :style="{ top: `${y * zoom}px` }"
        />
      </template>
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
</template>

<style scoped>
.desk {
  flex: 1;
  min-width: 0;
  overflow: auto;
  outline: none;
}
.sheet {
  position: relative;
  margin: 20px auto 80px;
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
.column {
  fill: var(--pine);
  opacity: 0.06;
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
.ghost {
  position: absolute;
  background: rgb(31 91 76 / 10%);
  border: 1px dashed var(--pine);
  pointer-events: none;
}
.mark {
  position: absolute;
  min-width: 2px;
  min-height: 2px;
  background: rgb(185 119 14 / 18%);
  outline: 1px solid var(--ochre);
  pointer-events: none;
}
.line {
  position: absolute;
  pointer-events: none;
}
.vertical {
  top: 0;
  bottom: 0;
  border-left: 1px solid var(--ochre);
}
.horizontal {
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
