<script setup lang="ts">
import { ElButton, ElCheckbox } from 'element-plus'
import { useElementSize } from '@vueuse/core'
import { computed, ref } from 'vue'
import { followDrag } from '../gestures/followDrag'
import FigureField from '../forms/FigureField.vue'
import type { FoundBlock } from './layOutPage'

/** A picture of a page on which blocks are marked by pulling rectangles; its scale by two points and their distance. */
const blocks = defineModel<FoundBlock[]>({ required: true })
const props = defineProps<{
  address: string
  /** pixels of the picture */
  width: number
  height: number
  /** px of the page for each of them */
  scale: number
  columns: { left: number; width: number }[]
  astray: number[]
}>()
const emit = defineEmits<{ scale: [pxForPixel: number] }>()

const stand = ref<HTMLElement>()
const { width: room } = useElementSize(stand)
/** screen px for each pixel of the picture */
const zoom = computed(() => Math.min(1, room.value / props.width) || 1)
const pulled = ref<FoundBlock>()
const isMeasuring = ref(false)
/** two points of the picture, in its pixels */
const points = ref<{ x: number; y: number }[]>([])

const inPage = (screenPx: number) => (screenPx / zoom.value) * props.scale
const onScreen = (px: number) => (px / props.scale) * zoom.value

function press(event: PointerEvent) {
  const box = (event.currentTarget as HTMLElement).getBoundingClientRect()
  const [x, y] = [event.clientX - box.left, event.clientY - box.top]
  if (isMeasuring.value) {
    const point = { x: x / zoom.value, y: y / zoom.value }
    points.value = points.value.length === 1 ? [...points.value, point] : [point]
    return
  }
  followDrag(event, {
    move: (dx, dy) => {
      pulled.value = {
        left: inPage(Math.min(x, x + dx)),
        right: inPage(Math.max(x, x + dx)),
        top: inPage(Math.min(y, y + dy)),
        bottom: inPage(Math.max(y, y + dy)),
      }
    },
    end: (kept) => {
      const block = pulled.value
      pulled.value = undefined
      if (kept && block && block.right - block.left >= 8) blocks.value = [...blocks.value, block]
    },
  })
}

function setDistance(px: number | undefined) {
  const [a, b] = points.value
  if (px === undefined || px <= 0 || !b) return
  const distance = Math.hypot(a.x - b.x, a.y - b.y)
  if (distance < 1) return
  emit('scale', px / distance)
  isMeasuring.value = false
  points.value = []
}
const boxStyle = (block: FoundBlock) => ({
  left: `${onScreen(block.left)}px`,
  top: `${onScreen(block.top)}px`,
  width: `${onScreen(block.right - block.left)}px`,
  height: `${Math.max(2, onScreen(block.bottom - block.top))}px`,
})
</script>

<template>
  <div ref="stand">
    <p class="tools">
      <ElCheckbox v-model="isMeasuring">Scale it by two points</ElCheckbox>
      <template v-if="isMeasuring">
        <span class="soft">{{
          points.length < 2 ? 'Click two points whose distance you know.' : 'They are'
        }}</span>
        <FigureField
          v-if="points.length === 2"
          class="distance"
          label="px apart"
          hide-label
          @change="setDistance"
        />
        <span v-if="points.length === 2" class="soft">px apart</span>
      </template>
      <ElButton v-if="blocks.length" link @click="blocks = blocks.slice(0, -1)">
        Take the last mark back
      </ElButton>
      <ElButton v-if="blocks.length" link @click="blocks = []">Take all back</ElButton>
    </p>
    <div
      class="marked"
      :style="{ width: `${width * zoom}px`, height: `${height * zoom}px` }"
      @pointerdown.prevent="press"
    >
      <img :src="address" alt="The page whose grid is looked for" draggable="false" />
      <div
        v-for="column in columns"
        :key="`c${column.left}`"
        class="column"
        :style="{ left: `${onScreen(column.left)}px`, width: `${onScreen(column.width)}px` }"
      />
      <div
        v-for="(block, index) in blocks"
        :key="index"
        class="block"
        :class="{ stray: astray.includes(index) }"
        :style="boxStyle(block)"
      />
      <div v-if="pulled" class="block" :style="boxStyle(pulled)" />
      <span
        v-for="(point, index) in points"
        :key="`p${index}`"
        class="point"
        :style="{ left: `${point.x * zoom}px`, top: `${point.y * zoom}px` }"
      />
    </div>
  </div>
</template>

<style scoped>
.tools {
  display: flex;
  gap: 12px;
  align-items: center;
  height: 36px;
}
.distance {
  width: 72px;
}
.marked {
  position: relative;
  overflow: hidden;
  cursor: crosshair;
  touch-action: none;
  user-select: none;
}
img {
  display: block;
  width: 100%;
  height: 100%;
}
.column,
.block,
.point {
  position: absolute;
  pointer-events: none;
}
.column {
  top: 0;
  bottom: 0;
  background: rgb(31 91 76 / 16%);
}
.block {
  outline: 2px solid var(--slate);
}
.block.stray {
  outline: 2px dashed var(--brick);
}
.point {
  width: 11px;
  height: 11px;
  margin: -6px 0 0 -6px;
  border: 2px solid var(--brick);
}
</style>
