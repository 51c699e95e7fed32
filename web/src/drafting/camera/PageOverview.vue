<script setup lang="ts">
import { computed, onMounted, ref, watch } from 'vue'
import { followDrag } from '../../gestures/followDrag'
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

const SHADES = { section: 'rgb(217 213 200 / 70%)', words: '#858173', picture: '#56625d', other: '#d9d5c8' }
function shadeOf(type: string, depth: number) {
  if (type === 'text') return SHADES.words
  if (type === 'picture' || type === 'icon') return SHADES.picture
  return depth === 0 ? SHADES.section : SHADES.other
}

function draw() {
  const context = canvas.value?.getContext('2d')
  if (!context || !canvas.value) return
  context.clearRect(0, 0, canvas.value.width, canvas.value.height)
  const ratio = canvas.value.width / page.pageWidth.value
  for (const { x, y, w, h, depth, box } of page.placed.value.values()) {
    const { type } = box.node.content
    const isHolding = box.children.length > 0 && depth > 0
    if (isHolding && !box.node.look.fill) continue
    context.fillStyle = shadeOf(type, depth)
    const inset = depth === 0 ? 0.5 : 0
    context.fillRect(x * ratio, y * ratio + inset, Math.max(1, w * ratio), Math.max(1, h * ratio - 2 * inset))
  }
}
watch([page.placed, size], draw, { flush: 'post' })
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
