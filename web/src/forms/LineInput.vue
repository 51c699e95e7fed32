<script setup lang="ts">
import { ElInput } from 'element-plus'
import { nextTick, ref, watch } from 'vue'

/**
 * Words that are written when they are left or Enter is pressed.
 * Escape gives back what stood; a second one is for whatever the field stands on.
 */
const props = defineProps<{
  label: string
  value: string
  placeholder?: string
  max?: number
  /** lines of a text that may have several */
  rows?: number
  title?: string
  disabled?: boolean
  /** Enter keeps the keys in the field, for another try */
  stays?: boolean
  /** what was typed was refused and stands for another try */
  keeps?: boolean
  /** the browser's own field: for figures made anew with each selection, where the library's takes several ms each */
  isLight?: boolean
}>()
const emit = defineEmits<{ change: [text: string] }>()
const text = ref(props.value)
const giveBack = () => (text.value = props.value)
watch(() => props.value, giveBack)

/** Whatever becomes of what was typed, the field then shows what stands, unless it is kept for another try. */
async function written() {
  const typed = text.value.trim()
  if (typed !== props.value) emit('change', typed)
  await nextTick()
  if (!props.keeps) giveBack()
}

function keyed(event: KeyboardEvent) {
  const field = event.target as HTMLInputElement
  if (event.key === 'Enter' && !props.rows) {
    if (props.stays) field.select()
    else field.blur()
  }
  if (event.key === 'Escape' && text.value !== props.value) {
    event.stopPropagation()
    giveBack()
  }
}
</script>

<template>
  <input
    v-if="isLight"
    v-model="text"
    class="light-input"
    :placeholder="placeholder"
    dir="auto"
    :aria-label="label"
    :maxlength="max ?? 500"
    :title="title"
    :disabled="disabled"
    autocomplete="off"
    @change="written"
    @keydown="keyed"
  />
  <ElInput
    v-else
    v-model="text"
    :type="rows ? 'textarea' : 'text'"
    :rows="rows"
    :aria-label="label"
    :placeholder="placeholder"
    :maxlength="max ?? 500"
    :title="title"
    :disabled="disabled"
    dir="auto"
    autocomplete="off"
    @change="written"
    @keydown="keyed($event as KeyboardEvent)"
  />
</template>
