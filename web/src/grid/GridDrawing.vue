<script setup lang="ts">
import { computed } from 'vue'
import { gridAt } from '@nolvex/core/grid/bandGrid'
import { columnPositions } from '@nolvex/core/grid/columnGrid'
import type { Band } from '@nolvex/core/site/site'

/** A band's page with its columns, to the scale all bands share. */
const props = defineProps<{
  band: Band
  /** share of the view's width one px takes */
  scale: number
}>()
const HEIGHT = 120
const columns = computed(() => columnPositions(gridAt(props.band.grid, props.band.drawnAt)))
</script>

<template>
  <svg
    :viewBox="`0 0 ${band.drawnAt} ${HEIGHT}`"
    :style="{ width: `${band.drawnAt * scale * 100}%` }"
    preserveAspectRatio="none"
    role="img"
    :aria-label="`${band.name}: ${columns.length} columns on a page ${band.drawnAt} px wide`"
  >
    <rect class="page" :width="band.drawnAt" :height="HEIGHT" />
    <rect
      v-for="column in columns"
      :key="column.left"
      class="column"
      :x="column.left"
      :width="column.width"
      :height="HEIGHT"
    />
  </svg>
</template>

<style scoped>
svg {
  display: block;
  height: 72px;
}
.page {
  fill: #fff;
  stroke: var(--edge);
  vector-effect: non-scaling-stroke;
}
.column {
  fill: var(--ochre);
  fill-opacity: 0.22;
}
</style>
