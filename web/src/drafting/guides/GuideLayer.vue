<script setup lang="ts">
import { computed, ref } from 'vue'
import { guideWords } from '@nolvex/core/grid/guide'
import { useOverlays } from '../../grid/useOverlays'
import { followDrag } from '../../gestures/followDrag'
import { useDraftingPage } from '../useDraftingPage'
import type { PlacedGuide } from './useGuides'

/** The guides over the page: press one to choose it, drag it to move it, with Alt to leave a copy behind. */
const props = defineProps<{ zoom: number; height: number; width: number }>()
const page = useDraftingPage()
const { guides } = page
const { looks, shown } = useOverlays()
const dragged = ref<{ id: string; by: number }>()

const positionOf = ({ id, position }: PlacedGuide) =>
  position + (dragged.value?.id === id ? dragged.value.by : 0)
const style = (guide: PlacedGuide) => ({
  [guide.axis === 'x' ? 'left' : 'top']: `${Math.round(positionOf(guide) * props.zoom)}px`,
  '--guide': looks.value.guides.colour,
  '--strength': String(looks.value.guides.strength / 100),
})
/** Guides by where they lie on the screen: several in one place look as one line. */
const byPlace = computed(() => {
  const places = new Map<string, PlacedGuide[]>()
  for (const guide of guides.placed.value)
    if (!guide.hidden) places.set(placeOf(guide), [...(places.get(placeOf(guide)) ?? []), guide])
  return places
})
const placeOf = ({ axis, position }: PlacedGuide) => `${axis} ${Math.round(position * props.zoom)}`
const alike = (guide: PlacedGuide) => byPlace.value.get(placeOf(guide)) ?? [guide]
function words(guide: PlacedGuide): string {
  if (dragged.value?.id === guide.id) return `${Math.round(positionOf(guide))} px`
  const list = alike(guide)
  const which = list.length > 1 ? `, ${list.indexOf(guide) + 1} of ${list.length} here` : ''
  return `${guideWords(guide.at)}${which}`
}
/** The next of those that lie here, after the one that is chosen. */
function nextHere(guide: PlacedGuide): string {
  const list = alike(guide)
  const at = list.findIndex(({ id }) => guides.selected.value.includes(id))
  return list[(at + 1) % list.length].id
}

function press(event: PointerEvent, guide: PlacedGuide) {
  if (event.button !== 0) return
  event.stopPropagation()
  const isChosen = guides.selected.value.includes(guide.id)
  if (event.shiftKey)
    guides.choose(
      isChosen ? guides.selected.value.filter((id) => id !== guide.id) : [...guides.selected.value, guide.id],
    )
  else if (!isChosen) guides.choose([guide.id])
  page.select([])
  if (guide.locked) return
  followDrag(event, {
    move: (dx, dy) => {
      dragged.value = { id: guide.id, by: Math.round((guide.axis === 'x' ? dx : dy) / props.zoom) }
    },
    end: (kept) => {
      const by = dragged.value?.by ?? 0
      dragged.value = undefined
      if (!kept || by === 0) return
      if (event.altKey) guides.copy([guide.id], by)
      else if (leavesPage(guide, by)) guides.clear([guide.id])
      else guides.move([guide.id], by)
    },
    // A press on a chosen one that others lie under goes on to the next.
    click: () => isChosen && !event.shiftKey && guides.choose([nextHere(guide)]),
  })
}

/** A guide pulled off the page is taken away. */
function leavesPage({ axis, position }: PlacedGuide, by: number): boolean {
  const at = position + by
  return at < -8 || at > (axis === 'x' ? props.width : props.height) + 8
}
</script>

<template>
  <template v-if="shown.guides">
    <div
      v-for="guide in guides.placed.value.filter(({ hidden }) => !hidden)"
      :key="guide.id"
      class="guide"
      :class="[
        guide.axis,
        {
          several: alike(guide).length > 1,
          chosen: guides.selected.value.includes(guide.id),
          locked: guide.locked,
          dragged: dragged?.id === guide.id,
        },
      ]"
      :style="style(guide)"
      :data-guide="guide.id"
      :title="
        alike(guide).length > 1
          ? `${alike(guide).length} guides lie here: press again for the next`
          : guide.locked
            ? 'Locked guide'
            : 'Drag to move, with Alt to copy; off the page takes it away'
      "
      @pointerdown="press($event, guide)"
    >
      <span class="px-tag">{{ words(guide) }}</span>
    </div>
  </template>
</template>

<style scoped>
.guide {
  position: absolute;
  z-index: 2;
}
.guide::before {
  content: '';
  position: absolute;
  border: 0 solid var(--guide);
  opacity: var(--strength);
}
.x {
  top: 0;
  bottom: 0;
  width: 7px;
  margin-left: -3px;
  cursor: ew-resize;
}
.x::before {
  top: 0;
  bottom: 0;
  left: 3px;
  border-left-width: 1px;
}
.y {
  right: 0;
  left: 0;
  height: 7px;
  margin-top: -3px;
  cursor: ns-resize;
}
.y::before {
  top: 3px;
  right: 0;
  left: 0;
  border-top-width: 1px;
}
.locked {
  cursor: default;
}
.locked::before {
  border-style: dashed;
}
.chosen {
  z-index: 3;
}
.chosen::before {
  opacity: 1;
}
/* Two lines close together: more than one guide. */
.x.several::before {
  width: 4px;
  border-right-width: 1px;
}
.y.several::before {
  height: 4px;
  border-bottom-width: 1px;
}
.x.chosen::before {
  border-left-width: 2px;
}
.y.chosen::before {
  border-top-width: 2px;
}
.px-tag {
  display: none;
}
.guide:hover .px-tag,
.guide.chosen .px-tag,
.guide.dragged .px-tag {
  display: block;
}
</style>
