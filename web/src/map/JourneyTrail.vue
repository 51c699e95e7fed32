<script setup lang="ts">
import { computed } from 'vue'
import { journeyLegs } from '@nolvex/core/site/journeyLegs'
import type { JourneyStop } from '@nolvex/core/site/journeyReport'
import type { TreeCard } from './useTreeCards'

/** A journey drawn over the tree: a line from each stop to the next, broken where no way leads there. */
const props = defineProps<{ stops: JourneyStop[]; cards: Map<string, TreeCard> }>()

const legs = computed(() => journeyLegs(props.stops, (page) => props.cards.get(page), 12, 40))
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
