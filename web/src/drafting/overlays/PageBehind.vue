<script setup lang="ts">
import { computed } from 'vue'
import { withAlpha } from '@nolvex/core/colour/spaces'
import { USUAL_VEIL } from '@nolvex/core/site/overlay'
import { useProject } from '../../session/projectStore'
import { MarkGroup } from '../../vector/MarkGroup'
import { useDraftingPage } from '../useDraftingPage'
import type { DrawnOverlay } from '../useLaidOutPage'
import { useShownPage } from '../useShownPage'

/** What a visitor sees behind an overlay: the first screen of its page, under the veil. */
const props = defineProps<{ overlay: DrawnOverlay; zoom: number }>()
const project = useProject()
const page = useDraftingPage()
const tall = computed(() => props.overlay.tall)
const { layout, groups } = useShownPage(
  () => ({
    sources: project.sources(props.overlay.record.page),
    band: page.band.value.id,
    width: page.width.value,
    until: tall.value,
  }),
  page.as.value,
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
