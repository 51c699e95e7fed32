<script setup lang="ts">
import { ElButton } from 'element-plus'
import { useElementSize } from '@vueuse/core'
import { computed, ref } from 'vue'
import type { Band } from '@nolvex/core/site/site'
import { percent, useAudience } from '../audience/useAudience'
import { useBandChanges } from '../grid/useBandChanges'
import { followDrag } from '../gestures/followDrag'
import SweepStrip from '../review/SweepStrip.vue'
import { useDraftingPage } from './useDraftingPage'

const { bands, band, width } = useDraftingPage()
const { steps: all, total } = useAudience()
const STEP = 40
const steps = computed(() =>
  all.value.filter(({ from, visits }) => visits > 0 && from + STEP > LEAST && from < MOST),
)
const most = computed(() => Math.max(1, ...steps.value.map(({ visits }) => visits)))
const LEAST = 320
const MOST = 1920
const rail = ref<HTMLElement>()
const { width: railWidth } = useElementSize(rail)

const at = (px: number) => ((px - LEAST) / (MOST - LEAST)) * railWidth.value
const ticks = computed(() => Array.from({ length: (MOST - 400) / 200 + 1 }, (_, index) => 400 + index * 200))
const small = computed(() =>
  Array.from({ length: (MOST - LEAST) / 50 + 1 }, (_, index) => 300 + index * 50).filter((px) => px >= LEAST),
)

function clamp(px: number) {
  return Math.round(Math.min(MOST, Math.max(LEAST, px)))
}

function drag(event: PointerEvent) {
  const before = width.value
  const follow = ({ clientX }: PointerEvent) => {
    const left = rail.value?.getBoundingClientRect().left ?? 0
    width.value = clamp(LEAST + ((clientX - left) / railWidth.value) * (MOST - LEAST))
  }
  follow(event)
  followDrag(
    event,
    {
      move: (_dx, _dy, moved) => follow(moved),
      end: (kept) => {
        if (!kept) width.value = before
      },
    },
    0,
  )
}

/** A breakpoint while it is dragged; the bands follow when it is let go. */
const moved = ref<{ id: string; from: number }>()
const changes = useBandChanges()
const fromOf = (one: Band) => (moved.value?.id === one.id ? moved.value.from : one.from)

function moveBreakpoint(event: PointerEvent, one: Band) {
  followDrag(event, {
    move: (dx) => {
      const from = clamp(one.from + (dx / railWidth.value) * (MOST - LEAST))
      const index = bands.value.inOrder.indexOf(one)
      const [before, after] = [bands.value.inOrder[index - 1], bands.value.inOrder[index + 1]]
      moved.value = {
        id: one.id,
        from: Math.min((after?.from ?? 10_001) - 1, Math.max(before.from + 1, from)),
      }
    },
    end: (kept) => {
      const wanted = moved.value
      moved.value = undefined
      if (kept && wanted && wanted.from !== one.from) changes.move(one, wanted.from)
    },
  })
}
function stepBreakpoint(event: KeyboardEvent, one: Band) {
  const by = { ArrowLeft: -1, ArrowRight: 1 }[event.key]
  if (by === undefined) return
  event.preventDefault()
  event.stopPropagation()
  changes.move(one, one.from + by * (event.shiftKey ? 10 : 1))
}

function step(event: KeyboardEvent) {
  const by = { ArrowLeft: -1, ArrowRight: 1, PageDown: -50, PageUp: 50 }[event.key]
  if (by === undefined) return
  event.preventDefault()
  event.stopPropagation()
  width.value = clamp(width.value + by * (event.shiftKey ? 10 : 1))
}
</script>

