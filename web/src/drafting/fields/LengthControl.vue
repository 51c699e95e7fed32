<script setup lang="ts">
import { computed } from 'vue'
import type { FieldControl } from '@nolvex/core/block/field'
import type { Json } from '@nolvex/core/document/types'
import LengthInput, { type TypedMeasure } from '../../forms/LengthInput.vue'
import type { ControlEmits, ControlProps } from './control'
import { useLengths } from './useLengths'

/** A length, typed with or without a unit, as a sum, or as one of a few words. */
const props = defineProps<ControlProps>()
const emit = defineEmits<ControlEmits>()
const { lengthWords, readLength } = useLengths()
const control = computed(() => props.state.field.control as Extract<FieldControl, { type: 'length' }>)

const absent = computed(() => control.value.absent)
const words = computed(() => [...(control.value.words ?? []), ...(absent.value ? [absent.value] : [])])

function typed(measure: TypedMeasure) {
  if (!measure) emit('write', undefined)
  else if ('word' in measure) emit('write', measure.word === absent.value ? undefined : measure.word)
  else emit('write', measure.length as unknown as Json)
}
</script>

<template>
  <LengthInput
    is-light
    :label="state.field.label"
    :value="lengthWords(state.value)"
    :words="words"
    :read="readLength"
    :placeholder="state.isMixed ? 'mixed' : absent"
    :title="[...(control.words ?? []), 'a length such as 24 or 1.5em'].join(', ')"
    @change="typed"
    @trouble="emit('trouble', $event)"
  />
</template>
