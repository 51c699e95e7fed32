<script setup lang="ts">
import type { Sheet } from '@nolvex/core/paint/sheet'

/** A sheet of paper on screen, set in the application's own fonts. */
defineProps<{ sheet: Sheet }>()
</script>

<template>
  <svg
    class="sheet-picture"
    :viewBox="`0 0 ${sheet.width} ${sheet.height}`"
    role="img"
    :aria-label="sheet.title"
  >
    <rect :width="sheet.width" :height="sheet.height" fill="#fff" />
    <template v-for="(mark, index) in sheet.marks" :key="index">
      <rect
        v-if="mark.type === 'rect'"
        :x="mark.x"
        :y="mark.y"
        :width="mark.width"
        :height="mark.height"
        :fill="mark.fill ?? 'none'"
        :stroke="mark.stroke"
        stroke-width="0.6"
      />
      <path
        v-else-if="mark.type === 'path'"
        :d="mark.d"
        fill="none"
        :stroke="mark.stroke"
        :stroke-width="mark.width"
      />
      <text
        v-else
        :x="mark.x"
        :y="mark.y"
        :font-family="mark.family"
        :font-size="mark.size"
        :font-weight="mark.weight"
        :fill="mark.colour"
      >
        {{ mark.text }}
      </text>
    </template>
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
