<script setup lang="ts">
import type { ControlEmits, ControlProps } from './control'
import NamedChoice from './NamedChoice.vue'
import { useRowFields } from './useRowFields'

/** A field of the collection a series is repeated over, or none. */
const props = defineProps<ControlProps>()
const emit = defineEmits<ControlEmits>()
const fields = useRowFields(props)
</script>

<template>
  <NamedChoice
    :state="state"
    :choices="fields"
    none="any"
    gone="a field that is gone"
    @write="emit('write', $event)"
  />
</template>
