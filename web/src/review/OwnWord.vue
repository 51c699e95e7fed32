<script setup lang="ts">
import { ElButton } from 'element-plus'
import { useProject } from '../session/projectStore'

/** Calls a word no dictionary has one of the project's own. */
const props = defineProps<{ word: string }>()
const project = useProject()
const know = () =>
  project.setSite(
    `Know “${props.word}” as a word`,
    'settings',
    'site',
    ['ownWords', props.word.toLowerCase()],
    true,
  )
</script>

<template>
  <ElButton @click="know">It is a word</ElButton>
</template>
