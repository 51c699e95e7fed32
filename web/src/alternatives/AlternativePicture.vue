<script setup lang="ts">
import { computed } from 'vue'
import type { StoredDocument } from '@nolvex/core/document/types'
import type { DrawingDocument } from '@nolvex/core/drawing/drawing'
import type { PageSources } from '@nolvex/core/resolve/resolvePage'
import type { Band } from '@nolvex/core/site/site'
import type { StyleDocument } from '@nolvex/core/style/style'
import { useShownPage } from '../drafting/useShownPage'
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

const { layout, groups } = useShownPage(() => ({
  sources: sources.value,
  band: props.band.id,
  width: props.band.drawnAt,
}))
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
