<script setup lang="ts">
import { computed } from 'vue'
import type { Deficiency } from '@nolvex/core/colour/deficiency'
import { samplePage } from '@nolvex/core/draft/samplePage'
import type { StyleDocument } from '@nolvex/core/style/style'
import type { ColourSet } from '@nolvex/core/style/token'
import { useProject } from '../session/projectStore'
import GuidePage from './GuidePage.vue'
import { useGuidePages } from './useGuidePages'

/** A page of samples in place of one of the project's own. */
const props = defineProps<{ style?: StyleDocument; set?: ColourSet; seenBy?: Deficiency }>()
const project = useProject()
const { lead } = useGuidePages()
const sources = computed(() => ({
  drawing: samplePage,
  site: project.site,
  style: props.style ?? project.style,
  around: project.around,
}))
</script>

<template>
  <GuidePage
    :sources="sources"
    :band="lead.id"
    :at="lead.drawnAt"
    :until="lead.drawnAt * 0.9"
    :style="style"
    :set="set"
    :seen-by="seenBy"
    label="Samples as the style guide dresses them"
  />
</template>
