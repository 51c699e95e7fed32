<script setup lang="ts" generic="T extends string">
import { computed } from 'vue'
import SelectField from './SelectField.vue'

/** A labelled choice of one; the empty choice, when there is one, means no value. */
const props = defineProps<{
  label: string
  value?: T
  choices: Readonly<Partial<Record<T, string>>>
  none?: string
  hideLabel?: boolean
  disabled?: boolean
}>()
const emit = defineEmits<{ change: [value: T | undefined] }>()

const options = computed(() => ({
  ...(props.none === undefined ? {} : { '': props.none }),
  ...(props.choices as Record<string, string>),
}))
</script>

<template>
  <label class="choice-field">
    <span :class="{ 'visually-hidden': hideLabel }">{{ label }}</span>
    <SelectField
      :label="label"
      :value="value ?? ''"
      :options="options"
      :placeholder="none"
      :disabled="disabled"
      @change="emit('change', ($event || undefined) as T | undefined)"
    />
  </label>
</template>

<style scoped>
.choice-field {
  display: grid;
  gap: 2px;
  min-width: 96px;
  color: var(--soft);
}
</style>
