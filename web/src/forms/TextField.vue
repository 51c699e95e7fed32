<script setup lang="ts">
import LineInput from './LineInput.vue'

/** A labelled text that is written when one leaves it; empty means no value. */
defineProps<{
  label: string
  value?: string
  rows?: number
  placeholder?: string
  max?: number
  hideLabel?: boolean
}>()
const emit = defineEmits<{ change: [value: string | undefined] }>()
</script>

<template>
  <label class="text-field">
    <span :class="{ 'visually-hidden': hideLabel }">{{ label }}</span>
    <LineInput
      :label="label"
      :value="value ?? ''"
      :rows="rows"
      :placeholder="placeholder"
      :max="max ?? (rows ? 2000 : 500)"
      @change="emit('change', $event || undefined)"
    />
  </label>
</template>

<style scoped>
.text-field {
  display: grid;
  gap: 2px;
  min-width: 0;
  color: var(--soft);
}
</style>
