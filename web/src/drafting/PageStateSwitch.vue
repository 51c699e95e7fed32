<script setup lang="ts">
import { computed } from 'vue'
import { USUAL_STATE } from '@nolvex/core/site/pageState'
import SelectField from '../forms/SelectField.vue'
import { useProject } from '../session/projectStore'
import { useDraftingPage } from './useDraftingPage'

/** Which of its own states the page is shown in, where it has some. */
const page = useDraftingPage()
const project = useProject()
const MANAGE = 'manage'
const choices = computed(() => ({
  ...Object.fromEntries(
    page.pageStates.value.map((id) => [
      id,
      id === USUAL_STATE ? 'As usual' : (project.site.records.pageStates[id]?.name ?? ''),
    ]),
  ),
  [MANAGE]: 'States of the page…',
}))
function choose(id: string) {
  if (id === MANAGE) page.panel.value = 'pageStates'
  else page.pageState.value = id
}
</script>

<template>
  <SelectField
    v-if="page.pageStates.value.length > 1"
    class="switch"
    label="State of the page"
    :value="page.pageState.value"
    :options="choices"
    @change="choose"
  />
</template>

<style scoped>
.switch {
  width: 112px;
}
</style>
