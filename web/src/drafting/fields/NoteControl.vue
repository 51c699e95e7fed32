<script setup lang="ts">
import type { FieldControl } from '@nolvex/core/block/field'
import LineInput from '../../forms/LineInput.vue'
import type { ControlEmits, ControlProps } from './control'

/** Words over several lines, to whoever reads the drawing. */
defineProps<ControlProps>()
const emit = defineEmits<ControlEmits>()
</script>

<template>
  <LineInput
    :label="state.field.label"
    :value="String(state.value ?? '')"
    :rows="3"
    :max="(state.field.control as Extract<FieldControl, { type: 'note' }>).most"
    :placeholder="state.isMixed ? 'mixed' : 'What whoever builds it has to know'"
    @change="emit('write', $event || undefined)"
  />
</template>
