<script setup lang="ts">
import { computed } from 'vue'
import { tagOf } from '@nolvex/core/block/block'
import { inOrder } from '@nolvex/core/document/tree'
import SelectField from '../../forms/SelectField.vue'
import { useProject } from '../../session/projectStore'
import type { ControlEmits, ControlProps } from './control'

/** A type level of the style guide, or the one the block's element has. */
const props = defineProps<ControlProps>()
const emit = defineEmits<ControlEmits>()
const project = useProject()
const AS_ELEMENT = ' '
const options = computed(() => {
  const levels = inOrder(Object.values(project.style.records.levels))
  const own = props.state.block ? `as ${tagOf(props.state.block)}` : 'as its element'
  const { value } = props.state
  const isGone = typeof value === 'string' && !(value in project.style.records.levels)
  return {
    [AS_ELEMENT]: own,
    ...Object.fromEntries(levels.map(({ id, name }) => [id, name])),
    ...(isGone && { [value]: 'a level that is gone' }),
  }
})
</script>

<template>
  <SelectField
    :label="state.field.label"
    :value="state.isMixed ? undefined : String(state.value ?? AS_ELEMENT)"
    :options="options"
    :placeholder="state.isMixed ? 'mixed' : undefined"
    @change="emit('write', $event === AS_ELEMENT ? undefined : $event)"
  />
</template>
