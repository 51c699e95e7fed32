<script setup lang="ts">
import { computed } from 'vue'
import type { FieldControl } from '@nolvex/core/block/field'
import LineInput from '../../forms/LineInput.vue'
import type { ControlEmits, ControlProps } from './control'

/** A plain number within limits. */
const props = defineProps<ControlProps>()
const emit = defineEmits<ControlEmits>()
const control = computed(() => props.state.field.control as Extract<FieldControl, { type: 'number' }>)
const shown = computed(() => (props.state.value === undefined ? '' : String(props.state.value)))

function typed(text: string) {
  emit('trouble', '')
  if (text === '') return emit('write', undefined)
  const { least, most, step } = control.value
  const number = Number(text.replace(',', '.'))
  const isWhole = step < 1 || Number.isInteger(number)
  if (number >= least && number <= most && isWhole) return emit('write', number)
  emit(
    'trouble',
    `Type a ${step < 1 ? '' : 'whole '}number from ${least} to ${most} for ${props.state.field.label}.`,
  )
}
</script>

<template>
  <LineInput
    is-light
    :label="state.field.label"
    :value="shown"
    :placeholder="state.isMixed ? 'mixed' : String(control.absent ?? '')"
    @change="typed"
  />
</template>
