<script setup lang="ts">
import { computed } from 'vue'
import type { HintSpan } from '@nolvex/core/snap/hint'
import type { Axis } from '@nolvex/core/snap/rect'

/** A distance drawn as on a plan: a line with its two ends, and what it is beside its middle. */
const props = defineProps<{
  axis: Axis
  span: HintSpan
  zoom: number
  /** a hint, a measure, or one that is not like the others */
  tone?: 'hint' | 'measure' | 'warning'
}>()
const px = (at: number) => `${at * props.zoom}px`
const style = computed(() => {
  const { from, to, at } = props.span
  return props.axis === 'x'
    ? { left: px(from), top: px(at), width: px(to - from) }
    : { top: px(from), left: px(at), height: px(to - from) }
})
</script>

<template>
  <div class="span" :class="[axis, tone ?? 'measure']" :style="style">
    <span class="says"><slot /></span>
  </div>
</template>

<style scoped>
.span {
  --line: var(--ink);
  position: absolute;
  z-index: 4;
  pointer-events: none;
}
.span.hint {
  --line: var(--ochre);
}
.span.warning {
  --line: var(--brick);
}
.span.x {
  border-top: 1px solid var(--line);
}
.span.y {
  border-left: 1px solid var(--line);
}
.span::before,
.span::after {
  content: '';
  position: absolute;
  background: var(--line);
}
.span.x::before,
.span.x::after {
  top: -5px;
  width: 1px;
  height: 9px;
}
.span.x::after {
  right: 0;
}
.span.y::before,
.span.y::after {
  left: -5px;
  width: 9px;
  height: 1px;
}
.span.y::after {
  bottom: 0;
}
.says {
  position: absolute;
  padding: 0 4px;
  background: rgb(251 250 246 / 92%);
  color: var(--ink);
  font-weight: 700;
  font-size: 11px;
  font-variant-numeric: tabular-nums;
  line-height: 15px;
  white-space: nowrap;
}
.hint .says {
  color: var(--ochre-text);
}
.warning .says {
  color: var(--brick);
}
.span.x .says {
  bottom: 3px;
  left: 50%;
  transform: translateX(-50%);
}
.span.y .says {
  top: 50%;
  left: 6px;
  transform: translateY(-50%);
}
</style>
