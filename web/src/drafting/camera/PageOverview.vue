<script setup lang="ts">
import { computed, onMounted, ref, watch } from 'vue'
import { followDrag } from '../../gestures/followDrag'
import { paintFar } from '../paintFar'
import { useDraftingPage } from '../useDraftingPage'
import { useDraftingCamera } from './useDraftingCamera'

/** The whole page small beside the desk, with what of it is in view; press or pull to go there. */
const props = defineProps<{ height: number }>()
const page = useDraftingPage()
const { view, centre } = useDraftingCamera()
const canvas = ref<HTMLCanvasElement>()
const MOST_WIDE = 64

const scale = computed(() =>
  Math.min(MOST_WIDE / page.pageWidth.value, (props.height - 24) / page.pageHeight.value),
)
const size = computed(() => ({
  width: Math.max(8, Math.round(page.pageWidth.value * scale.value)),
  height: Math.max(8, Math.round(page.pageHeight.value * scale.value)),
}))

function draw() {
  const context = canvas.value?.getContext('2d')
  const layout = page.layout.value
  if (!context || !canvas.value || !layout) return
  const whole = { x: 0, y: 0, w: page.pageWidth.value, h: page.pageHeight.value }
  paintFar(context, layout, canvas.value.width / whole.w, whole)
}
watch([page.layout, size], draw, { flush: 'post' })
onMounted(draw)

const window = computed(() => {
  const top = Math.max(0, view.value.y)
  const left = Math.max(0, view.value.x)
  const bottom = Math.min(page.pageHeight.value, view.value.y + view.value.h)
  const right = Math.min(page.pageWidth.value, view.value.x + view.value.w)
  return {
    left: `${left * scale.value}px`,
    top: `${top * scale.value}px`,
    width: `${Math.max(2, (right - left) * scale.value)}px`,
    height: `${Math.max(2, (bottom - top) * scale.value)}px`,
  }
})

function press(event: PointerEvent) {
  const go = ({ clientX, clientY }: PointerEvent) => {
    const { left, top } = canvas.value?.getBoundingClientRect() ?? new DOMRect()
    centre({ x: (clientX - left) / scale.value, y: (clientY - top) / scale.value })
  }
  go(event)
  followDrag(event, { move: (_dx, _dy, now) => go(now) }, 0)
}
</script>

<template>
  <div class="overview" title="The whole page: press to go there" aria-hidden="true" @pointerdown="press">
    <canvas
      ref="canvas"
      :width="size.width * 2"
      :height="size.height * 2"
      :style="{ width: `${size.width}px`, height: `${size.height}px` }"
    />
    <div class="window" :style="window" />
  </div>
</template>

<style scoped>
.overview {
  position: absolute;
  z-index: 4;
  top: 12px;
  right: 20px;
  background: #fff;
  outline: 1px solid var(--edge);
  cursor: pointer;
  touch-action: none;
}
canvas {
  display: block;
}
.window {
  position: absolute;
  background: rgb(31 91 76 / 12%);
  outline: 1px solid var(--pine);
}
</style>
