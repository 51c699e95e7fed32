<script setup lang="ts">
import type { Triple } from '@nolvex/core/artwork/solids'
import CountField from '../forms/CountField.vue'

/** Three figures of a solid, one for each axis. */
const props = defineProps<{
  label: string
  value: Triple
  least: number
  most: number
  step: number
  /** what the axes are called */
  axes: [string, string, string]
}>()
const emit = defineEmits<{ change: [value: Triple] }>()
const change = (axis: number, to: number) =>
  emit('change', props.value.map((value, index) => (index === axis ? to : value)) as Triple)
</script>

<template>
  <fieldset class="triple">
    <legend>{{ label }}</legend>
    <CountField
      v-for="(name, axis) in axes"
      :key="name"
      :label="name"
      :value="value[axis]"
      v-bind="{ least, most, step }"
      :places="step < 1 ? 2 : 0"
      @change="$event !== undefined && change(axis, $event)"
    />
  </fieldset>
</template>

<style scoped>
.triple {
  display: grid;
  grid-template-columns: repeat(3, 1fr);
  gap: 6px;
  margin: 0;
  padding: 0;
  border: 0;
}
legend {
  padding: 0;
  font-weight: 600;
}
</style>
