<script setup lang="ts">
import { computed } from 'vue'
import { fieldsOf } from '@nolvex/core/content/collectionChanges'
import SelectField from '../../forms/SelectField.vue'
import { useProject } from '../../session/projectStore'
import type { ControlEmits, ControlProps } from './control'

/** A field of the collection a series is repeated over, or none. */
const props = defineProps<ControlProps>()
const emit = defineEmits<ControlEmits>()
const project = useProject()
const NONE = 'none'
const options = computed(() => {
  const id = props.state.block?.data?.collection
  const collection = project.collections.find((one) => one.id === id)
  const fields = collection ? fieldsOf(collection).map((field) => [field.id, field.name || 'Untitled']) : []
  return Object.fromEntries([[NONE, 'any'], ...fields]) as Record<string, string>
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
