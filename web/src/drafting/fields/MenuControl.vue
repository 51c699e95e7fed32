<script setup lang="ts">
import { computed } from 'vue'
import { menusInOrder } from '@nolvex/core/site/menuChanges'
import SelectField from '../../forms/SelectField.vue'
import { useProject } from '../../session/projectStore'
import type { ControlEmits, ControlProps } from './control'

/** A menu of the map, or none. */
const props = defineProps<ControlProps>()
const emit = defineEmits<ControlEmits>()
const project = useProject()
const NONE = 'none'
const options = computed(() => {
  const menus = menusInOrder(project.site.records.menus).map(({ id, name }) => [id, name || 'Untitled'])
  const own = props.state.value as string | undefined
  const isGone = own !== undefined && !project.site.records.menus[own]
  const gone = isGone ? [[own, 'a menu that is gone']] : []
  return Object.fromEntries([[NONE, 'none: pages below'], ...menus, ...gone]) as Record<string, string>
})
</script>

<template>
  <SelectField
    :label="state.field.label"
    :value="state.isMixed ? undefined : String(state.value ?? NONE)"
    :options="options"
    :placeholder="state.isMixed ? 'mixed' : undefined"
    @change="emit('write', $event === NONE ? undefined : $event)"
  />
</template>
