<script setup lang="ts">
import { computed } from 'vue'
import { DEFICIENCIES, simulateDeficiency, type Deficiency } from '@nolvex/core/colour/deficiency'
import { onPoorDisplay } from '@nolvex/core/colour/poorDisplay'
import { SEEN_BY } from './seenBy'
import { useColourUse } from './useColourUse'

/** All colours as they are, and below as people with each kind of colour-vision deficiency see them. */
const { colours, hexOf } = useColourUse()
const hexes = computed(() => [...new Set(colours.value.flatMap(({ id }) => hexOf(id)?.slice(0, 7) ?? []))])
const rows = computed(() => [
  { name: 'most people', hexes: hexes.value },
  ...DEFICIENCIES.map((kind: Deficiency) => ({
    name: SEEN_BY[kind],
    hexes: hexes.value.map((hex) => simulateDeficiency(hex, kind)),
  })),
  { name: 'on a poor display', hexes: hexes.value.map(onPoorDisplay) },
])
</script>

<template>
  <div v-for="row in rows" :key="row.name" class="seen">
    <span class="soft">{{ row.name }}</span>
    <span class="strip" role="img" :aria-label="`Colours as seen: ${row.name}`">
      <i v-for="(hex, index) in row.hexes" :key="index" :style="{ background: hex }" />
    </span>
  </div>
</template>

<style scoped>
.seen {
  display: grid;
  grid-template-columns: 160px 1fr;
  gap: 8px;
  align-items: center;
}
.strip {
  display: flex;
  height: 22px;
  border: 1px solid var(--hairline);
}
.strip i {
  flex: 1;
}
</style>
