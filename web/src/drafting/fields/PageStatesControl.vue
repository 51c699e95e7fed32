<script setup lang="ts">
import { ElCheckbox } from 'element-plus'
import { computed } from 'vue'
import { USUAL_STATE } from '@nolvex/core/site/pageState'
import { useProject } from '../../session/projectStore'
import { useDraftingPage } from '../useDraftingPage'
import type { ControlEmits, ControlProps } from './control'

/** The states of its page in which a block is shown. */
const props = defineProps<ControlProps>()
const emit = defineEmits<ControlEmits>()
const project = useProject()
const { pageStates } = useDraftingPage()
const shown = computed(() => (props.state.value as string[] | undefined) ?? pageStates.value)
const nameOf = (id: string) =>
  id === USUAL_STATE ? 'as usual' : (project.site.records.pageStates[id]?.name ?? '')

function set(id: string, isShown: boolean) {
  const now = pageStates.value.filter((one) => (one === id ? isShown : shown.value.includes(one)))
  if (now.length === 0) return emit('trouble', 'A block is shown in one state at least. Delete it instead.')
  emit('write', now.length === pageStates.value.length ? undefined : now)
}
</script>

<template>
  <div v-if="pageStates.length > 1" class="states">
    <ElCheckbox
      v-for="id in pageStates"
      :key="id"
      :model-value="shown.includes(id)"
      @change="set(id, $event as boolean)"
      >{{ nameOf(id) }}</ElCheckbox
    >
  </div>
  <p v-else class="soft">This page has no states of its own yet.</p>
</template>

<style scoped>
.states {
  display: grid;
}
p {
  margin: 0;
}
</style>
