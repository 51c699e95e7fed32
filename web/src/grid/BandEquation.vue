<script setup lang="ts">
import { ElButton, ElCollapse, ElCollapseItem } from 'element-plus'
import { computed, ref } from 'vue'
import { gridAt, troubleOf, type BandGrid } from '@nolvex/core/grid/bandGrid'
import { gutterCount, ImpossibleGrid } from '@nolvex/core/grid/columnGrid'
import {
  givesWay,
  typeFigure,
  wholePixelBands,
  withColumns,
  withContentWidth,
  withMargins,
  writeFigure,
  type GridFigure,
} from '@nolvex/core/grid/equation'
import TroubleNote from '../forms/TroubleNote.vue'
import ChoiceField from '../forms/ChoiceField.vue'
import FigureField from '../forms/FigureField.vue'

/** A grid as an equation: page = margins + columns + gutters. Every figure can be typed, stepped and held. */
const props = defineProps<{ name: string; grid: BandGrid; width: number }>()
const emit = defineEmits<{ change: [label: string, grid: BandGrid] }>()
const held = ref(new Set<GridFigure>())
const trouble = ref('')

const broken = computed(() => troubleOf(props.grid, props.width))
const solved = computed(() => (broken.value ? undefined : gridAt(props.grid, props.width)))
const unknown = computed(() => givesWay(held.value))
const isOwn = computed(() => props.grid.marginRight !== undefined)
const offers = computed(() => (broken.value ? [] : wholePixelBands(props.grid, props.width)))
const spans = computed(() => {
  const { columns = 0, columnWidth = 0, gutter = 0, marginLeft = 0 } = solved.value ?? {}
  return Array.from({ length: columns }, (_, index) => ({
    span: (index + 1) * columnWidth + index * gutter,
    offset: marginLeft + index * (columnWidth + gutter),
  }))
})
const shown = (value: number) => String(Math.round(value * 100) / 100)

function offerWords({ changed, band, columnWidth }: (typeof offers.value)[number]): string {
  if (changed === 'gutter') return `${columnWidth} with gutters of ${band.gutter}`
  return `${columnWidth} with margins of ${shown(gridAt(band, props.width).marginLeft)}`
}

interface Part {
  figure: GridFigure
  sign: string
  label: string
}
const parts = computed((): Part[] => {
  const gutters = gutterCount({ columns: props.grid.columns, gutters: props.grid.gutters ?? 'between' })
  const right: Part[] = isOwn.value ? [{ figure: 'marginRight', sign: '+', label: 'right margin' }] : []
  return [
    {
      figure: 'margin',
      sign: isOwn.value ? '=' : '= 2 ×',
      label: isOwn.value ? 'left margin' : 'margin',
    },
    { figure: 'columns', sign: '+', label: 'columns' },
    { figure: 'columnWidth', sign: '×', label: 'column' },
    { figure: 'gutter', sign: `+ ${gutters} ×`, label: 'gutter' },
    ...right,
  ]
})

function current(figure: GridFigure): number | undefined {
  const { marginLeft, marginRight, ...rest } = solved.value ?? {
    marginLeft: undefined,
    marginRight: undefined,
  }
  if (figure === 'margin') return marginLeft ?? props.grid.margin
  if (figure === 'marginRight') return marginRight ?? props.grid.marginRight
  return 'columns' in rest ? rest[figure] : figure === 'columnWidth' ? undefined : props.grid[figure]
}

/** Makes a change of the grid, or says which figure is in its way. */
function attempt(label: string, work: () => BandGrid) {
  trouble.value = ''
  try {
    emit('change', `${label} of ${props.name}`, work())
  } catch (error) {
    if (!(error instanceof ImpossibleGrid)) throw error
    trouble.value = error.message
  }
}

const type = ({ figure, label }: Part, value: number | undefined) =>
  attempt(`Change the ${label}`, () =>
    broken.value
      ? writeFigure(props.grid, figure, value ?? NaN)
      : typeFigure(props.grid, props.width, figure, value ?? NaN, held.value),
  )

function hold(figure: GridFigure) {
  const next = new Set(held.value)
  if (!next.delete(figure)) next.add(figure)
  held.value = next
}
const holdWords = (figure: GridFigure) =>
  held.value.has(figure) ? 'held' : unknown.value === figure ? 'gives way' : 'hold'
</script>

