<script setup lang="ts">
import { ElRadioButton, ElRadioGroup } from 'element-plus'
import { computed } from 'vue'
import { useCommands } from '../commands/commandStore'
import { FINISHES, useFinish, type FinishName } from './usePainter'

/** How wireframes are shown: in sketch or plain, for the whole project, or here in both beside each other. */
const isCompared = defineModel<boolean>({ required: true })
const { finish, choose } = useFinish()
const BOTH = 'both'
const value = computed(() => (isCompared.value ? BOTH : finish.value))

function show(wanted: string | number | boolean | undefined) {
  isCompared.value = wanted === BOTH
  if (wanted !== BOTH && wanted !== finish.value) choose(wanted as FinishName)
}
useCommands().offer([
  {
    id: 'finish',
    label: 'Show wireframes in sketch or plain',
    keys: ['S'],
    run: () => show(finish.value === 'sketch' ? 'plain' : 'sketch'),
  },
  {
    id: 'finish-both',
    label: 'Show sketch and plain beside each other',
    keys: ['Shift+S'],
    run: () => (isCompared.value = !isCompared.value),
  },
])
</script>

<template>
  <ElRadioGroup :model-value="value" aria-label="Finish" @change="show">
    <ElRadioButton v-for="(label, name) in FINISHES" :key="name" :value="name">{{ label }}</ElRadioButton>
    <ElRadioButton :value="BOTH" title="Sketch and plain beside each other">Both</ElRadioButton>
  </ElRadioGroup>
</template>

<style scoped>
.el-radio-group {
  flex-wrap: nowrap;
}
</style>
