<script setup lang="ts">
import { computed } from 'vue'
import { eachBox, type PageLayout } from '@nolvex/core/layout/pageLayout'
import { paintPlain } from '@nolvex/core/paint/plainFinish'
import type { Shape } from '@nolvex/core/paint/shape'
import { assetAddress } from '../session/api'
import { useProject } from '../session/projectStore'
import BlockShapes from './BlockShapes.vue'

/** A laid-out page as part of a drawing, down to a height, px of the page. */
const props = defineProps<{ layout: PageLayout; until: number }>()
const project = useProject()

interface Painted {
  id: string
  x: number
  y: number
  shapes: Shape[]
}
const painted = computed(() => {
  const found: Painted[] = []
  eachBox(props.layout, (box, x, y) => {
    if (y > props.until) return
    const shapes = paintPlain(box, ({ asset }) => asset && assetAddress(project.id, asset))
    if (shapes.length) found.push({ id: box.node.key, x, y, shapes })
  })
  return found
})
</script>

<template>
  <BlockShapes v-for="one in painted" :id="one.id" :key="one.id" :x="one.x" :y="one.y" :shapes="one.shapes" />
</template>
