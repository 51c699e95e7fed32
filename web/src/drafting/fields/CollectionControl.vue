<script setup lang="ts">
import { computed } from 'vue'
import SelectField from '../../forms/SelectField.vue'
import { useProject } from '../../session/projectStore'
import type { ControlEmits, ControlProps } from './control'

/** A collection of the project, or none. */
const props = defineProps<ControlProps>()
const emit = defineEmits<ControlEmits>()
const project = useProject()
const NONE = 'none'
const options = computed(() => {
  const all = project.collections.map(({ id, records }) => [
    id,
    records.settings.collection.name || 'Untitled',
  ])
  const own = props.state.value as string | undefined
  const isGone = own !== undefined && !project.collections.some(({ id }) => id === own)
  return Object.fromEntries([
    [NONE, 'none yet'],
    ...all,
    ...(isGone ? [[own, 'a collection that is gone']] : []),
  ]) as Record<string, string>
})
</script>

<template>
  <SelectField
    :label="state.field.label"
    :value="state.isMixed ? undefined : String(state.value ?? NONE)"
    :options="options"
    :placeholder="state.isMixed ? 'mixed' : undefined"
    @change="emit('write', $event === NONE ? undefined : $event)"
  />
</template>
