<script setup lang="ts">
import {
  ElButton,
  ElCheckbox,
  ElCheckboxGroup,
  ElForm,
  ElFormItem,
  ElInput,
  ElRadioButton,
  ElRadioGroup,
  type FormInstance,
  type InputInstance,
} from 'element-plus'
import { reactive, ref } from 'vue'
import { z } from 'zod'
import { zodRule } from '../forms/zodRule'
import { PROFILES, profileOf } from '../stages/profiles'
import { stages } from '../stages/stages'

/** A new project: its name, and which stages it goes through. */
const emit = defineEmits<{ begin: [name: string, profile: string[] | undefined] }>()
const CHOOSE = 'Choose…'
const form = ref<FormInstance>()
const field = ref<InputInstance>()
const model = reactive({ name: '', profile: 'All stages', chosen: stages.map(({ name }) => name) })
const rules = {
  name: zodRule(z.string().trim().min(1, 'Give the project a name first.').max(200), 'change'),
}
defineExpose({ focus: () => field.value?.focus() })

async function begin() {
  if (!(await form.value?.validate().catch(() => false))) return field.value?.focus()
  const takes = PROFILES[model.profile] as ((stage: string) => boolean) | undefined
  const isTaken = (stage: string) => stage === 'map' || model.chosen.includes(stage)
  emit('begin', model.name.trim(), profileOf(takes ?? isTaken))
}
</script>

<template>
  <ElForm
    ref="form"
    class="begin"
    :model="model"
    :rules="rules"
    label-position="top"
    hide-required-asterisk
    @submit.prevent="begin"
  >
    <ElFormItem class="name" label="New project" prop="name">
      <ElInput id="new-project" ref="field" v-model="model.name" placeholder="Its name" maxlength="200" />
    </ElFormItem>
    <ElFormItem label="Stages it goes through">
      <ElRadioGroup v-model="model.profile" aria-label="Stages it goes through">
        <ElRadioButton v-for="name in [...Object.keys(PROFILES), CHOOSE]" :key="name" :value="name">{{
          name
        }}</ElRadioButton>
      </ElRadioGroup>
    </ElFormItem>
    <ElButton type="primary" native-type="submit">Begin with its site map</ElButton>
    <ElCheckboxGroup
      v-if="model.profile === CHOOSE"
      v-model="model.chosen"
      class="stages"
      aria-label="Stages"
    >
      <ElCheckbox
        v-for="stage in stages"
        :key="stage.name"
        :value="stage.name"
        :disabled="stage.name === 'map'"
        >{{ stage.label }}</ElCheckbox
      >
    </ElCheckboxGroup>
  </ElForm>
</template>

<style scoped>
.begin {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 16px;
  align-items: start;
}
.begin > .el-button {
  margin-top: 22px;
}
.name {
  width: 240px;
}
.stages {
  display: flex;
  flex-wrap: wrap;
  gap: 0 16px;
  width: 100%;
}
</style>
