<script setup lang="ts">
import { computed } from 'vue'
import type { JourneyStop } from '@nolvex/core/site/journeyReport'
import type { TreeCard } from './useTreeCards'

/** A journey drawn over the tree: a line from each stop to the next, broken where no way leads there. */
const props = defineProps<{ stops: JourneyStop[]; cards: Map<string, TreeCard> }>()

const legs = computed(() =>
  props.stops.flatMap(({ stop, from, way }) => {
    const [a, b] = [from && props.cards.get(from), props.cards.get(stop.page)]
    if (!a || !b || a === b) return []
    const [ax, ay] = [a.x + 12, a.y]
    const [bx, by] = [b.x + 12, b.y]
    const bend = Math.max(40, Math.abs(bx - ax) / 4)
    const d = `M${ax} ${ay}C${ax} ${ay - bend} ${bx} ${by - bend} ${bx} ${by}`
    return [{ id: stop.id, d, isGap: way?.by === 'none' }]
  }),
)
</script>

<template>
  <g class="trail">
    <path v-for="leg in legs" :key="leg.id" :d="leg.d" :class="{ gap: leg.isGap }" />
  </g>
</template>

<style scoped>
path {
  fill: none;
  stroke: var(--slate);
  stroke-width: 2.5;
}
.gap {
  stroke: var(--brick);
  stroke-dasharray: 3 6;
}
</style>
