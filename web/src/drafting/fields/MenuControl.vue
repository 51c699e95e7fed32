<script setup lang="ts">
import { computed } from 'vue'
import { menusInOrder } from '@nolvex/core/site/menuChanges'
import { useProject } from '../../session/projectStore'
import type { ControlEmits, ControlProps } from './control'
import NamedChoice from './NamedChoice.vue'

/** A menu of the map, or none. */
defineProps<ControlProps>()
const emit = defineEmits<ControlEmits>()
const project = useProject()
const menus = computed(() =>
  menusInOrder(project.site.records.menus).map(({ id, name }) => [id, name || 'Untitled'] as const),
)
</script>

<template>
  <NamedChoice
    :state="state"
    :choices="menus"
    none="none: pages below"
    gone="a menu that is gone"
    @write="emit('write', $event)"
  />
</template>
