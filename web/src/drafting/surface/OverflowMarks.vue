<script setup lang="ts">
import { useDraftingPage } from '../useDraftingPage'
import { placeAt } from './place'

/** What runs out of what it stands in, of the page, or of its own box. */
defineProps<{ zoom: number }>()
const { overflows } = useDraftingPage()
</script>

<template>
  <div
    v-for="{ key, part, isCut } in overflows"
    :key="key"
    class="overflow"
    :class="{ cut: isCut }"
    :data-overflow="key"
    :style="placeAt(part, zoom)"
  />
</template>

<style scoped>
.overflow {
  position: absolute;
  min-width: 3px;
  min-height: 3px;
  background: repeating-linear-gradient(135deg, rgb(166 61 42 / 30%) 0 2px, transparent 2px 7px);
  outline: 1px dashed var(--brick);
  pointer-events: none;
}
.cut {
  outline-style: dotted;
}
</style>
