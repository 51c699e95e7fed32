<script setup lang="ts">
import { ElButton, ElForm, ElFormItem, ElInput, type FormInstance } from 'element-plus'
import { reactive, ref } from 'vue'
import { zodRule } from '../forms/zodRule'
import { readNames, typedNames } from './approvers'

/** Who approves, by name; a stage is approved when `approve` says it was kept. */
const props = defineProps<{
  label: string
  words: string
  main?: boolean
  disabled?: boolean
  approve: (by: string[]) => Promise<boolean>
}>()
const form = ref<FormInstance>()
const model = reactive({ names: '' })
const rules = { names: zodRule(typedNames) }

async function submit() {
  if (!(await form.value?.validate().catch(() => false))) return
  if (await props.approve(readNames(model.names))) form.value?.resetFields()
}
</script>

<template>
  <ElForm
    ref="form"
    :model="model"
    :rules="rules"
    label-position="top"
    hide-required-asterisk
    @submit.prevent="submit"
  >
    <slot />
    <ElFormItem :label="label" prop="names">
      <ElInput v-model="model.names" placeholder="names, parted by commas" maxlength="1000" />
    </ElFormItem>
    <ElButton :type="main ? 'primary' : undefined" native-type="submit" :disabled="disabled">{{
      words
    }}</ElButton>
  </ElForm>
</template>

<style scoped>
.el-form {
  display: grid;
  gap: 6px;
  justify-items: start;
}
.el-form > :deep(label),
.el-form-item {
  width: 100%;
  margin: 0;
}
</style>
