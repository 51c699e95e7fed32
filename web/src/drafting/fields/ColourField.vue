<script setup lang="ts">
import { computed } from 'vue'
import type { Json } from '@nolvex/core/document/types'
import SelectField from '../../forms/SelectField.vue'
import { useColours } from './useColours'

/** A colour of the style guide, one that is typed, or none. */
const props = defineProps<{
  label: string
  value: Json | undefined
  placeholder?: string
  canBeNone?: boolean
}>()
const emit = defineEmits<{ change: [colour: Json]; trouble: [says: string] }>()
const { choicesWith, choiceOf, colourOf } = useColours()
const choice = computed(() => choiceOf(props.value))
const options = computed(() => ({
  ...(props.canBeNone ? { none: 'none' } : {}),
  ...choicesWith(choice.value),
}))

function chosen(typed: string) {
  const colour = colourOf(typed)
  emit('trouble', colour === undefined ? `“${typed}” is no colour. Choose one, or type it as #1f5b4c.` : '')
  if (colour !== undefined) emit('change', colour)
}
</script>

<template>
  <SelectField
    :label="label"
    :value="choice"
    :options="options"
    :placeholder="placeholder"
    filterable
    takes-other
    @change="chosen"
  />
</template>
