<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed } from 'vue'
import type { WrittenGradient } from '@nolvex/core/block/looks/gradient'
import type { Json } from '@nolvex/core/document/types'
import LineInput from '../../forms/LineInput.vue'
import SelectField from '../../forms/SelectField.vue'
import ColourField from './ColourField.vue'
import type { ControlEmits, ControlProps } from './control'

/** Colours along a line or round a point: each with its place and how strong it is. */
const props = defineProps<ControlProps>()
const emit = defineEmits<ControlEmits>()

const MOST = 12
const TYPES = { none: 'none', linear: 'along a line', radial: 'round a point' }
const USUAL = {
  stops: [
    { at: 0, colour: { hex: '#17211e' }, strength: 0 },
    { at: 1, colour: { hex: '#17211e' }, strength: 0.8 },
  ],
}
const gradient = computed(() => {
  const { value } = props.state
  return typeof value === 'object' && value !== null ? (value as unknown as WrittenGradient) : undefined
})
const stops = computed(() => gradient.value?.stops ?? [])
const write = (value: WrittenGradient | 'none') => emit('write', value as unknown as Json)

function chooseType(type: string) {
  const kept = gradient.value ? { stops: gradient.value.stops } : USUAL
  if (type === 'linear') write({ type: 'linear', angle: 180, ...kept })
  else if (type === 'radial') write({ type: 'radial', centre: { x: 0.5, y: 0.5 }, ...kept })
  else write('none')
}

/** A number that was typed, or why it is none. */
function number(text: string, least: number, most: number, what: string): number | undefined {
  const typed = Number(text.replace(',', '.').replace(/[%°]$/, ''))
  const isRight = text.trim() !== '' && typed >= least && typed <= most
  emit('trouble', isRight ? '' : `Type ${what} from ${least} to ${most}.`)
  return isRight ? typed : undefined
}
function angleTyped(text: string) {
  const angle = number(text, -360, 360, 'an angle in degrees')
  if (angle !== undefined && gradient.value?.type === 'linear') write({ ...gradient.value, angle })
}
function centreTyped(axis: 'x' | 'y', text: string) {
  const share = number(text, 0, 100, 'a place in %')
  if (share === undefined || gradient.value?.type !== 'radial') return
  write({ ...gradient.value, centre: { ...gradient.value.centre, [axis]: share / 100 } })
}
function changeStop(index: number, more: object) {
  if (gradient.value)
    write({
      ...gradient.value,
      stops: stops.value.map((stop, at) => (at === index ? { ...stop, ...more } : stop)),
    })
}
function shareTyped(index: number, leaf: 'at' | 'strength', text: string) {
  const share = number(text, 0, 100, leaf === 'at' ? 'a place in %' : 'a strength in %')
  if (share !== undefined) changeStop(index, { [leaf]: share / 100 })
}
/** One more in the middle of the widest gap, in the colour before it. */
function add() {
  if (!gradient.value) return
  const sorted = [...stops.value].sort((a, b) => a.at - b.at)
  const gaps = sorted.slice(1).map((stop, index) => stop.at - sorted[index].at)
  const widest = gaps.indexOf(Math.max(...gaps))
  const at = Math.round(((sorted[widest].at + sorted[widest + 1].at) / 2) * 100) / 100
  write({
    ...gradient.value,
    stops: [...sorted.slice(0, widest + 1), { ...sorted[widest], at }, ...sorted.slice(widest + 1)],
  })
}
function remove(index: number) {
  if (gradient.value) write({ ...gradient.value, stops: stops.value.filter((_, at) => at !== index) })
}
const inPercent = (share: number) => String(Math.round(share * 1000) / 10)
</script>

<template>
  <div class="gradient">
    <SelectField
      label="Gradient"
      :value="gradient?.type ?? 'none'"
      :options="TYPES"
      :placeholder="state.isMixed ? 'mixed' : undefined"
      @change="chooseType"
    />
    <template v-if="gradient">
      <div class="row">
        <template v-if="gradient.type === 'linear'">
          <span class="soft">angle, °</span>
          <LineInput
            is-light
            label="Angle of the gradient"
            :value="String(gradient.angle)"
            @change="angleTyped"
          />
        </template>
        <template v-else>
          <span class="soft">middle, %</span>
          <LineInput
            v-for="axis in ['x', 'y'] as const"
            :key="axis"
            is-light
            :label="`Middle of the gradient, ${axis === 'x' ? 'across' : 'down'}`"
            :value="inPercent(gradient.centre[axis])"
            @change="centreTyped(axis, $event)"
          />
        </template>
      </div>
      <div class="row head soft"><span>colour</span><span>at, %</span><span>strength</span><span></span></div>
      <div v-for="(stop, index) in stops" :key="index" class="row stop">
        <ColourField
          :label="`Colour ${index + 1}`"
          :value="stop.colour as unknown as Json"
          @change="changeStop(index, { colour: $event })"
          @trouble="emit('trouble', $event)"
        />
        <LineInput
          is-light
          :label="`Place of colour ${index + 1}`"
          :value="inPercent(stop.at)"
          @change="shareTyped(index, 'at', $event)"
        />
        <LineInput
          is-light
          :label="`Strength of colour ${index + 1}`"
          :value="inPercent(stop.strength ?? 1)"
          @change="shareTyped(index, 'strength', $event)"
        />
        <ElButton
          v-if="stops.length > 2"
          link
          :aria-label="`Take out colour ${index + 1}`"
          title="Take it out"
          @click="remove(index)"
          >×</ElButton
        >
      </div>
      <ElButton v-if="stops.length < MOST" link class="add" @click="add">Add a colour</ElButton>
    </template>
  </div>
</template>

<style scoped>
.gradient {
  display: grid;
  gap: 4px;
}
.row {
  display: grid;
  grid-template-columns: 1fr 52px 52px;
  gap: 6px;
  align-items: center;
}
.head,
.stop {
  grid-template-columns: minmax(0, 1fr) 52px 52px 14px;
}
.head {
  font-size: 12px;
}
.gradient :deep(.light-input) {
  width: 100%;
  min-width: 0;
}
.add {
  justify-self: start;
}
</style>
