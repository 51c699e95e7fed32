<script setup lang="ts">
import { computed } from 'vue'
import { MarkGroup } from '../vector/MarkGroup'
import type { useBehind } from './useBehind'

/** The block an artwork is laid behind, as it stands on its page, over the artwork. */
const props = defineProps<{
  behind: ReturnType<typeof useBehind>
  /** width of the artwork for its height */
  ratio: number
}>()
const { frame, groups } = props.behind
/** As much of the artwork as the block is of its proportions, in the middle of it; percentages. */
const place = computed(() => {
  const { width, height } = frame.value ?? { width: 1, height: 1 }
  const wide = Math.min(1, width / height / props.ratio)
  const tall = Math.min(1, (props.ratio * height) / width)
  const percent = (share: number) => `${100 * share}%`
  return {
    ...{ left: percent((1 - wide) / 2), top: percent((1 - tall) / 2) },
    ...{ width: percent(wide), height: percent(tall) },
  }
})
</script>

<template>
  <svg
    v-if="frame"
    class="in-front"
    :viewBox="`${frame.x} ${frame.y} ${frame.width} ${frame.height}`"
    :style="place"
    aria-hidden="true"
  >
    <MarkGroup v-for="group in groups" :key="group.key" :group="group" />
  </svg>
</template>

<style scoped>
.in-front {
  position: absolute;
  pointer-events: none;
}
</style>
