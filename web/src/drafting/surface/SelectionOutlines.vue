<script setup lang="ts">
import { computed } from 'vue'
import { flowHandles, handles } from '@nolvex/core/snap/resizeBlock'
import { isPlacedFreely } from '@nolvex/core/snap/typedFigure'
import { useDraftingPage } from '../useDraftingPage'
import { placeAt } from './place'

/** The edges of what is selected; one block alone has handles. */
const props = defineProps<{ zoom: number; hasHandles: boolean }>()
const { selected, drawn } = useDraftingPage()

/** A section is as wide as the page; a block too small to hold four handles keeps its corner. */
const usable = computed(() => {
  const [one, ...others] = selected.value
  if (!one || others.length || !props.hasHandles) return []
  if (one.parent === null) return flowHandles.filter(({ x }) => x === 0)
  const isSmall = one.w * props.zoom < 48 || one.h * props.zoom < 14
  const all = isPlacedFreely(drawn.value, one) ? handles : flowHandles
  return isSmall ? all.filter(({ x, y }) => x === 1 && y === 1) : all
})
</script>

<template>
  <div
    v-for="one in selected"
    :key="one.key"
    class="selected"
    :data-selected="one.key"
    :style="placeAt(one, zoom)"
  >
    <span
      v-for="handle in usable"
      :key="handle.name"
      class="handle"
      :class="`x${handle.x} y${handle.y}`"
      :title="`Pull the ${handle.name}`"
      :data-handle="handle.name"
    />
  </div>
</template>

<style scoped>
.selected {
  position: absolute;
  /* Above guides, so that a handle on one can be pulled. */
  z-index: 3;
  outline: 2px solid var(--pine);
  pointer-events: none;
}
.handle {
  position: absolute;
  width: 10px;
  height: 10px;
  background: var(--paper);
  border: 2px solid var(--pine);
  pointer-events: auto;
}
.handle.x1 {
  right: -6px;
}
.handle.x-1 {
  left: -6px;
}
.handle.x0 {
  left: calc(50% - 5px);
}
.handle.y0 {
  top: calc(50% - 5px);
}
.handle.y1 {
  bottom: -6px;
}
.handle.y-1 {
  top: -6px;
}
.handle.y0 {
  cursor: ew-resize;
}
.handle.x0 {
  cursor: ns-resize;
}
.handle.x1.y1,
.handle.x-1.y-1 {
  cursor: nwse-resize;
}
.handle.x1.y-1,
.handle.x-1.y1 {
  cursor: nesw-resize;
}
</style>
