<script setup lang="ts" generic="T extends string">
/** A labelled choice of one; the empty choice, when there is one, means no value. */
defineProps<{
  label: string
  value?: T
  choices: Readonly<Partial<Record<T, string>>>
  none?: string
  hideLabel?: boolean
}>()
const emit = defineEmits<{ change: [value: T | undefined] }>()

const chosen = (event: Event) => emit('change', ((event.target as HTMLSelectElement).value || undefined) as T)
</script>

<template>
  <label class="choice-field">
    <span :class="{ 'visually-hidden': hideLabel }">{{ label }}</span>
    <select class="field" :value="value ?? ''" @change="chosen">
      <option v-if="none !== undefined" value="">{{ none }}</option>
      <option v-for="(words, choice) in choices" :key="choice" :value="choice">{{ words }}</option>
    </select>
  </label>
</template>

<style scoped>
.choice-field {
  display: grid;
  gap: 2px;
  color: var(--soft);
}
.field {
  width: 100%;
  min-width: 0;
  padding-left: 4px;
  color: var(--ink);
}
</style>
