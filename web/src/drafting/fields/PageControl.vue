<script setup lang="ts">
import type { ControlEmits, ControlProps } from './control'
import NamedChoice from './NamedChoice.vue'
import { usePageChoices } from './usePageChoices'

/** A page of the map, or none. */
defineProps<ControlProps>()
const emit = defineEmits<ControlEmits>()
const pages = usePageChoices()
</script>

<template>
  <NamedChoice
    :state="state"
    :choices="pages"
    none="none"
    gone="a page that is gone"
    filterable
    @write="emit('write', $event)"
  />
</template>
