<script setup lang="ts">
import { computed } from 'vue'
import { useProject } from '../../session/projectStore'
import type { ControlEmits, ControlProps } from './control'
import NamedChoice from './NamedChoice.vue'

/** A collection of the project, or none. */
defineProps<ControlProps>()
const emit = defineEmits<ControlEmits>()
const project = useProject()
const collections = computed(() =>
  project.collections.map(({ id, records }) => [id, records.settings.collection.name || 'Untitled'] as const),
)
</script>

<template>
  <NamedChoice
    :state="state"
    :choices="collections"
    none="none yet"
    gone="a collection that is gone"
    @write="emit('write', $event)"
  />
</template>
