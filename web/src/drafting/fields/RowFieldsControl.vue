<script setup lang="ts">
import { ElSelectV2 } from 'element-plus'
import { computed } from 'vue'
import { fieldsOf } from '@nolvex/core/content/collectionChanges'
import { useProject } from '../../session/projectStore'
import type { ControlEmits, ControlProps } from './control'

/** Which fields of a collection are listed, in the order they are chosen; all where none is. */
const props = defineProps<ControlProps>()
const emit = defineEmits<ControlEmits>()
const project = useProject()
const options = computed(() => {
  const id = props.state.block?.data?.collection
  const collection = project.collections.find((one) => one.id === id)
  return collection
    ? fieldsOf(collection).map((field) => ({ value: field.id, label: field.name || 'Untitled' }))
    : []
})
const chosen = computed(() => (props.state.value as string[] | undefined) ?? [])
</script>

<template>
  <ElSelectV2
    :model-value="chosen"
    :options="options"
    multiple
    collapse-tags
    placeholder="all fields"
    :aria-label="state.field.label"
    @update:model-value="emit('write', $event.length ? $event : undefined)"
  />
</template>
