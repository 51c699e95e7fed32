<script setup lang="ts">
import { useTypedPx } from './useTypedPx'

/**
 * A figure in px. Sums and other units are understood (“64 + 24”, “1.5em”); arrow keys step it, with Shift by ten.
 * What cannot be read, or is refused by `check`, is said and the figure stays.
 */
const props = defineProps<{
  label: string
  value?: number
  /** px that 100 % stands for */
  percentOf?: number
  placeholder?: string
  hideLabel?: boolean
  disabled?: boolean
}>()
const emit = defineEmits<{ change: [px: number | undefined]; trouble: [says: string] }>()
const typedPx = useTypedPx()

const shown = (value: number | undefined) =>
  value === undefined ? '' : String(Math.round(value * 100) / 100)

function typed(event: Event) {
  const input = event.target as HTMLInputElement
  const text = input.value.trim()
  emit('trouble', '')
  if (text === '') emit('change', undefined)
  else {
    const read = typedPx(text, props.percentOf)
    if ('error' in read) emit('trouble', read.error)
    else emit('change', Math.round(read.px * 10_000) / 10_000)
  }
  // What was refused gives way to what stands; what was taken is shown as it was rounded.
  queueMicrotask(() => (input.value = shown(props.value)))
}

function step(event: KeyboardEvent) {
  const by = { ArrowUp: 1, ArrowDown: -1 }[event.key]
  if (event.key === 'Enter') (event.target as HTMLInputElement).select()
  if (by === undefined) return
  event.preventDefault()
  event.stopPropagation()
  const input = event.target as HTMLInputElement
  input.value = String(Math.round(((Number(input.value) || 0) + by * (event.shiftKey ? 10 : 1)) * 100) / 100)
  typed(event)
}
</script>

<template>
  <label class="figure-field">
    <span :class="{ 'visually-hidden': hideLabel }">{{ label }}</span>
    <input
      class="field"
      :value="shown(value)"
      :placeholder="placeholder"
      :disabled="disabled"
      :aria-label="label"
      autocomplete="off"
      @change="typed"
      @keydown="step"
    />
  </label>
</template>

<style scoped>
.figure-field {
  display: grid;
  gap: 2px;
  color: var(--soft);
}
.field {
  width: 100%;
  min-width: 0;
  color: var(--ink);
}
</style>
