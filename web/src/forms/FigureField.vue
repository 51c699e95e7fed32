<script setup lang="ts">
import LengthInput, { type TypedMeasure } from './LengthInput.vue'

/** A labelled figure in px; what is typed in other units is turned into px. */
defineProps<{
  label: string
  value?: number
  /** px that 100 % stands for */
  percentOf?: number
  placeholder?: string
  hideLabel?: boolean
  disabled?: boolean
  /** what cannot be read stands for another try */
  keeps?: boolean
}>()
const emit = defineEmits<{ change: [px: number | undefined]; trouble: [says: string] }>()

const shown = (value: number | undefined) =>
  value === undefined ? '' : String(Math.round(value * 100) / 100)

function typed(measure: TypedMeasure) {
  if (!measure) emit('change', undefined)
  else if ('px' in measure) emit('change', Math.round(measure.px * 10_000) / 10_000)
}
</script>

<template>
  <label class="figure-field">
    <span :class="{ 'visually-hidden': hideLabel }">{{ label }}</span>
    <LengthInput
      :label="label"
      :value="shown(value)"
      :percent-of="percentOf"
      :placeholder="placeholder"
      :disabled="disabled"
      stays
      :keeps="keeps"
      @change="typed"
      @trouble="emit('trouble', $event)"
    />
  </label>
</template>

<style scoped>
.figure-field {
  display: grid;
  gap: 2px;
  min-width: 0;
  color: var(--soft);
}
</style>
