<script setup lang="ts">
import type { Marked } from './overlays'
import { placeAt } from './place'

/** What a list beside the page points at. */
defineProps<{ marked: Marked[]; zoom: number }>()
</script>

<template>
  <div v-for="one in marked" :key="one.id" class="marked" :style="placeAt(one.rect, zoom)">
    <span v-if="one.says">{{ one.says }}</span>
  </div>
</template>

<style scoped>
.marked {
  position: absolute;
  z-index: 3;
  outline: 1px dashed var(--ochre);
  pointer-events: none;
}
span {
  position: absolute;
  bottom: 100%;
  left: 0;
  padding: 0 4px;
  background: var(--ochre-text);
  color: #fff;
  font-size: 11px;
  line-height: 16px;
  white-space: nowrap;
}
</style>
