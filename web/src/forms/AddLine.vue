<script setup lang="ts">
import { ElButton, ElInput } from 'element-plus'
import { ref } from 'vue'

/** A line to type something new on; Enter adds it and the next can be typed. */
defineProps<{ label: string; placeholder?: string; max?: number }>()
const emit = defineEmits<{ add: [text: string] }>()
const text = ref('')

function add() {
  const typed = text.value.trim()
  if (!typed) return
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
    />
    <ElButton native-type="submit" :disabled="!text.trim()">Add</ElButton>
  </form>
</template>

<style scoped>
.add-line {
  display: flex;
  gap: 6px;
}
</style>
