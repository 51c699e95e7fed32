<script setup lang="ts">
import { computed } from 'vue'
import type { Rect } from '@nolvex/core/snap/rect'
import { useDraftingPage } from '../useDraftingPage'

/** The outlines of all boxes in view, one line each however large the page is shown. */
const props = defineProps<{ zoom: number; width: number; height: number; view: Rect }>()
const page = useDraftingPage()
const MARGIN = 200
const path = computed(() => {
  const { zoom, view } = props
  const [from, until] = [view.y - MARGIN, view.y + view.h + MARGIN]
  const at = (px: number) => Math.round(px * zoom) + 0.5
  let line = ''
  for (const { x, y, w, h } of page.placed.value.values()) {
    if (y + h < from || y > until) continue
    line += `M${at(x)} ${at(y)}H${at(x + w) - 1}V${at(y + h) - 1}H${at(x)}Z`
  }
  return line
})
</script>

<template>
  <svg class="boxes" :width="width * zoom" :height="height * zoom" aria-hidden="true">
    <path :d="path" />
  </svg>
</template>

<style scoped>
.boxes {
  position: absolute;
  top: 0;
  left: 0;
  pointer-events: none;
}
path {
  fill: none;
  stroke: var(--slate);
  stroke-dasharray: 2 2;
}
</style>
