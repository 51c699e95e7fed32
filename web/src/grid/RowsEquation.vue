<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed, ref } from 'vue'
import type { BandGrid } from '@nolvex/core/grid/bandGrid'
import { ImpossibleGrid } from '@nolvex/core/grid/columnGrid'
import { rowHeight, type RowGrid } from '@nolvex/core/grid/rowGrid'
import TroubleNote from '../forms/TroubleNote.vue'
import FigureField from '../forms/FigureField.vue'

/** The rows of a grid as an equation, and its baseline. */
const props = defineProps<{ name: string; grid: BandGrid }>()
const emit = defineEmits<{ change: [label: string, grid: BandGrid] }>()
const trouble = ref('')
const rows = computed(() => props.grid.rows)
const baseline = computed(() => props.grid.baseline)

function heightOf(grid: RowGrid): { px?: number; says?: string } {
  try {
    return { px: rowHeight(grid) }
  } catch (error) {
    if (!(error instanceof ImpossibleGrid)) throw error
    return { says: error.message.replaceAll('columns', 'rows') }
  }
}
const one = computed(() => (rows.value ? heightOf(rows.value) : {}))

type Field = keyof RowGrid
const PARTS: { field: Field; sign: string; label: string }[] = [
  { field: 'height', sign: '', label: 'height' },
  { field: 'margin', sign: '= 2 ×', label: 'margin' },
  { field: 'rows', sign: '+', label: 'rows' },
]

function setRows(label: string, next: RowGrid | undefined) {
  trouble.value = ''
  if (next) {
    const { says } = heightOf(next)
    if (says) return (trouble.value = says)
  }
  const grid = { ...props.grid, rows: next }
  if (!next) delete grid.rows
  emit('change', `${label} of ${props.name}`, grid)
}
const type = (field: Field, value: number | undefined) =>
  rows.value && value !== undefined && setRows('Change the rows', { ...rows.value, [field]: value })

function setBaseline(label: string, next: BandGrid['baseline']) {
  trouble.value = ''
  if (next && (next.step < 2 || next.step > 400 || next.offset < 0 || next.offset > 4000))
    return (trouble.value = 'A baseline steps by 2 to 400 px, from 0 px on.')
  const grid = { ...props.grid, baseline: next }
  if (!next) delete grid.baseline
  emit('change', `${label} of ${props.name}`, grid)
}
</script>

<template>
  <div class="rows">
    <template v-if="rows">
      <span class="soft what">Rows</span>
      <template v-for="{ field, sign, label } in PARTS" :key="field">
        <span>{{ sign }}</span>
        <FigureField
          class="figure underlined"
          :label="`${label} of the rows of ${name}`"
          hide-label
          :value="rows[field]"
          @change="type(field, $event)"
          @trouble="trouble = $event"
        />
      </template>
      <span>×</span>
      <b class="solved">{{ one.px === undefined ? '?' : Math.round(one.px * 100) / 100 }}</b>
      <span>+ {{ rows.rows - 1 }} ×</span>
      <FigureField
        class="figure underlined"
        :label="`gutter of the rows of ${name}`"
        hide-label
        :value="rows.gutter"
        @change="type('gutter', $event)"
        @trouble="trouble = $event"
      />
      <ElButton link @click="setRows('Take away the rows', undefined)">No rows</ElButton>
    </template>
    <ElButton
      v-else
      @click="setRows('Add rows', { height: 900, rows: 12, gutter: grid.gutter, margin: grid.gutter })"
    >
      Add rows
    </ElButton>
    <span class="gap" />
    <template v-if="baseline">
      <span class="soft what">Baseline every</span>
      <FigureField
        class="figure underlined"
        :label="`baseline of ${name}`"
        hide-label
        :value="baseline.step"
        @change="$event !== undefined && setBaseline('Change the baseline', { ...baseline, step: $event })"
        @trouble="trouble = $event"
      />
      <span class="soft">from</span>
      <FigureField
        class="figure underlined"
        :label="`first line of the baseline of ${name}`"
        hide-label
        :value="baseline.offset"
        @change="$event !== undefined && setBaseline('Change the baseline', { ...baseline, offset: $event })"
        @trouble="trouble = $event"
      />
      <ElButton link @click="setBaseline('Take away the baseline', undefined)">No baseline</ElButton>
    </template>
    <ElButton v-else @click="setBaseline('Add a baseline', { step: 8, offset: 0 })">
      Add a baseline
    </ElButton>
    <TroubleNote :says="trouble || one.says" />
  </div>
</template>

<style scoped>
.rows {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 8px;
  align-items: center;
}
.figure {
  width: 60px;
}
.figure :deep(.el-input__inner) {
  text-align: center;
}
.solved {
  border-bottom: 3px double var(--pine);
}
.gap {
  width: 16px;
}
.trouble-note {
  width: 100%;
}
</style>
