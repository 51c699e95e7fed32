<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed, ref, watch } from 'vue'
import { roundTo } from '@nolvex/core/units/length'
import type { Gap } from '@nolvex/core/snap/gaps'
import { gapsOf, gapSource, SPACE_BEFORE, type GapSource } from '@nolvex/core/snap/spacing'
import type { Placed } from '@nolvex/core/snap/drawnPage'
import LengthInput, { type TypedMeasure } from '../../forms/LengthInput.vue'
import { SIZE_WORDS, useTypedFigures } from '../measures/useTypedFigures'
import { useDraftingPage } from '../useDraftingPage'

const props = defineProps<{
  block: Placed
  zoom: number
  /** whether the pointer is on the block: its size shows then, where it would else lie over what stands below */
  isPointed: boolean
}>()
const page = useDraftingPage()

/** Beside the block, where a small gap leaves its figure room; inside it where the page ends. */
const besideOf = (right: number) =>
  right + 70 / props.zoom < page.pageWidth.value ? right + 14 / props.zoom : right - 60 / props.zoom

/** screen px */
const SHORTEST = 6.5

/** how large it is, to be typed over, too */
const { figures, typeFigure } = useTypedFigures(page, page.trouble)
const sizes = computed(() => figures.value.filter(({ name }) => name === 'wide' || name === 'tall'))

/** the gap one is at */
const at = ref<Gap['side']>()
watch(
  () => props.block.key,
  () => (at.value = undefined),
)

const lines = computed(() => {
  const { x, y, w, h } = props.block
  return (
    gapsOf(page.drawn.value, props.block)
      // A line shorter than its own ends says nothing.
      .filter(({ size }) => size >= 1 && size * props.zoom >= SHORTEST)
      .map((gap) => {
        const source = gapSource(page.drawn.value, props.block, gap)
        const isVertical = gap.side === 'above' || gap.side === 'below'
        const start = { above: y - gap.size, below: y + h, left: x - gap.size, right: x + w }[gap.side]
        const rect = isVertical
          ? { left: besideOf(x + w), top: start, width: 0, height: gap.size }
          : { left: start, top: y + Math.min(h / 2, 60), width: gap.size, height: 0 }
        return { gap, source, isVertical, rect }
      })
  )
})

const scaled = (rect: { left: number; top: number; width: number; height: number }) =>
  Object.fromEntries(Object.entries(rect).map(([side, value]) => [side, `${value * props.zoom}px`]))

function type(gap: Gap, typed: TypedMeasure) {
  const source = gapSource(page.drawn.value, props.block, gap)
  const isPx = typed && 'px' in typed && typed.length.unit === 'px' && typed.px >= 0
  if (source && isPx) page.set('Change spacing', source.path, source.value(typed.px), [source.record])
}

/** Makes a gap one block's own, or the arrangement's again. */
function own(gap: Gap, { record, isOwn }: { record: string; isOwn: boolean }) {
  const source = gapSource(page.drawn.value, props.block, gap)
  page.set('Change spacing', SPACE_BEFORE, isOwn ? undefined : source?.value(gap.size), [record])
}

function titleOf(gap: Gap, source: GapSource | undefined): string {
  if (!source?.space) return `${words[gap.side]}. Type another figure.`
  if (source.space.isOwn) return `${words[gap.side]}, its own. Type another figure.`
  return `${words[gap.side]}: the gap of ${page.nameOf(source.record)}. Typed over, all gaps in it change.`
}

const words = { above: 'Gap above', below: 'Gap below', left: 'Gap to the left', right: 'Gap to the right' }
</script>

