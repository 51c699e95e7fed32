<script setup lang="ts">
import { computed } from 'vue'
import type { Shadow } from '@nolvex/core/block/shadow'
import { readShadows, writeShadows } from '@nolvex/core/block/shadowText'
import { inOrder } from '@nolvex/core/document/tree'
import type { Json } from '@nolvex/core/document/types'
import SelectField from '../../forms/SelectField.vue'
import { useProject } from '../../session/projectStore'
import type { ControlEmits, ControlProps } from './control'

/** A shadow of the style guide, none, or shadows typed as CSS writes them. */
const props = defineProps<ControlProps>()
const emit = defineEmits<ControlEmits>()
const project = useProject()

const tokens = computed(() =>
  inOrder(Object.values(project.style.records.tokens)).filter(({ type }) => type === 'shadow'),
)
const choice = computed(() => {
  const { value } = props.state
  if (Array.isArray(value))
    return writeShadows(value as unknown as Shadow[], (colour) =>
      typeof colour === 'object' && 'hex' in colour ? colour.hex : 'a colour of the guide',
    )
  if (typeof value === 'object' && value !== null) return String(value.token)
  return typeof value === 'string' ? value : undefined
})
/** what stands and is none of the guide's: typed, or a token that was deleted */
const own = computed(() => {
  const { value: stands } = choice
  if (stands === undefined || stands === 'none' || tokens.value.some(({ id }) => id === stands)) return {}
  return { [stands]: Array.isArray(props.state.value) ? stands : 'a token that is gone' }
})
const options = computed(() => ({
  none: 'none',
  ...Object.fromEntries(tokens.value.map(({ id, name }) => [id, name])),
  ...own.value,
}))

function chosen(typed: string) {
  emit('trouble', '')
  if (typed === 'none') return emit('write', 'none')
  if (tokens.value.some(({ id }) => id === typed)) return emit('write', { token: typed })
  const read = readShadows(typed)
  if ('error' in read) return emit('trouble', read.error)
  emit('write', read.shadows as unknown as Json)
}
</script>

<template>
  <SelectField
    :label="state.field.label"
    :value="choice"
    :options="options"
    :placeholder="state.isMixed ? 'mixed' : 'none'"
    filterable
    takes-other
    @change="chosen"
  />
</template>
