<script setup lang="ts">
import type { PageLayout } from '@nolvex/core/layout/pageLayout'
import PageDrawing from '../drafting/PageDrawing.vue'

/** The beginning of a page in a window, to the scale of the widest window. */
defineProps<{ layout: PageLayout; windowWidth: number; zoom: number; label: string }>()
const WIDEST = 1920
const HEIGHT = 2000
</script>

<template>
  <svg :viewBox="`0 0 ${WIDEST} ${HEIGHT}`" role="img" :aria-label="`${label}, ${windowWidth} px`">
    <g :transform="`translate(${(WIDEST - windowWidth) / 2} 0)`">
      <svg :width="windowWidth" :height="HEIGHT" :viewBox="`0 0 ${windowWidth} ${HEIGHT}`">
        <rect :fill="layout.ground" :width="windowWidth" :height="HEIGHT" />
        <g :transform="`scale(${zoom})`">
          <PageDrawing :layout="layout" :until="HEIGHT / zoom" />
        </g>
      </svg>
      <rect class="edge" :width="windowWidth" :height="HEIGHT" />
    </g>
  </svg>
</template>

<style scoped>
svg {
  display: block;
  width: 100%;
  background: var(--desk);
}
.edge {
  fill: none;
  stroke: var(--ink);
  vector-effect: non-scaling-stroke;
}
</style>
