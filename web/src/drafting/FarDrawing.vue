<script setup lang="ts">
import { computed, onMounted, ref, watch } from 'vue'
import type { PageLayout } from '@nolvex/core/layout/pageLayout'
import type { Rect } from '@nolvex/core/snap/rect'
import { paintFar } from './paintFar'

/** What is in view of a page that is seen from far: painted at once, where elements by the thousand would cost frames. */
const props = defineProps<{ layout: PageLayout; zoom: number; view: Rect }>()
const canvas = ref<HTMLCanvasElement>()
/** Screens have two px for one. */
const SHARP = 2

const part = computed((): Rect => {
  const top = Math.max(0, props.view.y)
  const height = Math.max(1, Math.min(props.layout.height, props.view.y + props.view.h) - top)
  return { x: 0, y: top, w: props.layout.width, h: height }
})
const size = computed(() => ({
  width: Math.max(1, Math.round(part.value.w * props.zoom)),
  height: Math.max(1, Math.round(part.value.h * props.zoom)),
}))
function paint() {
  const context = canvas.value?.getContext('2d')
  if (context) paintFar(context, props.layout, props.zoom * SHARP, part.value)
}
watch([() => props.layout, part, size], paint, { flush: 'post' })
onMounted(paint)
</script>

<template>
  <canvas
    ref="canvas"
    class="far"
    :width="size.width * SHARP"
    :height="size.height * SHARP"
    :style="{ top: `${part.y * zoom}px`, width: `${size.width}px`, height: `${size.height}px` }"
  />
</template>

<style scoped>
.far {
  position: absolute;
  left: 0;
  pointer-events: none;
}
</style>
