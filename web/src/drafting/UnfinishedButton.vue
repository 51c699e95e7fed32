<script setup lang="ts">
import { ElButton } from 'element-plus'
import { useDraftingPage } from './useDraftingPage'
import { useUnfinished } from './useUnfinished'

/** How much of the mockup is still to come, and the way to the list of it. */
const page = useDraftingPage()
const lacks = useUnfinished()
const toggle = () => (page.panel.value = page.panel.value === 'unfinished' ? undefined : 'unfinished')
</script>

<template>
  <ElButton :aria-pressed="page.panel.value === 'unfinished'" @click="toggle">{{
    lacks.length ? `${lacks.length} to finish` : 'All finished'
  }}</ElButton>
</template>
