<script setup lang="ts">
import { computed } from 'vue'
import { withAlpha } from '@nolvex/core/colour/spaces'
import { environmentOf } from '@nolvex/core/layout/pageFont'
import { finishedFinish } from '@nolvex/core/paint/finishedFinish'
import { marksBetween, PagePainter } from '@nolvex/core/paint/pagePainter'
import { plainFinish } from '@nolvex/core/paint/plainFinish'
import { PageResolver } from '@nolvex/core/resolve/resolvePage'
import { USUAL_VEIL } from '@nolvex/core/site/overlay'
import { keptLayouter, useFontLibrary } from '../../fonts/useFontLibrary'
import { assetAddress } from '../../session/api'
import { useProject } from '../../session/projectStore'
import { MarkGroup } from '../../vector/MarkGroup'
import { useDraftingPage } from '../useDraftingPage'
import type { DrawnOverlay } from '../useLaidOutPage'

/** What a visitor sees behind an overlay: the first screen of its page, under the veil. */
const props = defineProps<{ overlay: DrawnOverlay; zoom: number }>()
const project = useProject()
const page = useDraftingPage()
const library = useFontLibrary()
const as = page.as.value
const resolver = new PageResolver({ withHidden: false, as })
const layouter = keptLayouter()
const layout = computed(() => {
  if (!library.value) return undefined
  const resolved = resolver.resolve(project.sources(props.overlay.record.page), page.band.value.id)
  const { rootSize } = project.site.records.settings.site
  return layouter(library.value).layout(resolved, {
    ...environmentOf(rootSize),
    viewportWidth: page.width.value,
  })
})
const painter = new PagePainter(as === 'mockup' ? finishedFinish : plainFinish, ({ asset }) =>
  asset ? assetAddress(project.id, asset) : undefined,
)
const tall = computed(() => props.overlay.tall)
const groups = computed(() =>
  layout.value ? marksBetween(painter.sections(layout.value), 0, tall.value) : [],
)
const corner = computed(() => props.overlay.corner)
const veil = computed(() => {
  const { colour, strength } = props.overlay.record.veil ?? USUAL_VEIL
  return withAlpha(colour, strength)
})
</script>

<template>
  <svg
    v-if="layout"
    class="behind"
    :viewBox="`0 0 ${layout.width} ${tall}`"
    :style="{
      left: `${-corner.x * zoom}px`,
      top: `${-corner.y * zoom}px`,
      width: `${layout.width * zoom}px`,
      height: `${tall * zoom}px`,
    }"
    aria-hidden="true"
  >
    <rect :width="layout.width" :height="tall" :fill="layout.ground" />
    <MarkGroup v-for="group in groups" :key="group.key" :group="group" />
    <rect :width="layout.width" :height="tall" :fill="veil" />
  </svg>
</template>

<style scoped>
.behind {
  position: absolute;
  z-index: -1;
  pointer-events: none;
}
</style>
