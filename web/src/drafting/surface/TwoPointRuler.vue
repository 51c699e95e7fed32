<script setup lang="ts">
import { computed } from 'vue'
import { roundTo } from '@nolvex/core/units/length'
import type { Point } from '../gestures/gesture'

/** A ruler laid between two points of the page: how far apart they are, across, down and along. */
const props = defineProps<{ from: Point; to: Point; zoom: number }>()
const dx = computed(() => props.to.x - props.from.x)
const dy = computed(() => props.to.y - props.from.y)
const says = computed(() => {
  const along = Math.hypot(dx.value, dy.value)
  const turned = (Math.atan2(-dy.value, dx.value) * 180) / Math.PI
  return `${roundTo(along, 1)} px · ${roundTo(Math.abs(dx.value), 1)} across, ${roundTo(Math.abs(dy.value), 1)} down · ${Math.round(turned)}°`
})
const at = (px: number) => px * props.zoom
</script>

<template>
  <svg class="two-points" width="100%" height="100%" aria-hidden="true">
    <path :d="`M${at(from.x)} ${at(from.y)}H${at(to.x)}V${at(to.y)}`" class="legs" />
    <line :x1="at(from.x)" :y1="at(from.y)" :x2="at(to.x)" :y2="at(to.y)" />
    <circle v-for="(point, index) in [from, to]" :key="index" :cx="at(point.x)" :cy="at(point.y)" r="3" />
  </svg>
  <div
    class="px-tag"
    role="status"
    :style="{ left: `${at(Math.max(from.x, to.x)) + 8}px`, top: `${at(to.y) + 8}px` }"
  >
    {{ says }}
  </div>
</template>

<style scoped>
.two-points {
  position: absolute;
  z-index: 4;
  top: 0;
  left: 0;
  overflow: visible;
  pointer-events: none;
}
line,
path {
  fill: none;
  stroke: var(--ink);
}
.legs {
  stroke: var(--edge);
  stroke-dasharray: 3 3;
}
circle {
  fill: var(--paper);
  stroke: var(--ink);
}
.px-tag {
  z-index: 4;
  background: var(--ink);
}
</style>
