<script setup lang="ts">
import { computed } from 'vue'
import type { Picture } from '@nolvex/core/vector/mark'
import { MarkGroup } from '../vector/MarkGroup'

/** A sheet of paper on screen, set in the application's own fonts. */
const props = defineProps<{ sheet: Picture }>()
const group = computed(() => ({ type: 'group' as const, marks: props.sheet.marks }))
</script>

<template>
  <svg
    class="sheet-picture"
    :viewBox="`0 0 ${sheet.width} ${sheet.height}`"
    role="img"
    :aria-label="sheet.title"
  >
    <rect :width="sheet.width" :height="sheet.height" :fill="sheet.ground" />
    <MarkGroup :group="group" />
  </svg>
</template>

<style scoped>
.sheet-picture {
  display: block;
  width: 100%;
  max-width: 1000px;
  border: 1px solid var(--edge);
}
</style>
