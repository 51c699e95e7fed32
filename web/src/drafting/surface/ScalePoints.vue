<script setup lang="ts">
import { onKeyStroke } from '@vueuse/core'
import { useDraftingPage } from '../useDraftingPage'
import { useUnderlay } from '../useUnderlay'

/** Two points of the picture under the page are chosen here. */
const props = defineProps<{ zoom: number; isBeside: boolean }>()
const page = useDraftingPage()
const { points, point } = useUnderlay(page)

function press(event: PointerEvent) {
  const { left, top } = (event.currentTarget as HTMLElement).getBoundingClientRect()
  void point({ x: (event.clientX - left) / props.zoom, y: (event.clientY - top) / props.zoom })
}
onKeyStroke('Escape', (event) => {
  event.stopPropagation()
  points.value = undefined
})
</script>

<template>
  <div class="scale" :class="{ beside: isBeside }" @pointerdown.stop.prevent="press">
    <p>
      {{ points?.length ? 'Now the second point' : 'Press one point of the picture, then another' }}. Escape
      leaves it.
    </p>
    <span
      v-for="(one, index) in points"
      :key="index"
      class="point"
      :style="{ left: `${one.x * zoom}px`, top: `${one.y * zoom}px` }"
    />
  </div>
</template>

<style scoped>
.scale {
  position: absolute;
  z-index: 6;
  inset: 0;
  cursor: crosshair;
}
.beside {
  inset: 0 -100% 0 100%;
}
p {
  position: sticky;
  top: 8px;
  width: max-content;
  margin: 8px auto;
  padding: 4px 10px;
  color: var(--paper);
  background: var(--ink);
}
.point {
  position: absolute;
  width: 12px;
  height: 12px;
  margin: -6px;
  border: 2px solid var(--brick);
  border-radius: 50%;
}
</style>
