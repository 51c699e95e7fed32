<script setup lang="ts">
import { computed } from 'vue'
import { gridAt, type BandGrid } from '@nolvex/core/grid/bandGrid'
import { columnPositions } from '@nolvex/core/grid/columnGrid'
import { baselineLines, rowPositions } from '@nolvex/core/grid/rowGrid'
import { useOverlays } from './useOverlays'

/** Columns, rows, baseline and content edges of a page, as parts of its drawing. Lengths in px of the page. */
const props = defineProps<{ grid: BandGrid; width: number; height: number }>()
const { shown, looks } = useOverlays()

/** Nothing where the grid cannot be at this width. */
function or<T>(nothing: T, work: () => T): T {
  try {
    return work()
  } catch {
    return nothing
  }
}
const columns = computed(() =>
  shown.value.columns ? or([], () => columnPositions(gridAt(props.grid, props.width))) : [],
)
const rows = computed(() => {
  const { rows: grid } = props.grid
  if (!shown.value.rows || !grid) return []
  const once = or([], () => rowPositions(grid))
  const times = Math.min(40, Math.max(1, Math.ceil(props.height / grid.height)))
  return Array.from({ length: times }, (_, turn) =>
    once.map(({ top, height }) => ({ top: top + turn * grid.height, height })),
  ).flat()
})
const baseline = computed(() =>
  shown.value.baseline && props.grid.baseline
    ? baselineLines(props.grid.baseline, props.height)
        .map((y) => `M0 ${y}H${props.width}`)
        .join('')
    : '',
)
const content = computed(() => {
  if (!shown.value.content) return []
  const grid = or(undefined, () => gridAt(props.grid, props.width))
  return grid ? [grid.marginLeft, grid.width - grid.marginRight] : []
})
const strength = (name: 'columns' | 'rows' | 'baseline' | 'content') => looks.value[name].strength / 100
</script>

<template>
  <g class="grid-lines" aria-hidden="true">
    <g :fill="looks.columns.colour" :fill-opacity="strength('columns')">
      <rect
        v-for="column in columns"
        :key="column.left"
        class="column"
        :x="column.left"
        :width="column.width"
        :height="height"
      />
    </g>
    <g :fill="looks.rows.colour" :fill-opacity="strength('rows')">
      <rect v-for="row in rows" :key="row.top" class="row" :y="row.top" :width="width" :height="row.height" />
    </g>
    <path
      v-if="baseline"
      class="baseline"
      :d="baseline"
      :stroke="looks.baseline.colour"
      :stroke-opacity="strength('baseline')"
      vector-effect="non-scaling-stroke"
    />
    <line
      v-for="x in content"
      :key="x"
      class="content"
      :x1="x"
      :x2="x"
      :y2="height"
      :stroke="looks.content.colour"
      :stroke-opacity="strength('content')"
      stroke-dasharray="6 4"
      vector-effect="non-scaling-stroke"
    />
  </g>
</template>
