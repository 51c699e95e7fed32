<script setup lang="ts">
import { nextTick, ref } from 'vue'
import LineInput from './LineInput.vue'

/** The text of a table's cell; a click or Enter opens it for typing. A field in every cell would make scrolling halt. */
defineProps<{ label: string; value: string; max?: number }>()
const emit = defineEmits<{ change: [text: string] }>()
const isOpen = ref(false)
const cell = ref<HTMLElement>()
const field = ref<HTMLElement>()

async function open() {
  isOpen.value = true
  await nextTick()
  field.value?.querySelector('input')?.select()
}

/** The keys go back to the cell, unless they have gone on to another. */
async function close(event: FocusEvent) {
  isOpen.value = false
  await nextTick()
  if (!event.relatedTarget) cell.value?.focus()
}
</script>

<template>
  <span v-if="isOpen" ref="field" @focusout="close">
    <LineInput :label="label" :value="value" :max="max ?? 2000" @change="emit('change', $event)" />
  </span>
  <span
    v-else
    ref="cell"
    class="cell"
    tabindex="0"
    dir="auto"
    :title="label"
    @click="open"
    @keydown.enter.prevent.stop="open"
    >{{ value || '\u00a0' }}</span
  >
</template>

<style scoped>
.cell {
  display: block;
  padding: 3px 4px;
  overflow: hidden;
  text-overflow: ellipsis;
  cursor: text;
}
.cell:hover {
  box-shadow: inset 0 0 0 1px var(--edge);
}
.cell:focus-visible {
  outline-offset: -2px;
}
</style>
