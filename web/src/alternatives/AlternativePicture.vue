<script setup lang="ts">
import { computed } from 'vue'
import type { StoredDocument } from '@nolvex/core/document/types'
import type { DrawingDocument } from '@nolvex/core/drawing/drawing'
import { environmentOf } from '@nolvex/core/layout/pageFont'
import { finishedFinish } from '@nolvex/core/paint/finishedFinish'
import { PagePainter } from '@nolvex/core/paint/pagePainter'
import { PageResolver, type PageSources } from '@nolvex/core/resolve/resolvePage'
import type { Band } from '@nolvex/core/site/site'
import type { StyleDocument } from '@nolvex/core/style/style'
import { keptLayouter, useFontLibrary } from '../fonts/useFontLibrary'
import { assetAddress } from '../session/api'
import { useProject } from '../session/projectStore'
import { MarkGroup } from '../vector/MarkGroup'

/** A page with the drawing, or with the guide, that one of several alternatives holds. */
const props = defineProps<{
  page: string
  band: Band
  /** what the alternative holds: a drawing, or a guide */
  held: StoredDocument | undefined
  label: string
}>()
const project = useProject()
const library = useFontLibrary()

const sources = computed((): PageSources => {
  const own = project.sources(props.page)
  if (props.held?.kind === 'drawing')
    return { ...own, drawing: { ...(props.held as unknown as DrawingDocument), id: props.page } }
  if (props.held?.kind !== 'style') return own
  const held = props.held as unknown as StyleDocument
  return { ...own, style: { ...own.style, records: { ...own.style.records, ...shownOf(held, own.style) } } }
})
/** Shared blocks are the project's, whichever guide dresses them. */
function shownOf(held: StyleDocument, now: StyleDocument) {
  const { shared, sharedValues, patterns } = now.records
  return { ...held.records, shared, sharedValues, patterns }
}

const resolver = new PageResolver({ withHidden: false, as: 'mockup' })
const layouter = keptLayouter()
const layout = computed(() => {
  if (!library.value) return undefined
  const { rootSize } = project.site.records.settings.site
  return layouter(library.value).layout(resolver.resolve(sources.value, props.band.id), {
    ...environmentOf(rootSize),
    viewportWidth: props.band.drawnAt,
  })
})
const groups = computed(() =>
  layout.value
    ? new PagePainter(finishedFinish, ({ asset }) => asset && assetAddress(project.id, asset))
        .sections(layout.value)
        .map(({ painted }) => painted.group)
    : [],
)
</script>

<template>
  <svg
    v-if="layout"
    class="alternative-picture"
    :viewBox="`0 0 ${layout.width} ${Math.max(layout.height, 120)}`"
    role="img"
    :aria-label="label"
  >
    <rect width="100%" height="100%" :fill="layout.ground" />
    <MarkGroup v-for="group in groups" :key="group.key" :group="group" />
  </svg>
</template>

<style scoped>
.alternative-picture {
  display: block;
  width: 100%;
  border: 1px solid var(--hairline);
}
</style>
