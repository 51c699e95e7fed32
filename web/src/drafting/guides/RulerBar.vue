<script setup lang="ts">
import { computed } from 'vue'

/** A ruler along the desk, in px of the page; pressing and pulling from it makes a guide. */
const props = defineProps<{
  axis: 'x' | 'y'
  /** screen px from the ruler's beginning to the page's edge */
  origin: number
  zoom: number
  /** screen px */
  length: number
}>()
defineEmits<{ pull: [event: PointerEvent] }>()

const STEPS = [10, 20, 50, 100, 200, 500, 1000]
const ticks = computed(() => {
  const step = STEPS.find((px) => px * props.zoom >= 44) ?? 1000
  const first = Math.ceil(-props.origin / props.zoom / step)
  const last = Math.floor((props.length - props.origin) / props.zoom / step)
  return Array.from({ length: Math.max(0, last - first + 1) }, (_, index) => (first + index) * step)
})
const at = (px: number) => props.origin + px * props.zoom
</script>

<template>
  <div
    class="ruler"
    :class="axis"
    :title="`Pull a ${axis === 'x' ? 'horizontal' : 'vertical'} guide onto the page`"
    aria-hidden="true"
    @pointerdown="$emit('pull', $event)"
  >
    <svg width="100%" height="100%">
      <g v-for="px in ticks" :key="px">
        <template v-if="axis === 'x'">
          <line :x1="at(px)" :x2="at(px)" y1="11" y2="18" />
          <text :x="at(px) + 3" y="11">{{ px }}</text>
        </template>
        <template v-else>
          <line x1="11" x2="18" :y1="at(px)" :y2="at(px)" />
          <text :transform="`translate(3 ${at(px) + 3}) rotate(90)`" text-anchor="start">{{ px }}</text>
        </template>
      </g>
    </svg>
  </div>
</template>

<style scoped>
.ruler {
  position: absolute;
  z-index: 3;
  overflow: hidden;
  background: var(--paper);
  touch-action: none;
}
.x {
  top: 0;
  right: 0;
  left: 18px;
  height: 18px;
  border-bottom: 1px solid var(--hairline);
  cursor: ns-resize;
}
.y {
  top: 18px;
  bottom: 0;
  left: 0;
  width: 18px;
  border-right: 1px solid var(--hairline);
  cursor: ew-resize;
}
line {
  stroke: var(--edge);
}
text {
  fill: var(--soft);
  font-size: 9px;
}
</style>
