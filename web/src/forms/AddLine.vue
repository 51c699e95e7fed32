<script setup lang="ts">
import { ElButton, ElInput } from 'element-plus'
import { ref } from 'vue'
import TroubleNote from './TroubleNote.vue'

/** A line to type something new on; Enter adds it and the next can be typed. */
const props = defineProps<{
  label: string
  placeholder?: string
  max?: number
  /** what is wrong with what is typed; then it stands for another try */
  check?: (text: string) => string
}>()
const emit = defineEmits<{ add: [text: string] }>()
const text = ref('')
const trouble = ref('')

function add() {
  const typed = text.value.trim()
  if (!typed) return
  trouble.value = props.check?.(typed) ?? ''
  if (trouble.value) return
  emit('add', typed)
  text.value = ''
}
</script>

<template>
  <form class="add-line" @submit.prevent="add">
    <ElInput
      v-model="text"
      :aria-label="label"
      :placeholder="placeholder ?? label"
      :maxlength="max ?? 500"
      dir="auto"
      @update:model-value="trouble = ''"
    />
    <ElButton native-type="submit" :disabled="!text.trim()">Add</ElButton>
  </form>
  <TroubleNote :says="trouble" />
</template>

<style scoped>
.add-line {
  display: flex;
  gap: 6px;
}
</style>
