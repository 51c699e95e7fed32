<script setup lang="ts">
import { computed } from 'vue'
import { FRAME_PARTS, type Frame, type FrameSide, type Viewport } from '@nolvex/core/viewport/frame'
import type { Screen } from '@nolvex/core/viewport/screen'

/** A screen with its browser frame to scale: what each part takes, and what is left for the page. */
const props = defineProps<{
  screen: Pick<Screen, 'name' | 'width' | 'height'>
  frame: Pick<Frame, 'name' | 'parts'>
  viewport: Viewport
}>()

interface Placed {
  key: string
  x: number
  y: number
  width: number
  height: number
  words: string
}
/** Parts from the screen's edge inwards: each takes its side of what those before it left. */
const placed = computed((): Placed[] => {
  const left = { x: 0, y: 0, right: props.screen.width, bottom: props.screen.height }
  const bar = props.frame.parts.filter(({ part }) => part === 'scroll' && props.viewport.scrollBar > 0)
  return [...props.frame.parts.filter(({ part }) => part !== 'scroll'), ...bar].map(
    ({ part, side, size }, index) => {
      const box = cut(left, side, size)
      return { key: `${part}${index}`, ...box, words: `${FRAME_PARTS[part]} ${size}` }
    },
  )
})
function cut(left: { x: number; y: number; right: number; bottom: number }, side: FrameSide, size: number) {
  const [width, height] = [left.right - left.x, left.bottom - left.y]
  const whole = { x: left.x, y: left.y, width, height }
  if (side === 'top') {
    left.y += size
    return { ...whole, height: size }
  }
  if (side === 'bottom') {
    left.bottom -= size
    return { ...whole, y: left.bottom, height: size }
  }
  if (side === 'left') {
    left.x += size
    return { ...whole, width: size }
  }
  left.right -= size
  return { ...whole, x: left.right, width: size }
}
const page = computed(() => {
  const sum = (side: FrameSide) =>
    props.frame.parts
      .filter((part) => part.side === side && (part.part !== 'scroll' || props.viewport.scrollBar > 0))
      .reduce((total, { size }) => total + size, 0)
  return { x: sum('left'), y: sum('top'), width: props.viewport.pageWidth, height: props.viewport.height }
})
const type = computed(() => Math.max(props.screen.width / 44, props.screen.height / 30))
const isRoomy = ({ width, height }: Placed) => (height > type.value * 0.9 ? width > type.value * 9 : false)
const share = computed(() =>
  Math.round((100 * page.value.width * page.value.height) / (props.screen.width * props.screen.height)),
)
</script>

<template>
  <figure>
    <svg
      :viewBox="`-2 -2 ${screen.width + 4} ${screen.height + 4}`"
      role="img"
      :aria-label="`${screen.name} with ${frame.name}: ${viewport.pageWidth} by ${viewport.height} px are left for the page`"
    >
      <rect class="screen" :width="screen.width" :height="screen.height" />
      <g v-for="part in placed" :key="part.key">
        <rect class="part" :x="part.x" :y="part.y" :width="part.width" :height="part.height">
          <title>{{ part.words }} px</title>
        </rect>
        <text
          v-if="isRoomy(part)"
          :x="part.x + type * 0.5"
          :y="part.y + part.height / 2 + type * 0.28"
          :font-size="Math.min(type * 0.8, part.height * 0.7)"
        >
          {{ part.words }}
        </text>
      </g>
      <rect class="page" v-bind="page" />
      <text
        class="figures"
        :x="page.x + page.width / 2"
        :y="page.y + page.height / 2"
        :font-size="type * 1.9"
      >
        {{ page.width }} × {{ page.height }}
      </text>
      <text
        class="soft-words"
        :x="page.x + page.width / 2"
        :y="page.y + page.height / 2 + type * 1.6"
        :font-size="type"
      >
        left for the page, {{ share }} % of the screen
      </text>
    </svg>
    <figcaption class="soft">
      {{ screen.width }} × {{ screen.height }} less the frame is a viewport of {{ viewport.width }} ×
      {{ viewport.height
      }}<template v-if="viewport.scrollBar"
        >; the scroll bar takes {{ viewport.scrollBar }} of its width, which media queries and vw still
        count</template
      >. The fold is at {{ viewport.height }}.
    </figcaption>
  </figure>
</template>

<style scoped>
figure {
  margin: 0;
}
svg {
  display: block;
  width: 100%;
  max-height: 380px;
}
.screen {
  fill: #fff;
  stroke: var(--ink);
  stroke-width: 2;
  vector-effect: non-scaling-stroke;
}
.part {
  fill: #dcd8cc;
  stroke: var(--edge);
  vector-effect: non-scaling-stroke;
}
.page {
  fill: #fff;
  stroke: var(--pine);
  stroke-width: 2;
  vector-effect: non-scaling-stroke;
}
text {
  fill: var(--ink);
}
.figures,
.soft-words {
  text-anchor: middle;
}
.figures {
  font-weight: 700;
}
.soft-words {
  fill: var(--soft);
}
figcaption {
  margin-top: 6px;
}
</style>