<template>
  <div class="band-equation">
    <div class="equation">
      <b>{{ width }}</b>
      <template v-for="part in parts" :key="part.figure">
        <span class="sign">{{ part.sign }}</span>
        <span class="figure" :class="{ solved: unknown === part.figure, count: part.figure === 'columns' }">
          <FigureField
            class="underlined"
            :label="`${part.label} of ${name}`"
            hide-label
            :value="current(part.figure)"
            :percent-of="width"
            @change="type(part, $event)"
            @trouble="trouble = $event"
          />
          <span class="caption">{{ part.label }}</span>
          <ElButton
            v-if="part.figure !== 'marginRight'"
            text
            class="hold"
            :aria-pressed="held.has(part.figure)"
            :aria-label="`${holdWords(part.figure)}: ${part.label} of ${name}`"
            :title="
              held.has(part.figure)
                ? 'Held: it does not give way when another figure is typed'
                : 'Hold it, so that it does not give way'
            "
            @click="hold(part.figure)"
          >
            {{ holdWords(part.figure) }}
          </ElButton>
        </span>
      </template>
      <span v-if="offers.length" class="offers">
        <span class="soft">In whole pixels, columns of</span>
        <span>
          <ElButton
            v-for="(offer, index) in offers"
            :key="index"
            link
            @click="attempt('Take whole pixels', () => offer.band)"
          >
            {{ offerWords(offer) }}
          </ElButton>
        </span>
      </span>
      <span v-else-if="!broken" class="soft whole">All in whole pixels.</span>
    </div>
    <TroubleNote :says="trouble || broken" />
    <div class="settings">
      <ChoiceField
        label="Columns"
        :value="grid.columnWidth === undefined ? 'fluid' : 'fixed'"
        :choices="{ fluid: 'grow with the page', fixed: 'keep their width' }"
        @change="attempt('Change the columns', () => withColumns(grid, width, $event ?? 'fluid'))"
      />
      <FigureField
        v-if="grid.columnWidth === undefined"
        class="wide"
        label="Content stops growing at"
        :value="grid.contentWidth"
        placeholder="never"
        :percent-of="width"
        @change="attempt('Change the content width', () => withContentWidth(grid, width, $event))"
        @trouble="trouble = $event"
      />
      <ChoiceField
        label="Margins"
        :value="isOwn ? 'own' : 'alike'"
        :choices="{ alike: 'alike at both sides', own: 'each its own' }"
        @change="attempt('Change the margins', () => withMargins(grid, $event ?? 'alike'))"
      />
      <ChoiceField
        label="Gutters"
        :value="grid.gutters ?? 'between'"
        :choices="{ between: 'between columns', shared: 'half at each side of a column' }"
        @change="attempt('Change where gutters stand', () => ({ ...grid, gutters: $event }))"
      />
    </div>
    <ElCollapse>
      <ElCollapseItem title="Spans and offsets">
        <table class="spans">
          <tbody>
            <tr>
              <th scope="row">columns</th>
              <td v-for="(_, index) in spans" :key="index">{{ index + 1 }}</td>
            </tr>
            <tr>
              <th scope="row">as wide as</th>
              <td v-for="({ span }, index) in spans" :key="index">{{ shown(span) }}</td>
            </tr>
            <tr>
              <th scope="row">begins at</th>
              <td v-for="({ offset }, index) in spans" :key="index">{{ shown(offset) }}</td>
            </tr>
          </tbody>
        </table>
      </ElCollapseItem>
    </ElCollapse>
  </div>
</template>

<style scoped>
.band-equation {
  display: grid;
  gap: 8px;
}
.equation {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 8px;
  align-items: flex-start;
  font-size: 20px;
  line-height: 32px;
}
.figure {
  display: grid;
  width: 84px;
}
.figure.count {
  width: 60px;
}
.figure :deep(.el-input__inner) {
  height: 30px;
  font-size: 20px;
  text-align: center;
}
.figure.solved :deep(.el-input__wrapper) {
  border-bottom: 3px double var(--pine);
}
.caption,
.hold.el-button {
  color: var(--soft);
  font-size: 12px;
  line-height: 18px;
  text-align: center;
}
.hold.el-button {
  justify-self: center;
  padding: 0 4px;
}
.hold.el-button:hover,
.solved .hold.el-button {
  color: var(--pine);
}
.hold.el-button[aria-pressed='true'] {
  background: var(--ink);
  color: #fff;
}
.offers {
  display: grid;
  margin-left: 12px;
  font-size: 13px;
  line-height: 18px;
}
.offers .el-button {
  margin-right: 14px;
}
.whole {
  margin-left: 12px;
  font-size: 13px;
}
.settings {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 16px;
  align-items: end;
}
.wide {
  width: 170px;
  white-space: nowrap;
}
summary {
  color: var(--soft);
  cursor: pointer;
}
.spans {
  border-collapse: collapse;
}
.spans th {
  padding-right: 10px;
  color: var(--soft);
  font-weight: 400;
  text-align: left;
  white-space: nowrap;
}
.spans td {
  padding: 0 7px;
  text-align: right;
}
</style>
