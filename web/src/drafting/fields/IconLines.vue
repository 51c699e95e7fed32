<script setup lang="ts">
/** An icon by its lines, 16 px, beside words that say what it is. */
defineProps<{ paths: string[] }>()
</script>

<template>
  <svg viewBox="0 0 24 24" width="16" height="16" aria-hidden="true">
    <path v-for="(d, index) in paths" :key="index" :d="d" />
  </svg>
</template>

<style scoped>
svg {
  flex: none;
  fill: none;
  stroke: currentColor;
  stroke-linecap: round;
  stroke-linejoin: round;
  stroke-width: 2;
}
</style>
