<script setup lang="ts">
import { computed } from 'vue'
import type { FieldControl } from '@nolvex/core/block/field'
import type { Json } from '@nolvex/core/document/types'
import LineInput from '../../forms/LineInput.vue'
import type { ControlEmits, ControlProps } from './control'
import { useLengths } from './useLengths'

/** A length, typed with or without a unit, as a sum, or as one of a few words. */
const props = defineProps<ControlProps>()
const emit = defineEmits<ControlEmits>()
const { lengthWords, readLength } = useLengths()
const control = computed(() => props.state.field.control as Extract<FieldControl, { type: 'length' }>)

function typed(text: string, refuse: () => void) {
  emit('trouble', '')
  if (text === '' || text === control.value.absent) return emit('write', undefined)
  if (control.value.words?.includes(text)) return emit('write', text)
  const read = readLength(text)
  if ('length' in read) return emit('write', read.length as unknown as Json)
  emit('trouble', read.error)
  refuse()
}
</script>

<template>
  <LineInput
    :label="state.field.label"
    :value="lengthWords(state.value)"
    :placeholder="state.isMixed ? 'mixed' : control.absent"
    :title="[...(control.words ?? []), 'a length such as 24 or 1.5em'].join(', ')"
    @change="typed"
  />
</template>
