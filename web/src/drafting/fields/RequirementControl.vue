<script setup lang="ts">
import { computed } from 'vue'
import { inOrder } from '@nolvex/core/document/tree'
import { cutText } from '@nolvex/core/text/cutText'
import SelectField from '../../forms/SelectField.vue'
import { useProject } from '../../session/projectStore'
import { useDraftingPage } from '../useDraftingPage'
import type { ControlEmits, ControlProps } from './control'

/** A requirement of the page, or of the whole project, that a block meets. */
const props = defineProps<ControlProps>()
const emit = defineEmits<ControlEmits>()
const project = useProject()
const page = useDraftingPage()
const NONE = 'none'
const LONGEST = 60
const options = computed(() => {
  const { requirements } = project.site.records
  const list = inOrder(Object.values(requirements))
    .filter((one) => one.page === undefined || one.page === page.page.value)
    .map(({ id, number, text }) => [id, `R-${number} ${cutText(text, LONGEST)}`])
  const own = props.state.value as string | undefined
  const gone = own !== undefined && !requirements[own] ? [[own, 'a requirement that is gone']] : []
  return Object.fromEntries([[NONE, 'none'], ...list, ...gone]) as Record<string, string>
})
</script>

<template>
  <SelectField
    :label="state.field.label"
    :value="state.isMixed ? undefined : String(state.value ?? NONE)"
    :options="options"
    :placeholder="state.isMixed ? 'mixed' : undefined"
    filterable
    @change="emit('write', $event === NONE ? undefined : $event)"
  />
</template>
