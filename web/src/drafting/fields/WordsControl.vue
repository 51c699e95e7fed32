<script setup lang="ts">
import type { FieldControl } from '@nolvex/core/block/field'
import LineInput from '../../forms/LineInput.vue'
import type { ControlEmits, ControlProps } from './control'

/** A line of words without marks. */
defineProps<ControlProps>()
const emit = defineEmits<ControlEmits>()
</script>

<template>
  <LineInput
    is-light
    :label="state.field.label"
    :value="String(state.value ?? '')"
    :max="(state.field.control as Extract<FieldControl, { type: 'words' }>).most"
    :placeholder="state.isMixed ? 'mixed' : undefined"
    @change="emit('write', $event || undefined)"
  />
</template>
