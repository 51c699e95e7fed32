<script setup lang="ts">
import { computed, useId } from 'vue'
import { DEFICIENCY_MATRICES, type Deficiency } from '@nolvex/core/colour/deficiency'
import type { PageLayout } from '@nolvex/core/layout/pageLayout'
import { finishedFinish } from '@nolvex/core/paint/finishedFinish'
import { marksBetween, PagePainter } from '@nolvex/core/paint/pagePainter'
import type { PageSources } from '@nolvex/core/resolve/pageSources'
import { PageResolver } from '@nolvex/core/resolve/resolvePage'
import type { StyleDocument } from '@nolvex/core/style/style'
import type { ColourSet } from '@nolvex/core/style/token'
import { usualEnvironment } from '@nolvex/core/units/environment'
import { keptLayouter, useFontsOf } from '../fonts/useFontLibrary'
import { pictureAddress } from '../session/api'
import { useProject } from '../session/projectStore'
import { MarkGroup } from '../vector/MarkGroup'

/** The top of a page as the style guide dresses it, painted anew as soon as the guide changes. */
const props = defineProps<{
  sources: PageSources
  band: string
  /** px it is laid out at */
  at: number
  /** px of the page that are shown, from its top */
  until: number
  /** a guide in place of the project's */
  style?: StyleDocument
  set?: ColourSet
  seenBy?: Deficiency
  label: string
}>()
const project = useProject()
const library = useFontsOf(() => props.style ?? project.style)
const filter = useId()

const resolvers = {
  light: new PageResolver({ withHidden: false, set: 'light' }),
  dark: new PageResolver({ withHidden: false, set: 'dark' }),
}
const layouter = keptLayouter()
const layout = computed((): PageLayout | undefined => {
  if (!library.value) return undefined
  const sources = props.style ? { ...props.sources, style: props.style } : props.sources
  const page = resolvers[props.set ?? 'light'].resolve(sources, props.band)
  return layouter(library.value).layout(page, { ...usualEnvironment, viewportWidth: props.at })
})
const painter = new PagePainter(finishedFinish, (picture) => pictureAddress(project.id, picture))
const groups = computed(() =>
  layout.value ? marksBetween(painter.sections(layout.value), 0, props.until) : [],
)
const height = computed(() => Math.min(props.until, Math.max(layout.value?.height ?? 0, 200)))
const matrix = computed(() =>
  props.seenBy
    ? [...DEFICIENCY_MATRICES[props.seenBy].flatMap((row) => [...row, 0, 0]), 0, 0, 0, 1, 0].join(' ')
    : '',
)
defineExpose({ layout })
</script>

<template>
  <svg v-if="layout" class="guide-page" :viewBox="`0 0 ${at} ${height}`" role="img" :aria-label="label">
    <filter v-if="seenBy" :id="filter" color-interpolation-filters="linearRGB">
      <feColorMatrix type="matrix" :values="matrix" />
    </filter>
    <g :filter="seenBy ? `url(#${filter})` : undefined">
      <rect :width="at" :height="height" :fill="layout.ground" />
      <MarkGroup v-for="group in groups" :key="group.key" :group="group" />
    </g>
  </svg>
  <div v-else class="waits" role="status">The fonts are loading…</div>
</template>

<style scoped>
.guide-page {
  display: block;
  width: 100%;
  overflow: hidden;
  background: #fff;
  border: 1px solid var(--edge);
}
.waits {
  padding: 40px;
  color: var(--soft);
}
</style>