<template>
  <div class="dimensions" @pointerdown.stop @dblclick.stop>
    <div
      class="size"
      :class="{ pointed: isPointed }"
      :style="{ left: `${block.x * zoom}px`, top: `${(block.y + block.h) * zoom + 2}px` }"
    >
      <template v-for="(size, index) in sizes" :key="size.name">
        <span v-if="index" aria-hidden="true">×</span>
        <LengthInput
          class="figure"
          is-light
          :label="`${size.name} on the page`"
          :value="size.value"
          :words="SIZE_WORDS"
          :spell="page.spelled"
          :read="page.typedLength"
          :disabled="!size.isOpen"
          :title="size.isOpen ? `How ${size.name} it is. Type another figure, fit or fill.` : size.why"
          @change="typeFigure(size, $event)"
          @trouble="page.trouble.value = $event"
        />
      </template>
    </div>
    <div
      v-for="{ gap, source, isVertical, rect } in lines"
      :key="gap.side"
      class="dimension"
      :class="isVertical ? 'vertical' : 'horizontal'"
      :style="scaled(rect)"
      @pointerenter="at = gap.side"
      @focusin="at = gap.side"
    >
      <LengthInput
        v-if="source"
        class="figure"
        is-light
        :label="words[gap.side]"
        :value="String(roundTo(gap.size, 2))"
        :spell="page.spelled"
        :title="titleOf(gap, source)"
        @change="type(gap, $event)"
      />
      <ElButton v-if="source?.space && at === gap.side" class="only" link @click="own(gap, source.space)">{{
        source.space.isOwn ? 'as the gap' : 'only here'
      }}</ElButton>
      <span
        v-if="!source"
        :title="`${words[gap.side]}. It follows from the grid or from what stands beside.`"
        >{{ roundTo(gap.size, 2) }}</span
      >
    </div>
  </div>
</template>

<style scoped>
.dimension {
  position: absolute;
  z-index: 1;
  display: grid;
  place-items: center;
  border-color: var(--ink);
  pointer-events: none;
}
.vertical {
  width: 0;
  border-left: 1px solid;
}
.horizontal {
  height: 0;
  border-top: 1px solid;
}
.dimension::before,
.dimension::after {
  content: '';
  position: absolute;
  width: 9px;
  border-top: 1px solid var(--ink);
}
.vertical::before {
  top: 0;
  left: -5px;
  transform: rotate(-30deg);
}
.vertical::after {
  bottom: 0;
  left: -5px;
  transform: rotate(-30deg);
}
.horizontal::before {
  left: -5px;
  transform: rotate(-60deg);
}
.horizontal::after {
  right: -5px;
  transform: rotate(-60deg);
}
.size {
  position: absolute;
  z-index: 1;
  display: flex;
  gap: 2px;
  align-items: center;
  background: rgb(255 255 255 / 92%);
}
/* Its fields can be reached by key at any time; by pointer, from the block on. */
.size:not(.pointed, :hover, :focus-within) {
  opacity: 0;
}
.size:not(.pointed, :hover, :focus-within) > * {
  pointer-events: none;
}
.size .figure {
  width: 52px;
}
.size span {
  width: auto;
  background: none;
}
.figure:disabled {
  border-bottom-style: dotted;
  color: var(--soft);
  font-weight: 400;
}
.figure {
  padding: 0;
  border: 0;
  border-bottom: 1px solid var(--edge);
  font-weight: 700;
}
.figure,
span {
  width: 34px;
  height: 17px;
  background: rgb(255 255 255 / 92%);
  font-size: 12px;
  line-height: 17px;
  text-align: center;
  pointer-events: auto;
}
.vertical > * {
  position: absolute;
  top: calc(50% - 9px);
  left: 8px;
}
.horizontal > * {
  margin-top: 24px;
}
span {
  color: var(--soft);
}
/* What can be done with a gap shows when one is at it. */
.dimension > .only {
  padding: 0 4px;
  background: rgb(255 255 255 / 92%);
  font-size: 12px;
  line-height: 17px;
  pointer-events: auto;
}
.vertical > .only {
  top: calc(50% + 8px);
}
.horizontal > .only {
  position: absolute;
  margin-top: 60px;
}
</style>
