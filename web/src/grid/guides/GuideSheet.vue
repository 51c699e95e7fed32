<script setup lang="ts">
import { computed } from 'vue'
import type { SetGuide } from '@nolvex/core/grid/guide'
import type { PageLayout } from '@nolvex/core/layout/pageLayout'
import PageDrawing from '../../drafting/PageDrawing.vue'
import FigureField from '../../forms/FigureField.vue'
import { SIDES, type GuidePage, type Side } from './useGuideSet'

/** The set being made, drawn on the band's page with the guides there are; its margins are typed where they lie. */
const props = defineProps<{
  page: GuidePage
  layout?: PageLayout
  /** px from the left and from the top of guides that stand there */
  standing: { x: number[]; y: number[] }
  made: SetGuide[]
  margins: Record<Side, number>
}>()
const emit = defineEmits<{ margin: [side: Side, px: number]; trouble: [says: string] }>()

/** px the sheet may be tall */
const TALLEST = 420
const lines = computed(() => props.made.flatMap(({ axis, at }) => ('px' in at ? [{ axis, px: at.px }] : [])))
/** A margin's figure stands in its middle, or at the edge where it is too narrow. */
function placeOf(side: Side) {
  const share = (px: number, of: number) => `${Math.max(2.5, (50 * px) / of)}%`
  const { width, height } = props.page
  if (side === 'left' || side === 'right') return { [side]: share(props.margins[side], width), top: '50%' }
  return { [side]: share(props.margins[side], height), left: '50%' }
}
</script>

<template>
  <div
    class="guide-sheet"
    :style="{
      aspectRatio: `${page.width} / ${page.height}`,
      maxWidth: `${(TALLEST * page.width) / page.height}px`,
    }"
  >
    <svg
      :viewBox="`0 0 ${page.width} ${page.height}`"
      role="img"
      :aria-label="`${made.length} guides on a page of ${page.width} by ${page.height} px`"
    >
      <rect :width="page.width" :height="page.height" :fill="layout?.ground ?? '#fff'" />
      <g class="drawn"><PageDrawing v-if="layout" :layout="layout" :until="page.height" /></g>
      <g class="standing">
        <line v-for="x in standing.x" :key="`x${x}`" :x1="x" :x2="x" y1="0" :y2="page.height" />
        <line v-for="y in standing.y" :key="`y${y}`" :y1="y" :y2="y" x1="0" :x2="page.width" />
      </g>
      <g class="made">
        <line
          v-for="{ axis, px } in lines"
          :key="`${axis}${px}`"
          :x1="axis === 'x' ? px : 0"
          :x2="axis === 'x' ? px : page.width"
          :y1="axis === 'y' ? px : 0"
          :y2="axis === 'y' ? px : page.height"
        />
      </g>
    </svg>
    <FigureField
      v-for="side in SIDES"
      :key="side"
      class="margin"
      :class="side"
      :style="placeOf(side)"
      :label="`margin ${side}`"
      hide-label
      :value="margins[side]"
      :percent-of="side === 'left' || side === 'right' ? page.width : page.height"
      keeps
      @change="emit('margin', side, $event ?? 0)"
      @trouble="emit('trouble', $event)"
    />
  </div>
</template>

<style scoped>
.guide-sheet {
  position: relative;
  width: 100%;
  margin: 0 auto;
  background: #fff;
  border: 1px solid var(--edge);
}
svg {
  display: block;
  width: 100%;
  height: 100%;
}
.drawn {
  opacity: 0.45;
}
.standing line {
  stroke: var(--ochre);
  stroke-width: 2;
}
.made line {
  stroke: var(--pine);
  stroke-width: 2;
  stroke-dasharray: 8 5;
}
.margin {
  position: absolute;
  width: 48px;
}
.margin :deep(.el-input__wrapper) {
  height: 24px;
  padding: 0 3px;
  background: rgb(255 255 255 / 92%);
}
.margin :deep(.el-input__inner) {
  height: 22px;
  font-weight: 700;
  text-align: center;
}
.left {
  transform: translate(-50%, -50%);
}
.right {
  transform: translate(50%, -50%);
}
.top {
  transform: translate(-50%, -50%);
}
.bottom {
  transform: translate(-50%, 50%);
}
</style>
