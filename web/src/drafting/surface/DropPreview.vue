<script setup lang="ts">
import type { Rect } from '@nolvex/core/snap/snapEdges'
import { placeAt } from './place'

/** Where something dragged would go: itself as a ghost, its place, and the lines it has snapped to. */
defineProps<{
  ghost?: Rect
  mark: Rect
  lines: { x: number[]; y: number[] }
  zoom: number
}>()
</script>

<template>
  <div v-if="ghost" class="ghost" :style="placeAt(ghost, zoom)" />
  <div class="mark" :style="placeAt(mark, zoom)" />
  <div v-for="x in lines.x" :key="`x${x}`" class="line vertical" :style="{ left: `${x * zoom}px` }" />
  <div v-for="y in lines.y" :key="`y${y}`" class="line horizontal" :style="{ top: `${y * zoom}px` }" />
</template>

<style scoped>
.ghost,
.mark,
.line {
  position: absolute;
  pointer-events: none;
}
.ghost {
  background: rgb(31 91 76 / 10%);
  border: 1px dashed var(--pine);
}
.mark {
  min-width: 2px;
  min-height: 2px;
  background: rgb(185 119 14 / 18%);
  outline: 1px solid var(--ochre);
}
.vertical {
  top: 0;
  bottom: 0;
  border-left: 1px solid var(--ochre);
}
.horizontal {
  right: 0;
  left: 0;
  border-top: 1px solid var(--ochre);
}
</style>
