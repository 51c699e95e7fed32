<script setup lang="ts">
import { computed } from 'vue'
import { leafShownBy } from '@nolvex/core/block/block'
import { assetAddress } from '../../session/api'
import { useProject } from '../../session/projectStore'
import type { ControlEmits, ControlProps } from './control'

/** The point of a picture that stays in view however it is cut: clicked at, dragged, or moved by the arrow keys. */
const props = defineProps<ControlProps>()
const emit = defineEmits<ControlEmits>()
const project = useProject()

interface Shown {
  asset: string
  width: number
  height: number
}
/** where the picture stands: behind the block, or what the block shows */
const path = computed(() => {
  const { block, field } = props.state
  if (field.path[1] === 'backdrop') return ['look', 'backdrop', 'picture']
  return block && leafShownBy(block, 'picture')
})
const picture = computed(() => {
  const found = path.value && (props.state.valueOf(path.value) as Partial<Shown> | undefined)
  return found?.asset ? (found as Shown) : undefined
})
const point = computed(
  () => (props.state.value as { x: number; y: number } | undefined) ?? { x: 0.5, y: 0.5 },
)
const words = computed(
  () => `${Math.round(point.value.x * 100)} % across, ${Math.round(point.value.y * 100)} % down`,
)

const within = (share: number) => Math.round(Math.min(1, Math.max(0, share)) * 100) / 100
const move = (x: number, y: number) => emit('write', { x: within(x), y: within(y) })

function pointed(event: PointerEvent) {
  if (event.type === 'pointermove' && event.buttons !== 1) return
  const pad = event.currentTarget as HTMLElement
  if (event.type === 'pointerdown') pad.setPointerCapture(event.pointerId)
  const { left, top, width, height } = pad.getBoundingClientRect()
  move((event.clientX - left) / width, (event.clientY - top) / height)
}

const STEPS: Record<string, [number, number]> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, -1],
  ArrowDown: [0, 1],
}
function keyed(event: KeyboardEvent) {
  const step = STEPS[event.key]
  if (!step) return
  event.preventDefault()
  event.stopPropagation()
  const by = event.shiftKey ? 0.1 : 0.01
  move(point.value.x + step[0] * by, point.value.y + step[1] * by)
}
</script>

<template>
  <div class="focus">
    <!-- The two figures of a slider have no name of their own in ARIA: the words say both. -->
    <div
      v-if="picture"
      class="pad"
      role="slider"
      tabindex="0"
      :aria-label="state.field.label"
      :aria-valuenow="Math.round(point.x * 100)"
      :aria-valuetext="words"
      :style="{ aspectRatio: `${picture.width} / ${picture.height}` }"
      @pointerdown="pointed"
      @pointermove="pointed"
      @keydown="keyed"
    >
      <img :src="assetAddress(project.id, picture.asset)" alt="" draggable="false" />
      <span class="point" :style="{ left: `${point.x * 100}%`, top: `${point.y * 100}%` }"></span>
    </div>
    <span class="soft">{{ words }}</span>
  </div>
</template>

<style scoped>
.focus {
  display: grid;
  gap: 4px;
}
.pad {
  position: relative;
  max-width: 200px;
  max-height: 160px;
  overflow: hidden;
  touch-action: none;
  cursor: crosshair;
}
img {
  display: block;
  width: 100%;
  height: 100%;
}
.point {
  position: absolute;
  width: 14px;
  height: 14px;
  border: 2px solid #fff;
  border-radius: 50%;
  outline: 2px solid var(--ink);
  translate: -50% -50%;
  pointer-events: none;
}
</style>