<template>
  <div ref="rail" class="rail" @pointerdown="drag">
    <svg width="100%" height="60" aria-hidden="true">
      <rect
        v-for="{ from, visits } in steps"
        :key="from"
        class="visits"
        :x="at(from)"
        :width="Math.max(1, at(from + STEP) - at(from) - 1)"
        :y="36 - (visits / most) * 24"
        :height="(visits / most) * 24"
      >
        <title>{{ percent(visits / total) }} of visits from {{ from }} to {{ from + STEP - 1 }} px</title>
      </rect>
      <line x1="0" x2="100%" y1="36" y2="36" />
      <line v-for="px in small" :key="px" :x1="at(px)" :x2="at(px)" y1="33" y2="36" />
      <g v-for="px in ticks" :key="px">
        <line :x1="at(px)" :x2="at(px)" y1="28" y2="36" />
        <text :x="at(px) + 3" y="31">{{ px }}</text>
      </g>
    </svg>
    <div
      v-for="one in bands.inOrder.slice(1)"
      :key="`from ${one.id}`"
      class="breakpoint"
      role="slider"
      tabindex="0"
      :aria-label="`Where ${one.name} begins`"
      :aria-valuemin="0"
      :aria-valuemax="MOST"
      :aria-valuenow="fromOf(one)"
      :title="`${one.name} begins at ${fromOf(one)} px: drag to move`"
      :style="{ left: `${Math.round(at(fromOf(one)))}px` }"
      @pointerdown.stop="moveBreakpoint($event, one)"
      @keydown="stepBreakpoint($event, one)"
    >
      <span v-if="moved?.id === one.id" class="px-tag">{{ moved.from }} px</span>
    </div>
    <ElButton
      v-for="(one, index) in bands.inOrder"
      :key="one.id"
      text
      class="band"
      :class="{ current: one.id === band.id }"
      :style="{ left: `${Math.max(0, at(one.from)) + 6}px` }"
      :title="`Show the page at ${one.drawnAt} px (key ${index + 1})`"
      @pointerdown.stop
      @click="width = one.drawnAt"
    >
      {{ one.id === bands.lead ? `${one.name} · lead` : one.name }}
    </ElButton>
    <div
      class="handle"
      role="slider"
      tabindex="0"
      aria-label="Page width"
      :aria-valuemin="LEAST"
      :aria-valuemax="MOST"
      :aria-valuenow="width"
      :style="{ left: `${at(width)}px` }"
      @keydown="step"
    >
      {{ width }} px
    </div>
    <SweepStrip @pointerdown.stop />
  </div>
</template>

<style scoped>
.rail {
  position: relative;
  flex: 1;
  min-width: 0;
  height: 60px;
  margin: 0 40px;
  cursor: ew-resize;
  touch-action: none;
}
svg {
  display: block;
  overflow: visible;
}
.visits {
  fill: var(--slate);
  opacity: 0.28;
}
line {
  stroke: var(--edge);
}
.breakpoint {
  position: absolute;
  top: 6px;
  width: 9px;
  height: 52px;
  margin-left: -4px;
  cursor: col-resize;
}
.breakpoint::before {
  content: '';
  position: absolute;
  top: 0;
  bottom: 0;
  left: 4px;
  border-left: 1px solid var(--ochre);
}
.breakpoint:hover::before {
  border-left-width: 2px;
}
text {
  fill: var(--soft);
  font-size: 10px;
}
.band.el-button {
  position: absolute;
  top: 39px;
  font-size: 11px;
  font-weight: 400;
  line-height: 18px;
}
.band.el-button.current {
  color: var(--pine);
  font-weight: 700;
}
.handle {
  position: absolute;
  top: 2px;
  padding: 0 7px;
  background: var(--pine);
  color: #fff;
  font-weight: 700;
  font-size: 12px;
  line-height: 20px;
  white-space: nowrap;
  transform: translateX(-50%);
}
.handle::after {
  content: '';
  position: absolute;
  top: 20px;
  left: 50%;
  border: 6px solid transparent;
  border-top: 13px solid var(--pine);
  border-bottom: 0;
  transform: translateX(-50%);
}
</style>
