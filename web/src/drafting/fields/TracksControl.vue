<script setup lang="ts">
import { computed } from 'vue'
import LineInput from '../../forms/LineInput.vue'
import type { ControlEmits, ControlProps } from './control'

/** Tracks: a number of equal ones, their shares, or the page's columns. */
const props = defineProps<ControlProps>()
const emit = defineEmits<ControlEmits>()
const shown = computed(() => {
  const { value } = props.state
  return Array.isArray(value) ? value.join(' ') : String(value ?? '')
})

function typed(text: string) {
  emit('trouble', '')
  if (text === '' || text === 'columns') return emit('write', text || undefined)
  const shares = text.split(/\s+/).map(Number)
  if (shares.every((share) => share >= 1 && share <= 100))
    return emit('write', shares.length === 1 ? Math.round(shares[0]) : shares)
  emit('trouble', 'Type a number of tracks, shares such as “2 1 1”, or “columns” for the page’s grid.')
}
</script>

<template>
  <LineInput
    is-light
    :label="state.field.label"
    :value="shown"
    :placeholder="state.isMixed ? 'mixed' : 'columns'"
    title="a number, shares such as 2 1 1, or columns"
    @change="typed"
  />
</template>
