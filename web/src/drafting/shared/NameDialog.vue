<script setup lang="ts">
import { ElButton, ElDialog, ElInput, type InputInstance } from 'element-plus'
import { computed, ref, watch } from 'vue'
import type { NameAsked } from './useSharedCommands'

/** Asks what a new shared block, or a new pattern, is called. */
const props = defineProps<{ asked: NameAsked | undefined; suggested: string }>()
const emit = defineEmits<{ named: [name: string]; leave: [] }>()
const name = ref('')
const field = ref<InputInstance>()
watch(
  () => props.asked,
  (asked) => asked && (name.value = props.suggested),
)
const WORDS: Record<NameAsked, { title: string; says: string; does: string }> = {
  share: {
    title: 'Make a shared block',
    says: 'It is drawn once. Copies of it stand on pages and follow each change; single values may differ.',
    does: 'Share it',
  },
  pattern: {
    title: 'Keep a section pattern',
    says: 'The section is put on other pages as it is drawn now, and follows nothing there.',
    does: 'Keep it',
  },
}
const words = computed(() => WORDS[props.asked ?? 'share'])
const give = () => name.value.trim() && emit('named', name.value.trim())
</script>

<template>
  <ElDialog
    :model-value="asked !== undefined"
    :title="words.title"
    width="440"
    @opened="field?.select()"
    @update:model-value="emit('leave')"
  >
    <p>{{ words.says }}</p>
    <ElInput
      ref="field"
      v-model="name"
      aria-label="Name"
      placeholder="Name"
      :maxlength="100"
      @keydown.enter="give"
    />
    <div class="do">
      <ElButton type="primary" :disabled="!name.trim()" @click="give">{{ words.does }}</ElButton>
      <ElButton @click="emit('leave')">Leave it</ElButton>
    </div>
  </ElDialog>
</template>

<style scoped>
.el-input {
  margin-top: 10px;
}
.do {
  display: flex;
  gap: 8px;
  margin-top: 12px;
}
</style>
