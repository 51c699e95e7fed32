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
/** As wide as its longest choice, where there is room: the list's own field has no width of its own. */
const longest = computed(() =>
  Object.values(options.value).reduce((most, words) => (words.length > most.length ? words : most), ''),
)
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
    <span class="longest" aria-hidden="true">{{ longest }}</span>
  </label>
</template>

<style scoped>
.choice-field {
  display: grid;
  gap: 2px;
  grid-template-columns: minmax(0, 1fr);
  min-width: 84px;
  color: var(--soft);
}
.longest {
  max-width: 240px;
  height: 0;
  padding: 0 32px 0 10px;
  overflow: hidden;
  visibility: hidden;
  white-space: nowrap;
}
</style>
