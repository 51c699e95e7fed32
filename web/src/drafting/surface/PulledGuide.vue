<script setup lang="ts">
/** A guide on its way out of a ruler, px of the page. */
defineProps<{ axis: 'x' | 'y'; at: number; zoom: number }>()
</script>

<template>
  <div class="pulled-guide" :class="axis" :style="{ [axis === 'x' ? 'left' : 'top']: `${at * zoom}px` }">
    <span class="px-tag">{{ at }} px</span>
  </div>
</template>

<style scoped>
.pulled-guide {
  position: absolute;
  pointer-events: none;
}
.x {
  top: 0;
  bottom: 0;
  border-left: 1px solid var(--ochre);
}
.y {
  right: 0;
  left: 0;
  border-top: 1px solid var(--ochre);
}
</style>
