<script setup lang="ts">
import { computed } from 'vue'
import type { FieldControl } from '@nolvex/core/block/field'
import LineInput from '../../forms/LineInput.vue'
import type { ControlEmits, ControlProps } from './control'

/** Words one below another, each on a line of its own. */
const props = defineProps<ControlProps>()
const emit = defineEmits<ControlEmits>()
const MOST = 20_000
const most = computed(() => (props.state.field.control as Extract<FieldControl, { type: 'lines' }>).most)
const text = computed(() => ((props.state.value as string[] | undefined) ?? []).join('\n'))

function write(typed: string) {
  const lines = typed
    .split('\n')
    .map((line) => line.trim())
    .filter(Boolean)
  if (lines.length > most.value)
    return emit('trouble', `${props.state.field.label}: ${lines.length} lines; at most ${most.value} go in.`)
  emit('trouble', '')
  emit('write', lines.length ? lines.map((line) => line.slice(0, 500)) : undefined)
}
</script>

<template>
  <LineInput
    :label="`${state.field.label}, one a line`"
    :value="text"
    :rows="4"
    :max="MOST"
    :placeholder="state.isMixed ? 'mixed' : 'One a line'"
    @change="write"
  />
</template>
