<script setup lang="ts">
import { computed } from 'vue'
import type { WrittenGradient } from '@nolvex/core/block/looks/gradient'
import type { Json } from '@nolvex/core/document/types'
import { setLeaf } from '@nolvex/core/edit/blockChanges'
import type { Placed } from '@nolvex/core/snap/drawnPage'
import { gradientHandles, gradientTakenTo, stopTakenTo } from '@nolvex/core/snap/lookHandles'
import { followDrag } from '../../gestures/followDrag'
import { useDraftingPage } from '../useDraftingPage'

/** The line of a gradient over its block: its ends turn it, its colours are taken along it. */
const props = defineProps<{ block: Placed; zoom: number }>()
const page = useDraftingPage()
const PATH = ['look', 'gradient']

const written = computed((): WrittenGradient | undefined => {
  const { one } = page
  const value = one.value && page.value(one.value, PATH).value
  return value && value !== 'none' ? (value as unknown as WrittenGradient) : undefined
})
const handles = computed(() => written.value && gradientHandles(written.value, props.block))
const at = ({ x, y }: { x: number; y: number }) => ({
  left: `${x * props.zoom}px`,
  top: `${y * props.zoom}px`,
})

type Taken = (gradient: WrittenGradient, point: { x: number; y: number }) => WrittenGradient

/** Shown while it is dragged, and one step when it is let go. */
function drag(event: PointerEvent, from: { x: number; y: number }, taken: Taken) {
  event.stopPropagation()
  const before = written.value
  if (!before) return
  let now = before
  const operations = () => setLeaf(page.records.value, PATH, now as unknown as Json, page.at.value)
  followDrag(
    event,
    {
      move: (dx, dy) => {
        now = taken(before, { x: from.x + dx / props.zoom, y: from.y + dy / props.zoom })
        page.landing.value = operations()
      },
      end: (kept) => {
        page.landing.value = undefined
        if (kept) page.change('Move the gradient', operations())
      },
    },
    1,
  )
}
const end = (which: 'from' | 'to') => (event: PointerEvent) =>
  handles.value &&
  drag(event, handles.value[which], (gradient, point) => gradientTakenTo(gradient, which, point, props.block))
const stop = (index: number) => (event: PointerEvent) =>
  handles.value &&
  drag(event, handles.value.stops[index], (gradient, point) =>
    stopTakenTo(gradient, index, point, props.block),
  )
</script>

<template>
  <template v-if="handles && written">
    <svg class="line" aria-hidden="true">
      <line
        :x1="handles.from.x * zoom"
        :y1="handles.from.y * zoom"
        :x2="handles.to.x * zoom"
        :y2="handles.to.y * zoom"
      />
    </svg>
    <span
      class="end"
      data-gradient="from"
      :style="at(handles.from)"
      :title="written.type === 'radial' ? 'The middle of the gradient' : 'Where the gradient begins'"
      @pointerdown="end('from')($event)"
    ></span>
    <span
      v-if="written.type === 'linear'"
      class="end"
      data-gradient="to"
      :style="at(handles.to)"
      title="Where the gradient ends"
      @pointerdown="end('to')($event)"
    ></span>
    <span
      v-for="(point, index) in handles.stops"
      :key="index"
      class="stop"
      :style="at(point)"
      :title="`Colour ${index + 1}`"
      @pointerdown="stop(index)($event)"
    ></span>
  </template>
</template>

<style scoped>
.line {
  position: absolute;
  top: 0;
  left: 0;
  width: 1px;
  height: 1px;
  overflow: visible;
  pointer-events: none;
}
line {
  stroke: #fff;
  stroke-width: 2;
  paint-order: stroke;
  filter: drop-shadow(0 0 1px var(--ink));
}
.end,
.stop {
  position: absolute;
  z-index: 2;
  background: #fff;
  border: 2px solid var(--ink);
  translate: -50% -50%;
  cursor: grab;
  touch-action: none;
}
.end {
  width: 14px;
  height: 14px;
  border-radius: 50%;
}
.stop {
  width: 10px;
  height: 10px;
  rotate: 45deg;
}
</style>
