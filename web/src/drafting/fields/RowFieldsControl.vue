<script setup lang="ts">
import { ElSelectV2 } from 'element-plus'
import { computed } from 'vue'
import type { ControlEmits, ControlProps } from './control'
import { useRowFields } from './useRowFields'

/** Which fields of a collection are listed, in the order they are chosen; all where none is. */
const props = defineProps<ControlProps>()
const emit = defineEmits<ControlEmits>()
const fields = useRowFields(props)
const options = computed(() => fields.value.map(([value, label]) => ({ value, label })))
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
