<script setup lang="ts">
import { computed } from 'vue'
import { inOrder } from '@nolvex/core/document/tree'
import { cutText } from '@nolvex/core/text/cutText'
import { useProject } from '../../session/projectStore'
import { useDraftingPage } from '../useDraftingPage'
import type { ControlEmits, ControlProps } from './control'
import NamedChoice from './NamedChoice.vue'

/** A requirement of the page, or of the whole project, that a block meets. */
defineProps<ControlProps>()
const emit = defineEmits<ControlEmits>()
const project = useProject()
const page = useDraftingPage()
const LONGEST = 60
const requirements = computed(() =>
  inOrder(Object.values(project.site.records.requirements))
    .filter((one) => one.page === undefined || one.page === page.page.value)
    .map(({ id, number, text }) => [id, `R-${number} ${cutText(text, LONGEST)}`] as const),
)
</script>

<template>
  <NamedChoice
    :state="state"
    :choices="requirements"
    none="none"
    gone="a requirement that is gone"
    filterable
    @write="emit('write', $event)"
  />
</template>
