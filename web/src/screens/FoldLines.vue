<script setup lang="ts">
import { useOverlays } from '../grid/useOverlays'
import { useViewport } from './useViewport'

/** Where the page ends for those who do not scroll: the chosen screen's fold and those of others. */
defineProps<{ zoom: number; width: number }>()
const { shown, looks } = useOverlays()
const { folds } = useViewport()
</script>

<template>
  <template v-if="shown.folds">
    <div
      v-for="(fold, index) in folds"
      :key="fold.key"
      class="fold"
      :class="{ chosen: index === 0 }"
      :style="{
        top: `${fold.height * zoom}px`,
        borderColor: looks.folds.colour,
        opacity: looks.folds.strength / 100,
      }"
    >
      <span :style="{ background: looks.folds.colour }">Fold of {{ fold.name }}, {{ fold.height }}</span>
    </div>
  </template>
</template>

<style scoped>
.fold {
  position: absolute;
  right: 0;
  left: 0;
  border-top: 1px dashed;
  pointer-events: none;
}
.fold.chosen {
  border-top: 2px solid;
}
span {
  position: absolute;
  right: 0;
  bottom: 1px;
  padding: 0 6px;
  color: #fff;
  font-size: 11px;
  line-height: 16px;
}
</style>
