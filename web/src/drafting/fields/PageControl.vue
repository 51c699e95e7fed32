<script setup lang="ts">
import { computed } from 'vue'
import SelectField from '../../forms/SelectField.vue'
import type { ControlEmits, ControlProps } from './control'
import { usePageChoices } from './usePageChoices'

/** A page of the map, or none. */
defineProps<ControlProps>()
const emit = defineEmits<ControlEmits>()
const NONE = 'none'
const pages = usePageChoices()
const options = computed(() => Object.fromEntries([[NONE, 'none'], ...pages.value]) as Record<string, string>)
</script>

<template>
  <SelectField
    :label="state.field.label"
    :value="state.isMixed ? undefined : String(state.value ?? NONE)"
    :options="options"
    :placeholder="state.isMixed ? 'mixed' : undefined"
    filterable
    @change="emit('write', $event === NONE ? undefined : $event)"
  />
</template>
