<script setup lang="ts">
import { computed } from 'vue'
import type { PartState } from '@nolvex/core/style/part'
import type { Band } from '@nolvex/core/site/site'
import { PageLayouter, type PageLayout } from '@nolvex/core/layout/pageLayout'
import { finishedFinish } from '@nolvex/core/paint/finishedFinish'
import { PagePainter } from '@nolvex/core/paint/pagePainter'
import { PageResolver } from '@nolvex/core/resolve/resolvePage'
import type { StyleDocument } from '@nolvex/core/style/style'
import type { ColourSet } from '@nolvex/core/style/token'
import { usualEnvironment } from '@nolvex/core/units/environment'
import { pictureAddress } from '../session/api'
import { useProject } from '../session/projectStore'
import { MarkGroup } from '../vector/MarkGroup'
import type { DressedKind } from './partsOfKinds'
import { specimenPage } from './specimenPage'
import { useGuidePages } from './useGuidePages'

/** One block of a kind as the guide dresses it, in a variant and a state, as large as it is. */
const props = defineProps<{
  kind: DressedKind
  variant: string | undefined
  state?: PartState
  band: Band
  set?: ColourSet
  /** a guide in place of the project's */
  style?: StyleDocument
  words?: string
}>()
const project = useProject()
const { library } = useGuidePages()
/** px a specimen is laid out at: those that fill a row need more room. */
const WIDTH = { section: 560, table: 440, nav: 440, tabs: 400 } as Record<string, number>
const width = computed(() => WIDTH[props.kind.kind] ?? 300)

const layout = computed((): PageLayout | undefined => {
  if (!library.value) return undefined
  const { kind, specimen } = props.kind
  const own = props.words && specimen.text ? { ...specimen, text: [{ insert: props.words }] } : specimen
  const inState = props.state === 'wrong' ? { ...own, data: { ...own.data, isWrong: true } } : own
  const sources = {
    drawing: specimenPage(kind, props.variant, inState),
    site: project.site,
    style: props.style ?? project.style,
    around: project.around,
  }
  const resolver = new PageResolver({ withHidden: false, set: props.set, state: props.state })
  const page = resolver.resolve(sources, props.band.id)
  return new PageLayouter(library.value).layout(page, { ...usualEnvironment, viewportWidth: width.value })
})
const groups = computed(() =>
  layout.value
    ? new PagePainter(finishedFinish, (picture) => pictureAddress(project.id, picture))
        .sections(layout.value)
        .map(({ painted }) => painted.group)
    : [],
)
</script>

<template>
  <svg
    v-if="layout"
    class="part-specimen"
    :viewBox="`0 0 ${width} ${Math.max(40, layout.height)}`"
    :width="width"
    role="img"
    :aria-label="`${kind.label}${variant ? `, ${variant}` : ''}${state ? `, ${state}` : ''}`"
  >
    <rect width="100%" height="100%" :fill="layout.ground" />
    <MarkGroup v-for="group in groups" :key="group.key" :group="group" />
  </svg>
</template>

<style scoped>
.part-specimen {
  display: block;
  max-width: 100%;
  border: 1px solid var(--hairline);
}
</style>
