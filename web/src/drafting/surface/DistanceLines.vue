<script setup lang="ts">
import { computed } from 'vue'
import { columnPositions } from '@nolvex/core/grid/columnGrid'
import { centreOffset, distancesBetween, distancesToColumns } from '@nolvex/core/snap/distances'
import { boundsOf, isWithin, type Rect } from '@nolvex/core/snap/rect'
import { roundTo } from '@nolvex/core/units/length'
import { useDraftingPage } from '../useDraftingPage'
import SpanLine from './SpanLine.vue'
import { placeAt } from './place'

/** While its key is held: how far what is selected stands from whatever is pointed at; from the page where that is nothing. */
const props = defineProps<{
  selected: Rect[]
  pointed: Rect | undefined
  zoom: number
  width: number
  height: number
}>()
const own = computed(() => boundsOf(props.selected))
const other = computed(() => props.pointed ?? { x: 0, y: 0, w: props.width, h: props.height })
const { drawn } = useDraftingPage()
const columns = computed(() => (drawn.value.grid ? columnPositions(drawn.value.grid) : []))
/** What reaches over the whole width has the page's columns, which count, too. */
const hasColumns = computed(() => other.value.w >= props.width - 1)
const distances = computed(() => [
  ...distancesBetween(own.value, other.value),
  ...(hasColumns.value ? distancesToColumns(own.value, columns.value) : []),
])

const sideways = (px: number) =>
  Math.abs(px) < 0.5 ? '' : `${roundTo(Math.abs(px), 1)} ${px < 0 ? 'left' : 'right'}`
const upright = (px: number) =>
  Math.abs(px) < 0.5 ? '' : `${roundTo(Math.abs(px), 1)} ${px < 0 ? 'above' : 'below'}`
/** In what it stands in, its middle against the geometric centre and the one the eye sees. */
const centre = computed(() => {
  if (!isWithin(own.value, other.value)) return ''
  const { x, y, optical } = centreOffset(own.value, other.value)
  const geometric = [sideways(x), upright(y)].filter(Boolean).join(', ') || 'none'
  return `from the centre: ${geometric} · from the optical centre: ${upright(optical) || 'none'}`
})
</script>

<template>
  <div class="pointed" :style="placeAt(other, zoom)" />
  <SpanLine
    v-for="(distance, index) in distances"
    :key="index"
    :axis="distance.axis"
    :span="distance"
    :zoom="zoom"
  >
    {{ roundTo(distance.size, 2) }}
  </SpanLine>
  <div
    v-if="centre"
    class="centre px-tag"
    :style="{ left: `${own.x * zoom}px`, top: `${(own.y + own.h) * zoom + 6}px` }"
  >
    {{ centre }}
  </div>
</template>

<style scoped>
.pointed {
  position: absolute;
  z-index: 3;
  outline: 1px dashed var(--ink);
  pointer-events: none;
}
.centre {
  z-index: 4;
  background: var(--ink);
}
</style>
