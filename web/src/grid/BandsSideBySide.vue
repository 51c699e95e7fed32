<script setup lang="ts">
import { useElementSize } from '@vueuse/core'
import { computed, ref } from 'vue'
import PageDrawing from '../drafting/PageDrawing.vue'
import GridLines from './GridLines.vue'
import type { BandPage } from './useBandPages'

/** A page at all bands beside one another, to one scale, with the grid over it and what it carries below. */
const props = defineProps<{ pages: BandPage[]; lead: string }>()
const row = ref<HTMLElement>()
const { width: room } = useElementSize(row)
const GAP = 16
const HEIGHT = 220

const scale = computed(() => {
  const all = props.pages.reduce((sum, { band }) => sum + band.drawnAt, 0)
  return Math.max(0.05, (room.value - GAP * (props.pages.length - 1)) / Math.max(1, all))
})

const shownHeight = computed(() => HEIGHT / scale.value)
const screens = (px: number) => Math.round((px / 900) * 10) / 10
</script>

<template>
  <div ref="row" class="side-by-side">
    <figure
      v-for="{ band, grid, layout, carried } in pages"
      :key="band.id"
      :style="{ width: `${band.drawnAt * scale}px` }"
    >
      <svg
        :viewBox="`0 0 ${band.drawnAt} ${shownHeight}`"
        role="img"
        :height="HEIGHT"
        :aria-label="`The page at ${band.name}, ${band.drawnAt} px wide, with ${grid.columns} columns`"
      >
        <rect :fill="layout.ground" :width="band.drawnAt" :height="shownHeight" />
        <PageDrawing :layout="layout" :until="shownHeight" />
        <GridLines :grid="grid" :width="band.drawnAt" :height="shownHeight" />
      </svg>
      <figcaption>
        <b>{{ band.name }} {{ band.drawnAt }}</b>
        <span v-if="carried.blocks" class="soft">
          {{ carried.blocks }} blocks, {{ carried.words }} words, {{ screens(carried.height) }} × 900 px
        </span>
        <span v-else class="soft">nothing drawn</span>
      </figcaption>
    </figure>
  </div>
</template>

<style scoped>
.side-by-side {
  display: flex;
  gap: 16px;
  align-items: flex-start;
  overflow: hidden;
}
figure {
  flex: none;
  min-width: 0;
  margin: 0;
}
svg {
  display: block;
  width: 100%;
  border: 1px solid var(--edge);
}
figcaption {
  display: grid;
  padding-top: 4px;
  font-size: 12px;
  line-height: 16px;
}
</style>
