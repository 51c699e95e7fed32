<script setup lang="ts">
import { computed } from 'vue'
import { insideBorder, type Placed } from '@nolvex/core/snap/drawnPage'
import { isPlacedFreely } from '@nolvex/core/snap/typedFigure'
import { endOf, middleOf, startOf, type Axis } from '@nolvex/core/snap/rect'
import { useDraftingPage } from '../useDraftingPage'

/** What a freely placed block is held by, and what a block sticks to: a pin at each edge that keeps its distance. */
const props = defineProps<{ block: Placed; zoom: number }>()
const page = useDraftingPage()

interface Pin {
  axis: Axis
  /** px of the page: where it is pinned, and where the block begins */
  from: number
  to: number
  at: number
  words: string
}
const WORDS = {
  start: 'keeps this distance',
  end: 'keeps this distance',
  centre: 'keeps to the middle',
  proportion: 'keeps its share',
}

const pins = computed((): Pin[] => {
  const { block } = props
  const parent = block.parent === null ? undefined : page.placed.value.get(block.parent)
  if (!parent || !isPlacedFreely(page.drawn.value, block)) return []
  const inside = insideBorder(parent)
  const { x, y } = block.box.node.place
  return (['x', 'y'] as const).flatMap((axis) => {
    const anchor = axis === 'x' ? x : y
    const at = middleOf(block, axis === 'x' ? 'y' : 'x')
    const start = { axis, from: startOf(inside, axis), to: startOf(block, axis), at, words: WORDS.start }
    const end = { axis, from: endOf(inside, axis), to: endOf(block, axis), at, words: WORDS.end }
    if (anchor === 'start') return [start]
    if (anchor === 'end') return [end]
    if (anchor === 'centre')
      return [{ axis, from: middleOf(inside, axis), to: middleOf(block, axis), at, words: WORDS.centre }]
    const words = anchor === 'proportion' ? WORDS.proportion : WORDS.start
    return [
      { ...start, words },
      { ...end, words },
    ]
  })
})
const px = (at: number) => `${at * props.zoom}px`
const lineOf = ({ axis, from, to, at }: Pin) => {
  const [first, length] = [Math.min(from, to), Math.abs(to - from)]
  return axis === 'x'
    ? { left: px(first), top: px(at), width: px(length) }
    : { top: px(first), left: px(at), height: px(length) }
}
const pinOf = ({ axis, from, at }: Pin) =>
  axis === 'x' ? { left: px(from), top: px(at) } : { top: px(from), left: px(at) }

const sticks = computed(() => {
  const { sticky } = props.block.box.node.place
  return (
    sticky &&
    `sticks ${sticky.offset.value}${sticky.offset.unit} from the ${sticky.edge === 'top' ? 'top' : 'foot'}`
  )
})
</script>

<template>
  <template v-for="(pin, index) in pins" :key="index">
    <div class="line" :class="pin.axis" :style="lineOf(pin)" />
    <span class="pin" :style="pinOf(pin)" :title="pin.words" />
  </template>
  <div
    v-if="sticks"
    class="px-tag sticks"
    :style="{ left: `${block.x * zoom}px`, top: `${block.y * zoom - 18}px` }"
  >
    {{ sticks }}
  </div>
</template>

<style scoped>
.line {
  position: absolute;
  z-index: 2;
  pointer-events: none;
}
.line.x {
  border-top: 1px dotted var(--pine);
}
.line.y {
  border-left: 1px dotted var(--pine);
}
.pin {
  position: absolute;
  z-index: 2;
  width: 7px;
  height: 7px;
  margin: -3px;
  background: var(--pine);
  border-radius: 50%;
}
.sticks {
  z-index: 4;
  background: var(--pine);
}
</style>
