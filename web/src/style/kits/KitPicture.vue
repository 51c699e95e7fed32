<script setup lang="ts">
import { computed, shallowRef, watch } from 'vue'
import type { PartState } from '@nolvex/core/style/part'
import type { Band } from '@nolvex/core/site/site'
import { MarkGroup } from '../../vector/MarkGroup'
import type { PaintedBlock } from './kitWorker'
import { kitWorker } from './openKits'

/** A block as it is dressed: as large as there is room for, or one px of it to one of the screen. */
const props = defineProps<{
  /** what the worker knows its documents by */
  source: string
  /** changes when they do */
  stamp: number
  drawing: string
  root: string
  band: Band
  state?: PartState
  label: string
  isActual?: boolean
}>()
/** px round a block that stands in a section */
const AIR = 12

const painted = shallowRef<PaintedBlock>()
const isGone = shallowRef(false)
let asked = 0
watch(
  () => [props.source, props.stamp, props.drawing, props.root, props.band, props.state] as const,
  async ([source, , drawing, root, band, state]) => {
    const turn = ++asked
    const wanted = { drawing, root, band: band.id, width: band.drawnAt, state }
    const block = await kitWorker().paint(source, wanted)
    if (turn !== asked) return
    painted.value = block
    isGone.value = block === undefined
  },
  { immediate: true },
)

const room = computed(() => {
  if (!painted.value) return undefined
  const { x, y, width, height } = painted.value
  const air = width < props.band.drawnAt ? AIR : 0
  return { x: x - air, y: y - air, width: width + 2 * air, height: Math.max(1, height + 2 * air) }
})
const viewBox = computed(() => room.value && Object.values(room.value).join(' '))
const size = computed(() =>
  props.isActual && room.value ? { width: room.value.width, height: room.value.height } : {},
)
</script>

<template>
  <svg
    v-if="painted && room"
    class="kit-picture"
    :class="{ actual: isActual }"
    :viewBox="viewBox"
    v-bind="size"
    preserveAspectRatio="xMidYMid meet"
    role="img"
    :aria-label="label"
  >
    <rect v-bind="room" :fill="painted.ground" />
    <MarkGroup v-for="group in painted.groups" :key="group.key" :group="group" />
  </svg>
  <span v-else class="soft waits">{{ isGone ? 'It has no drawing.' : '' }}</span>
</template>

<style scoped>
.kit-picture {
  display: block;
  width: 100%;
  height: 100%;
}
.kit-picture.actual {
  flex: none;
  width: auto;
  height: auto;
}
.waits {
  padding: 8px;
}
</style>
