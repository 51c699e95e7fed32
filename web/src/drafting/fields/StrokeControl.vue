<script setup lang="ts">
import { computed } from 'vue'
import type { Json } from '@nolvex/core/document/types'
import LengthInput, { type TypedMeasure } from '../../forms/LengthInput.vue'
import LineInput from '../../forms/LineInput.vue'
import ColourField from './ColourField.vue'
import type { ControlEmits, ControlProps } from './control'
import { useLengths } from './useLengths'

/** How a line is drawn: its width, its colour, solid or in dashes. */
const props = defineProps<ControlProps>()
const emit = defineEmits<ControlEmits>()
const { lengthWords, readLength } = useLengths()

interface Written {
  width: Json
  colour: Json
  dashes?: { dash: number; gap: number }
}
const USUAL: Written = { width: { value: 1, unit: 'px' }, colour: { hex: '#17211e' } }
const stroke = computed(() => (props.state.value as unknown as Written | undefined) ?? USUAL)
const dashes = computed(() =>
  stroke.value.dashes ? `${stroke.value.dashes.dash} ${stroke.value.dashes.gap}` : '',
)

const change = (more: Partial<Written>) => emit('write', { ...stroke.value, ...more } as unknown as Json)

const widthTyped = (measure: TypedMeasure) =>
  measure && 'length' in measure && change({ width: measure.length as unknown as Json })

function dashesTyped(text: string) {
  emit('trouble', '')
  const { width, colour } = stroke.value
  if (text === '' || text === 'solid') return emit('write', { width, colour } as unknown as Json)
  const [dash, gap = dash, ...more] = text.split(/[\s,]+/).map(Number)
  if (dash >= 1 && gap >= 1 && dash <= 500 && gap <= 500 && !more.length)
    return change({ dashes: { dash, gap } })
  emit('trouble', 'Type the px of a dash and of the gap after it, such as “6 4”, or “solid”.')
}
</script>

<template>
  <div class="stroke">
    <label>thick</label>
    <LengthInput
      is-light
      label="Line: thickness"
      :value="lengthWords(stroke.width)"
      :read="readLength"
      @change="widthTyped"
      @trouble="emit('trouble', $event)"
    />
    <label>dashes</label>
    <LineInput
      is-light
      label="Line: dashes"
      :value="dashes"
      :placeholder="state.isMixed ? 'mixed' : 'solid'"
      title="px of a dash and of the gap after it, such as 6 4, or solid"
      @change="dashesTyped"
    />
    <label>colour</label>
    <ColourField
      label="Line: colour"
      :value="stroke.colour"
      @change="change({ colour: $event })"
      @trouble="emit('trouble', $event)"
    />
  </div>
</template>

<style scoped>
.stroke {
  display: grid;
  grid-template-columns: 1fr 124px;
  gap: 4px;
  align-items: center;
}
label {
  color: var(--soft);
}
</style>
