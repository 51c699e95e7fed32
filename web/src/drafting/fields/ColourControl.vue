<script setup lang="ts">
import type { FieldControl } from '@nolvex/core/block/field'
import ColourField from './ColourField.vue'
import type { ControlEmits, ControlProps } from './control'

defineProps<ControlProps>()
const emit = defineEmits<ControlEmits>()
</script>

<template>
  <ColourField
    :label="state.field.label"
    :value="state.value"
    :placeholder="
      state.isMixed
        ? 'mixed'
        : ((state.field.control as Extract<FieldControl, { type: 'colour' }>).absent ?? 'none')
    "
    can-be-none
    @change="emit('write', $event)"
    @trouble="emit('trouble', $event)"
  />
</template>
