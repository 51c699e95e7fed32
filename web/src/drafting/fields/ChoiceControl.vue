<script setup lang="ts">
import { computed } from 'vue'
import type { FieldControl } from '@nolvex/core/block/field'
import SelectField from '../../forms/SelectField.vue'
import type { ControlEmits, ControlProps } from './control'

/** One of a few values. */
const props = defineProps<ControlProps>()
const emit = defineEmits<ControlEmits>()
const control = computed(() => props.state.field.control as Extract<FieldControl, { type: 'choice' }>)
const value = computed(() => {
  if (props.state.isMixed) return undefined
  return (props.state.value as string | undefined) ?? control.value.absent
})
</script>

<template>
  <SelectField
    :label="state.field.label"
    :value="value"
    :options="control.options"
    :placeholder="state.isMixed ? 'mixed' : undefined"
    @change="emit('write', $event === '' ? undefined : $event)"
  />
</template>
