<script setup lang="ts">
import { ElInput } from 'element-plus'
import { ref, watch } from 'vue'

/** One line that is written when it is left or Enter is pressed, and shows what stands again when it is refused. */
const props = defineProps<{
  label: string
  value: string
  placeholder?: string
  most?: number
  title?: string
}>()
/** Whoever does not take what was typed refuses it. */
const emit = defineEmits<{ change: [text: string, refuse: () => void] }>()
const text = ref(props.value)
watch(
  () => props.value,
  (value) => (text.value = value),
)

function written() {
  if (text.value.trim() !== props.value) emit('change', text.value.trim(), () => (text.value = props.value))
}
</script>

<template>
  <ElInput
    v-model="text"
    :aria-label="label"
    :placeholder="placeholder"
    :maxlength="most ?? 200"
    :title="title"
    @change="written"
    @keydown.enter="($event.target as HTMLInputElement).blur()"
  />
</template>
