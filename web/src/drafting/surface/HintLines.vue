<script setup lang="ts">
import { computed } from 'vue'
import type { Hint } from '@nolvex/core/snap/hint'
import { roundTo } from '@nolvex/core/units/length'
import SpanLine from './SpanLine.vue'

/** Why something that is moved stands just there: the lines it lies on and the distances that are alike, with figures. */
const props = defineProps<{
  hints: Hint[]
  zoom: number
  /** of the page, px */
  width: number
  height: number
}>()

const px = (at: number) => `${at * props.zoom}px`

const lines = computed(() =>
  props.hints.flatMap(({ axis, line, what, figure, kind }) => {
    if (!line) return []
    const { from = 0, to = axis === 'x' ? props.height : props.width } = line
    const says = kind === 'edges' && figure ? `${what} · ${roundTo(figure, 1)}` : what
    const style =
      axis === 'x'
        ? { left: px(line.at), top: px(from), height: px(to - from) }
        : { top: px(line.at), left: px(from), width: px(to - from) }
    return [{ axis, style, says, isWhole: line.from === undefined }]
  }),
)
/** One label for lines of the same words: the columns of a span have two. */
const labelled = computed(() =>
  lines.value.map((line, at) => ({
    ...line,
    says:
      lines.value.findIndex(({ says, axis }) => says === line.says && axis === line.axis) === at
        ? line.says
        : '',
  })),
)
const spans = computed(() =>
  props.hints.flatMap(({ axis, spans: all = [], figure = 0 }) =>
    all.map((span) => ({ axis, span, figure: roundTo(figure, 1) })),
  ),
)
</script>

<template>
  <div
    v-for="(line, index) in labelled"
    :key="`line ${index}`"
    class="line"
    :class="[line.axis, { whole: line.isWhole }]"
    :style="line.style"
  >
    <span v-if="line.says">{{ line.says }}</span>
  </div>
  <SpanLine
    v-for="({ axis, span, figure }, index) in spans"
    :key="`span ${index}`"
    :axis="axis"
    :span="span"
    :zoom="zoom"
    tone="hint"
  >
    {{ figure }}
  </SpanLine>
</template>

<style scoped>
.line {
  position: absolute;
  z-index: 4;
  pointer-events: none;
}
.line.x {
  border-left: 1px solid var(--ochre);
}
.line.y {
  border-top: 1px solid var(--ochre);
}
.line span {
  position: absolute;
  padding: 0 4px;
  background: rgb(251 250 246 / 92%);
  color: var(--ochre-text);
  font-size: 11px;
  line-height: 15px;
  white-space: nowrap;
}
.line.x span {
  top: 2px;
  left: 3px;
}
.line.x.whole span {
  top: auto;
  bottom: 100%;
  transform: translateX(-50%);
  left: 0;
}
.line.y span {
  bottom: 2px;
  left: 2px;
}
</style>
