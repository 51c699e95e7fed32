<script setup lang="ts">
import { ElInputNumber } from 'element-plus'

/** A labelled number within limits, typed or stepped with the arrow keys: a whole one, unless it has places. */
defineProps<{
  label: string
  value: number | undefined
  least: number
  most: number
  placeholder?: string
  /** figures after the point */
  places?: number
  step?: number
  hideLabel?: boolean
}>()
const emit = defineEmits<{ change: [count: number | undefined] }>()
</script>

<template>
  <label class="count-field">
    <span :class="{ 'visually-hidden': hideLabel }">{{ label }}</span>
    <ElInputNumber
      :model-value="value"
      :min="least"
      :max="most"
      :precision="places ?? 0"
      :step="step ?? 1"
      :controls="false"
      align="left"
      :aria-label="label"
      :placeholder="placeholder"
      @change="emit('change', $event ?? undefined)"
    />
  </label>
</template>

<style scoped>
.count-field {
  display: grid;
  gap: 2px;
  min-width: 0;
  color: var(--soft);
}
.count-field :deep(.el-input-number) {
  width: 100%;
  min-width: 56px;
}
</style>
