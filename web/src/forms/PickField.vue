<script setup lang="ts">
import { ElSelectV2 } from 'element-plus'
import { computed, ref } from 'vue'

/** A choice out of many, found by typing; nothing is chosen before Enter or a click says so. */
const props = defineProps<{
  label: string
  value?: string
  choices: Readonly<Record<string, string>>
  /** words shown while nothing is chosen */
  none?: string
  hideLabel?: boolean
  /** what is chosen may be taken back */
  clearable?: boolean
}>()
const emit = defineEmits<{ change: [value: string | undefined] }>()
const options = computed(() => Object.entries(props.choices).map(([value, label]) => ({ value, label })))
/** Made anew after each choice where the field only adds things. */
const turn = ref(0)

function chosen(value: string | undefined) {
  emit('change', value || undefined)
  if (props.value === undefined) turn.value++
}
</script>

<template>
  <div class="pick-field">
    <span :class="{ 'visually-hidden': hideLabel }" aria-hidden="true">{{ label }}</span>
    <ElSelectV2
      :key="turn"
      :model-value="value"
      :options="options"
      filterable
      default-first-option
      :clearable="clearable"
      :placeholder="none ?? 'Choose'"
      :aria-label="label"
      no-match-text="Nothing has these words"
      no-data-text="There is nothing to choose from yet"
      @update:model-value="chosen"
    />
  </div>
</template>

<style scoped>
.pick-field {
  display: grid;
  gap: 2px;
  min-width: 96px;
  color: var(--soft);
}
</style>
