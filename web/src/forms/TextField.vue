<script setup lang="ts">
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

function written(event: Event) {
  emit('change', (event.target as HTMLInputElement | HTMLTextAreaElement).value.trim() || undefined)
}
</script>

<template>
  <label class="text-field">
    <span :class="{ 'visually-hidden': hideLabel }">{{ label }}</span>
    <textarea
      v-if="rows"
      class="field"
      :rows="rows"
      :maxlength="max ?? 2000"
      :value="value ?? ''"
      :placeholder="placeholder"
      dir="auto"
      @change="written"
    />
    <input
      v-else
      class="field"
      :maxlength="max ?? 500"
      :value="value ?? ''"
      :placeholder="placeholder"
      dir="auto"
      @change="written"
      @keydown.enter="($event.target as HTMLInputElement).blur()"
    />
  </label>
</template>

<style scoped>
.text-field {
  display: grid;
  gap: 2px;
  color: var(--soft);
}
.field {
  width: 100%;
  min-width: 0;
  color: var(--ink);
}
textarea.field {
  height: auto;
  padding: 5px 8px;
  resize: vertical;
}
</style>
