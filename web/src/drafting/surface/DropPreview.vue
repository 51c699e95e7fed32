<script setup lang="ts">
import type { Hint } from '@nolvex/core/snap/hint'
import type { Rect } from '@nolvex/core/snap/rect'
import HintLines from './HintLines.vue'
import { placeAt } from './place'

/** Where something dragged would go: itself as a ghost, its place, and why it stands just there. */
defineProps<{
  ghost?: Rect
  mark: Rect
  hints: Hint[]
  says?: string
  zoom: number
  width: number
  height: number
}>()
</script>

<template>
  <div v-if="ghost" class="ghost" :style="placeAt(ghost, zoom)" />
  <div class="mark" :style="placeAt(mark, zoom)" />
  <HintLines :hints="hints" :zoom="zoom" :width="width" :height="height" />
  <div
    v-if="says"
    class="says px-tag"
    role="status"
    :style="{ left: `${mark.x * zoom}px`, top: `${(mark.y + mark.h) * zoom + 6}px` }"
  >
    {{ says }}
  </div>
</template>

<style scoped>
.ghost,
.mark {
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
.says {
  z-index: 4;
  display: block;
  white-space: nowrap;
}
</style>
