<script setup lang="ts">
import { computed, ref } from 'vue'
import { gridAt, type BandGrid } from '@nolvex/core/grid/bandGrid'
import { ImpossibleGrid } from '@nolvex/core/grid/columnGrid'
import { typeFigure, wholePixelBands, type GridFigure, type GridUnknown } from '@nolvex/core/grid/equation'
import type { Json } from '@nolvex/core/document/types'
import type { Band } from '@nolvex/core/site/site'
import ChoiceField from '../forms/ChoiceField.vue'
import { useProject } from '../session/projectStore'

/** A band's grid as an equation: page = margins + columns + gutters. */
const props = defineProps<{ band: Band }>()
const project = useProject()
const unknown = ref<GridUnknown>('columnWidth')
const trouble = ref<{ figure?: GridFigure; says: string }>()

const grid = computed(() => gridAt(props.band.grid, props.band.drawnAt))
const gutterCount = computed(() =>
  grid.value.gutters === 'between' ? grid.value.columns - 1 : grid.value.columns,
)
const offers = computed(() => wholePixelBands(props.band.grid, props.band.drawnAt))
const spans = computed(() =>
  Array.from({ length: grid.value.columns }, (_, index) => {
    return (index + 1) * grid.value.columnWidth + index * grid.value.gutter
  }),
)
const shown = (value: number) => String(Math.round(value * 100) / 100)

function offerWords({ changed, band, columnWidth }: (typeof offers.value)[number]): string {
  if (changed === 'gutter') return `columns of ${columnWidth} with gutters of ${band.gutter}`
  return `columns of ${columnWidth} with margins of ${shown(gridAt(band, props.band.drawnAt).marginLeft)}`
}

const UNKNOWNS = { columnWidth: 'The column width', gutter: 'The gutter', margin: 'The margins' } as const

function write(label: string, next: BandGrid) {
  trouble.value = undefined
  project.setSite(label, 'bands', props.band.id, ['grid'], next as unknown as Json)
}

const figures = computed((): { figure: GridFigure; sign: string; label: string }[] => [
  { figure: 'margin', sign: '= 2 ×', label: 'margin' },
  { figure: 'columns', sign: '+', label: 'columns' },
  { figure: 'columnWidth', sign: '×', label: 'column' },
  { figure: 'gutter', sign: `+ ${gutterCount.value} ×`, label: 'gutter' },
])

const NAMES: Record<GridFigure, string> = {
  columns: 'columns',
  columnWidth: 'column width',
  gutter: 'gutter',
  margin: 'margins',
  contentWidth: 'content width',
}

function type(figure: GridFigure, event: Event) {
  const input = event.target as HTMLInputElement
  const value = input.value.trim() === '' ? undefined : Number(input.value.replace(',', '.'))
  try {
    write(
      `Change the ${NAMES[figure]} of ${props.band.name}`,
      typeFigure(props.band.grid, props.band.drawnAt, figure, value, unknown.value),
    )
  } catch (error) {
    if (!(error instanceof ImpossibleGrid)) throw error
    trouble.value = { figure, says: error.message }
  }
  input.value = current(figure)
}

function current(figure: GridFigure): string {
  const { columns, columnWidth, gutter, marginLeft } = grid.value
  const { contentWidth } = props.band.grid
  const values = { columns, columnWidth, gutter, margin: marginLeft, contentWidth }
  return values[figure] === undefined ? '' : shown(values[figure] as number)
}

/** Arrow keys step a figure, with Shift by ten. */
function step(figure: GridFigure, event: KeyboardEvent) {
  const by = { ArrowUp: 1, ArrowDown: -1 }[event.key]
  if (by === undefined) return
  event.preventDefault()
  const input = event.target as HTMLInputElement
  input.value = String((Number(input.value) || 0) + by * (event.shiftKey ? 10 : 1))
  type(figure, event)
}
</script>

<template>
  <div>
    <p class="equation">
      <b>{{ band.drawnAt }}</b>
      <template v-for="{ figure, sign, label } in figures" :key="figure">
        <span>{{ sign }}</span>
        <label :class="{ solved: unknown === figure, count: figure === 'columns' }">
          <input
            :value="current(figure)"
            :aria-label="`${label} of ${band.name}`"
            @change="type(figure, $event)"
            @keydown="step(figure, $event)"
          />
          <span class="caption">{{ label }}</span>
        </label>
      </template>
    </p>
    <div class="settings">
      <ChoiceField
        label="Gives way"
        :value="unknown"
        :choices="UNKNOWNS"
        @change="unknown = $event ?? 'columnWidth'"
      />
      <label class="soft">
        Content stops growing at
        <input
          class="field"
          :value="current('contentWidth')"
          placeholder="never"
          @change="type('contentWidth', $event)"
        />
      </label>
      <ChoiceField
        label="Gutters"
        :value="band.grid.gutters ?? 'between'"
        :choices="{ between: 'between columns', shared: 'half at each side of a column' }"
        @change="write('Change where gutters stand', { ...band.grid, gutters: $event })"
      />
      <span v-if="offers.length" class="offers">
        <span class="soft">In whole pixels</span>
        <button
          v-for="offer in offers"
          :key="offer.changed"
          class="action"
          @click="write('Take whole pixels', offer.band)"
        >
          {{ offerWords(offer) }}
        </button>
      </span>
      <span v-else class="soft whole">All in whole pixels.</span>
    </div>
    <p v-if="trouble" class="trouble-text" role="alert">{{ trouble.says }}</p>
    <p class="soft spans">
      <span>Spans</span>
      <span v-for="(span, index) in spans" :key="index">{{ index + 1 }}: {{ shown(span) }}</span>
    </p>
  </div>
</template>

<style scoped>
.equation {
  display: flex;
  gap: 8px;
  align-items: baseline;
  font-size: 20px;
  line-height: 32px;
}
.equation label {
  display: grid;
  width: 84px;
}
.equation .count {
  width: 52px;
}
.equation input {
  width: 100%;
  height: 32px;
  padding: 0 4px;
  border: 0;
  border-bottom: 1px solid var(--edge);
  background: #fff;
  font-size: 20px;
  text-align: center;
}
.equation .solved input {
  border-bottom: 3px double var(--pine);
}
.caption {
  color: var(--soft);
  font-size: 12px;
  line-height: 18px;
  text-align: center;
}
.settings {
  display: flex;
  flex-wrap: wrap;
  gap: 16px;
  align-items: end;
  margin-top: 8px;
}
.settings label {
  display: grid;
  gap: 2px;
}
.settings .field {
  color: var(--ink);
  width: 120px;
}
.offers {
  display: flex;
  gap: 8px;
  align-items: center;
}
.whole {
  line-height: 28px;
}
.spans {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 16px;
  margin-top: 8px;
}
</style>
