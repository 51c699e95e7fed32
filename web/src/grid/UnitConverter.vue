<script setup lang="ts">
import { ElInput } from 'element-plus'
import { computed, ref } from 'vue'
import { environmentOf, pageFontMeasures } from '@nolvex/core/layout/pageFont'
import type { FontLibrary } from '@nolvex/core/text/fontLibrary'
import { inAllUnits } from '@nolvex/core/units/convert'
import { readLength } from '@nolvex/core/units/typedLength'
import FigureField from '../forms/FigureField.vue'

/** A length in all units, in a context that can be set. */
const props = defineProps<{ library: FontLibrary; rootSize: number }>()
const text = ref('1.5em')
const fontSize = ref(16)
const percentOf = ref(1312)
const viewport = ref({ width: 1440, height: 900 })

const read = computed(() => readLength(text.value))
const shown = computed(() => {
  if ('error' in read.value) return undefined
  const environment = {
    ...environmentOf(props.rootSize),
    viewportWidth: viewport.value.width,
    viewportHeight: viewport.value.height,
  }
  const font = pageFontMeasures(props.library, environment, fontSize.value)
  return inAllUnits(read.value.length, { environment, font, percentOf: percentOf.value }).units
})
const rounded = (value: number) => Math.round(value * 1000) / 1000
const positive = (set: (px: number) => void) => (px: number | undefined) =>
  px !== undefined && px > 0 && set(px)
</script>

<template>
  <h3>Converter</h3>
  <label class="soft">
    A length, or a sum
    <ElInput v-model="text" aria-label="Length to convert" />
  </label>
  <p v-if="'error' in read" class="trouble-text" role="alert">{{ read.error }}</p>
  <table v-else>
    <tbody>
      <tr v-for="one in shown" :key="one.unit">
        <td>{{ rounded(one.value) }}</td>
        <th scope="row">{{ one.unit }}</th>
      </tr>
    </tbody>
  </table>
  <h3>where</h3>
  <div class="context">
    <FigureField
      label="font size, px"
      :value="fontSize"
      @change="positive((px) => (fontSize = px))($event)"
    />
    <FigureField
      label="100 % is, px"
      :value="percentOf"
      @change="positive((px) => (percentOf = px))($event)"
    />
    <FigureField
      label="viewport wide"
      :value="viewport.width"
      @change="positive((px) => (viewport = { ...viewport, width: px }))($event)"
    />
    <FigureField
      label="viewport high"
      :value="viewport.height"
      @change="positive((px) => (viewport = { ...viewport, height: px }))($event)"
    />
  </div>
</template>

<style scoped>
label {
  display: grid;
  gap: 2px;
}
table {
  border-collapse: collapse;
}
td {
  width: 60%;
  text-align: right;
}
th {
  padding-left: 8px;
  color: var(--soft);
  font-weight: 400;
  text-align: left;
}
.context {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 6px;
}
</style>
