<script setup lang="ts">
import { computed } from 'vue'
import type { PartState } from '@nolvex/core/block/partState'
import { eachBox } from '@nolvex/core/layout/pageLayout'
import { finishedFinish } from '@nolvex/core/paint/finishedFinish'
import { marksBetween, PagePainter } from '@nolvex/core/paint/pagePainter'
import { PageResolver } from '@nolvex/core/resolve/resolvePage'
import { environmentOf } from '@nolvex/core/layout/pageFont'
import { keptLayouter, useFontLibrary } from '../fonts/useFontLibrary'
import { pictureAddress } from '../session/api'
import { useProject } from '../session/projectStore'
import { MarkGroup } from '../vector/MarkGroup'
import { useDraftingPage } from './useDraftingPage'

/** A block of the page as it looks in a state, cut out of the page. */
const props = defineProps<{
  /** of the instance */
  of: string
  state?: PartState
  /** px it may take */
  room: number
}>()
const project = useProject()
const page = useDraftingPage()
const library = useFontLibrary()
const AROUND = 12

const resolver = new PageResolver({ withHidden: false, as: 'mockup' })
const layouter = keptLayouter()
const layout = computed(() => {
  if (!library.value) return undefined
  const { page: id, band, pageState, width } = page
  const resolved = resolver.resolve(project.sources(id.value), band.value.id, {
    pageState: pageState.value,
    inStates: props.state && { [props.of]: props.state },
  })
  const { rootSize } = project.site.records.settings.site
  return layouter(library.value).layout(resolved, { ...environmentOf(rootSize), viewportWidth: width.value })
})
const frame = computed(() => {
  let found: { x: number; y: number; w: number; h: number } | undefined
  if (layout.value)
    eachBox(layout.value, ({ node, w, h }, x, y) => {
      if (node.key === props.of) found = { x, y, w, h }
    })
  return found
})
const groups = computed(() => {
  if (!layout.value || !frame.value) return []
  const { y, h } = frame.value
  const painter = new PagePainter(finishedFinish, (picture) => pictureAddress(project.id, picture))
  return marksBetween(painter.sections(layout.value), y - AROUND, y + h + AROUND)
})
const size = computed(() => {
  if (!frame.value) return undefined
  const [w, h] = [frame.value.w + 2 * AROUND, frame.value.h + 2 * AROUND]
  const scale = Math.min(1, props.room / w)
  return { w, h, across: w * scale, down: h * scale }
})
</script>

<template>
  <svg
    v-if="layout && frame && size"
    class="state-specimen"
    :viewBox="`${frame.x - AROUND} ${frame.y - AROUND} ${size.w} ${size.h}`"
    :width="size.across"
    :height="size.down"
    role="img"
    :aria-label="state ?? 'at rest'"
  >
    <rect
      :x="frame.x - AROUND"
      :y="frame.y - AROUND"
      :width="size.w"
      :height="size.h"
      :fill="layout.ground"
    />
    <MarkGroup v-for="group in groups" :key="group.key" :group="group" />
  </svg>
</template>

<style scoped>
.state-specimen {
  display: block;
  border: 1px solid var(--hairline);
}
</style>
