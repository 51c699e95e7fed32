<script setup lang="ts">
import { useLocalStorage } from '@vueuse/core'
import { computed } from 'vue'
import type { PageLayout } from '@nolvex/core/layout/pageLayout'
import { followDrag } from '../../gestures/followDrag'
import PageDrawing from '../PageDrawing.vue'
import { FINISHES, type FinishName } from '../usePainter'

/** The page in another finish up to a line that can be pulled across it. */
const props = defineProps<{
  layout: PageLayout
  finish: FinishName
  zoom: number
  width: number
  height: number
  /** the stretch of the page that is drawn */
  drawn: { from: number; until: number }
}>()
/** share of the width, from the left */
const at = useLocalStorage('nolvex divided finish', 0.5)
const place = (share: number) => (at.value = Math.round(Math.min(1, Math.max(0, share)) * 1000) / 1000)
const left = computed(() => at.value * props.width * props.zoom)

function pull(event: PointerEvent) {
  const begun = at.value
  followDrag(event, { move: (dx) => place(begun + dx / (props.width * props.zoom)), end: () => undefined })
}

const STEPS: Record<string, number> = { ArrowLeft: -1, ArrowRight: 1 }
function keyed(event: KeyboardEvent) {
  const step = STEPS[event.key]
  const end = { Home: 0, End: 1 }[event.key]
  if (step === undefined && end === undefined) return
  event.preventDefault()
  event.stopPropagation()
  place(end ?? at.value + step * (event.shiftKey ? 0.1 : 0.01))
}
</script>

<template>
  <svg
    class="other-finish"
    :width="width"
    :height="height"
    :style="{ transform: `scale(${zoom})`, clipPath: `inset(0 ${(1 - at) * 100}% 0 0)` }"
    aria-hidden="true"
  >
    <rect :width="width" :height="height" fill="#fff" />
    <PageDrawing :layout="layout" v-bind="drawn" :finish="finish" />
  </svg>
  <div
    class="divider"
    role="slider"
    tabindex="0"
    :aria-label="`Line between ${FINISHES[finish].toLowerCase()} and finished`"
    aria-valuemin="0"
    aria-valuemax="100"
    :aria-valuenow="Math.round(at * 100)"
    :aria-valuetext="`${Math.round(at * 100)} % of the width`"
    :style="{ left: `${left}px` }"
    @pointerdown.stop.prevent="pull"
    @keydown="keyed"
  >
    <span class="before">{{ FINISHES[finish] }}</span>
    <span class="after">{{ FINISHES.finished }}</span>
  </div>
</template>

<style scoped>
.other-finish {
  position: absolute;
  top: 0;
  left: 0;
  transform-origin: 0 0;
  pointer-events: none;
}
.divider {
  position: absolute;
  top: 0;
  bottom: 0;
  z-index: 2;
  width: 15px;
  margin-left: -7px;
  background: linear-gradient(var(--ink) 0 0) center / 1px 100% no-repeat;
  cursor: col-resize;
  touch-action: none;
}
.divider span {
  position: sticky;
  top: 40%;
  float: left;
  padding: 2px 8px;
  color: var(--paper);
  font-size: 12px;
  white-space: nowrap;
  background: var(--ink);
}
.divider .before {
  translate: calc(-100% + 8px);
}
.divider .after {
  margin: -22px 0 0 7px;
}
</style>
