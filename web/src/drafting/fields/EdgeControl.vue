<script setup lang="ts">
import { computed } from 'vue'
import type { Json } from '@nolvex/core/document/types'
import LengthInput, { type TypedMeasure } from '../../forms/LengthInput.vue'
import SelectField from '../../forms/SelectField.vue'
import ColourField from './ColourField.vue'
import type { ControlEmits, ControlProps } from './control'
import { useLengths } from './useLengths'

/** A line at one edge: how wide, what line, what colour; none where it has no width. */
const props = defineProps<ControlProps>()
const emit = defineEmits<ControlEmits>()
const { lengthWords, readLength } = useLengths()

type Edge = { width: Json; line: string; colour: Json }
const LINES = { solid: 'solid', dashed: 'dashed', dotted: 'dotted' }
const edge = computed(() =>
  typeof props.state.value === 'object' ? (props.state.value as unknown as Edge) : undefined,
)

function widthTyped(measure: TypedMeasure) {
  if (!measure) return emit('write', undefined)
  if ('word' in measure || measure.length.value === 0) return emit('write', 'none')
  const { line = 'solid', colour = { hex: '#858173' } } = edge.value ?? {}
  emit('write', { width: measure.length as unknown as Json, line, colour })
}
const change = (more: Partial<Edge>) =>
  edge.value && emit('write', { ...edge.value, ...more } as unknown as Json)
</script>

<template>
  <div class="edge">
    <LengthInput
      is-light
      :label="`${state.field.label}: width`"
      :value="edge ? lengthWords(edge.width) : ''"
      :placeholder="state.isMixed ? 'mixed' : 'none'"
      :words="['none']"
      :read="readLength"
      @change="widthTyped"
      @trouble="emit('trouble', $event)"
    />
    <template v-if="edge">
      <SelectField
        :label="`${state.field.label}: line`"
        :value="edge.line"
        :options="LINES"
        @change="change({ line: $event })"
      />
      <ColourField
        :label="`${state.field.label}: colour`"
        :value="edge.colour"
        @change="change({ colour: $event })"
        @trouble="emit('trouble', $event)"
      />
    </template>
  </div>
</template>

<style scoped>
.edge {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 2px;
}
</style>
