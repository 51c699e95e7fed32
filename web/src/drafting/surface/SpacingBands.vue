<script setup lang="ts">
import { computed } from 'vue'
import type { Rect } from '@nolvex/core/snap/rect'
import { spacingBands } from '@nolvex/core/snap/spacingBands'
import { roundTo } from '@nolvex/core/units/length'
import { useDraftingPage } from '../useDraftingPage'
import { placeAt } from './place'

/** Every gap and padding of the section one is at, tinted with its figure; what is off the spacing scale is marked. */
const props = defineProps<{ zoom: number; view: Rect }>()
const page = useDraftingPage()

/** The sections of what is selected; without a selection all that are in view. */
const sections = computed(() => {
  const roots = page.selected.value.map((one) => {
    let root = one
    for (let up = root.parent; up !== null; up = root.parent) root = page.placed.value.get(up) ?? root
    return root.key
  })
  return [...new Set(roots)]
})
const bands = computed(() => {
  const { y, h } = props.view
  return spacingBands(page.drawn.value, sections.value, { from: y - h / 2, until: y + h * 1.5 })
})
/** screen px a band needs to hold its figure */
const ROOM = 10
const holdsFigure = ({ rect }: { rect: Rect }) =>
  rect.w * props.zoom >= 1.5 * ROOM && rect.h * props.zoom >= ROOM
</script>

<template>
  <div
    v-for="band in bands"
    :key="band.id"
    class="band"
    :class="[band.kind, { off: band.isOffScale }]"
    :style="placeAt(band.rect, zoom)"
    :data-spacing="roundTo(band.size, 1)"
  >
    <span v-if="holdsFigure(band)">{{ roundTo(band.size, 1) }}{{ band.isOffScale ? ' ≠' : '' }}</span>
  </div>
</template>

<style scoped>
.band {
  position: absolute;
  z-index: 2;
  display: grid;
  place-items: center;
  pointer-events: none;
}
.gap {
  background: rgb(31 91 76 / 22%);
}
.padding {
  background: rgb(62 92 118 / 18%);
}
/* Off the scale: another colour, a line around it, and the not-equal sign. */
.off {
  background: rgb(166 61 42 / 20%);
  outline: 1px dashed var(--brick);
}
span {
  padding: 0 2px;
  background: rgb(255 255 255 / 80%);
  color: var(--ink);
  font-weight: 600;
  font-size: 10px;
  font-variant-numeric: tabular-nums;
  line-height: 11px;
  white-space: nowrap;
}
.off span {
  color: var(--brick);
}
</style>
