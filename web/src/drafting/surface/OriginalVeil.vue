<script setup lang="ts">
import { computed } from 'vue'
import type { Placed } from '@nolvex/core/snap/drawnPage'
import { placeAt } from './place'

/** Everything but the copy whose original is edited stands back. */
const props = defineProps<{ copy: Placed; zoom: number; width: number; height: number }>()
const parts = computed(() => {
  const { copy, width, height } = props
  const [right, foot] = [copy.x + copy.w, copy.y + copy.h]
  return [
    { x: 0, y: 0, w: width, h: copy.y },
    { x: 0, y: foot, w: width, h: Math.max(0, height - foot) },
    { x: 0, y: copy.y, w: copy.x, h: copy.h },
    { x: right, y: copy.y, w: Math.max(0, width - right), h: copy.h },
  ]
})
</script>

<template>
  <div v-for="(part, index) in parts" :key="index" class="veil" :style="placeAt(part, zoom)" />
</template>

<style scoped>
.veil {
  position: absolute;
  background: var(--desk);
  opacity: 0.72;
  pointer-events: none;
}
</style>
