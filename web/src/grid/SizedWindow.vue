<script setup lang="ts">
import { computed } from 'vue'
import { eachBox, type PageLayout } from '@nolvex/core/layout/pageLayout'
import { paintPlain } from '@nolvex/core/paint/plainFinish'
import type { Shape } from '@nolvex/core/paint/shape'
import BlockShapes from '../drafting/BlockShapes.vue'
import { assetAddress } from '../session/api'
import { useProject } from '../session/projectStore'

/** The beginning of a page in a window, to the scale of the widest window. */
const props = defineProps<{ layout: PageLayout; windowWidth: number; zoom: number; label: string }>()
const project = useProject()
const WIDEST = 1920
const HEIGHT = 2000

interface Painted {
  id: string
  x: number
  y: number
  shapes: Shape[]
}
const painted = computed(() => {
  const found: Painted[] = []
  eachBox(props.layout, (box, x, y) => {
    if (y * props.zoom > HEIGHT) return
    const shapes = paintPlain(box, ({ asset }) => asset && assetAddress(project.id, asset))
    if (shapes.length) found.push({ id: box.node.id, x, y, shapes })
  })
  return found
})
</script>

<template>
  <svg :viewBox="`0 0 ${WIDEST} ${HEIGHT}`" role="img" :aria-label="`${label}, ${windowWidth} px`">
    <g :transform="`translate(${(WIDEST - windowWidth) / 2} 0)`">
      <svg :width="windowWidth" :height="HEIGHT" :viewBox="`0 0 ${windowWidth} ${HEIGHT}`">
        <rect :fill="layout.ground" :width="windowWidth" :height="HEIGHT" />
        <g :transform="`scale(${zoom})`">
          <BlockShapes
            v-for="one in painted"
            :id="one.id"
            :key="one.id"
            :x="one.x"
            :y="one.y"
            :shapes="one.shapes"
          />
        </g>
      </svg>
      <rect class="edge" :width="windowWidth" :height="HEIGHT" />
    </g>
  </svg>
</template>

<style scoped>
svg {
  display: block;
  width: 100%;
  background: var(--desk);
}
.edge {
  fill: none;
  stroke: var(--ink);
  vector-effect: non-scaling-stroke;
}
</style>
