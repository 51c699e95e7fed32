<script setup lang="ts">
import { ElRadioButton, ElRadioGroup } from 'element-plus'
import { computed, watch } from 'vue'
import { useCommands } from '../commands/commandStore'
import type { Comparison } from './comparison'
import { useDraftingPage } from './useDraftingPage'
import { FINISHES, useFinish, WIREFRAME_FINISHES, type WireframeFinish } from './usePainter'

/**
 * How wireframes are shown: in sketch or plain, for the whole project, or here in both beside each other. A mockup is
 * shown finished, beside the wireframe it was, or with a line across it.
 */
const comparison = defineModel<Comparison>({ required: true })
const { as } = useDraftingPage()
const { finish, choose } = useFinish()
const isMockup = computed(() => as.value === 'mockup')
watch(as, () => (comparison.value = 'alone'))

const choices = computed((): Record<string, string> =>
  isMockup.value
    ? { finished: FINISHES.finished, beside: 'Beside', divided: 'Divided' }
    : { ...WIREFRAME_FINISHES, beside: 'Both' },
)
const TITLES: Record<string, string> = {
  beside: 'In two finishes beside each other',
  divided: 'The wireframe up to a line that can be pulled across the page',
}
const value = computed(() => {
  if (comparison.value !== 'alone') return comparison.value
  return isMockup.value ? 'finished' : finish.value
})

function show(wanted: string | number | boolean | undefined) {
  if (wanted === 'beside' || wanted === 'divided') return (comparison.value = wanted)
  comparison.value = 'alone'
  if (!isMockup.value && wanted !== finish.value) choose(wanted as WireframeFinish)
}
useCommands().offer([
  {
    id: 'finish',
    label: 'Show wireframes in sketch or plain',
    keys: ['S'],
    run: () => choose(finish.value === 'sketch' ? 'plain' : 'sketch'),
  },
  {
    id: 'finish-both',
    label: 'Show two finishes beside each other',
    keys: ['Shift+S'],
    run: () => (comparison.value = comparison.value === 'beside' ? 'alone' : 'beside'),
  },
])
</script>

<template>
  <ElRadioGroup :model-value="value" aria-label="Finish" @change="show">
    <ElRadioButton v-for="(label, name) in choices" :key="name" :value="name" :title="TITLES[name]">{{
      label
    }}</ElRadioButton>
  </ElRadioGroup>
</template>

<style scoped>
.el-radio-group {
  flex-wrap: nowrap;
}
</style>
