<script setup lang="ts">
import { watchDebounced } from '@vueuse/core'
import { ElButton } from 'element-plus'
import { computed } from 'vue'
import { PageResolver } from '@nolvex/core/resolve/resolvePage'
import { unfinished } from '@nolvex/core/review/mockup/unfinished'
import { useProject } from '../session/projectStore'
import { useDraftingPage } from './useDraftingPage'

/** How much of the mockup is still to come, and the way to the list of it. */
const project = useProject()
const page = useDraftingPage()
const toggle = () => (page.panel.value = page.panel.value === 'unfinished' ? undefined : 'unfinished')

/** Looked for when one rests: it walks through every value of the page. */
const resolver = new PageResolver({ withHidden: false, as: 'mockup' })
watchDebounced(
  [() => project.view.documents, page.page],
  () => {
    const id = page.page.value
    const resolved = resolver.resolve(project.sources(id), page.bands.value.lead)
    page.lacks.value = unfinished(resolved, project.view.documents, id)
  },
  { immediate: true, debounce: 250 },
)
const words = computed(() => {
  const { value: lacks } = page.lacks
  if (!lacks) return 'To finish'
  return lacks.length ? `${lacks.length} to finish` : 'All finished'
})
</script>

<template>
  <ElButton :aria-pressed="page.panel.value === 'unfinished'" @click="toggle">{{ words }}</ElButton>
</template>
