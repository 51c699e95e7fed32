<script setup lang="ts">
import { computed } from 'vue'
import SelectField from '../../forms/SelectField.vue'
import type { ControlEmits, ControlProps } from './control'

/** One of some records by its id, or none; one that was deleted is still shown for what it is. */
const props = defineProps<
  ControlProps & {
    choices: (readonly [id: string, label: string])[]
    /** words for no choice, and for one that is gone */
    none: string
    gone: string
    filterable?: boolean
  }
>()
const emit = defineEmits<Pick<ControlEmits, 'write'>>()
const NONE = 'none'
const options = computed(() => {
  const own = props.state.value as string | undefined
  const isGone = own !== undefined && !props.choices.some(([id]) => id === own)
  const all = [[NONE, props.none], ...props.choices, ...(isGone ? [[own, props.gone]] : [])]
  return Object.fromEntries(all) as Record<string, string>
})
</script>

<template>
  <SelectField
    :label="state.field.label"
    :value="state.isMixed ? undefined : String(state.value ?? NONE)"
    :options="options"
    :placeholder="state.isMixed ? 'mixed' : undefined"
    :filterable="filterable"
    @change="emit('write', $event === NONE ? undefined : $event)"
  />
</template>
