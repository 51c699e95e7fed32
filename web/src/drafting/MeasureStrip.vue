<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed, ref, watch } from 'vue'
import { roundTo } from '@nolvex/core/units/length'
import { setLeaf } from '@nolvex/core/edit/blockChanges'
import { gapsOf, gapSource, SPACE_BEFORE } from '@nolvex/core/snap/spacing'
import { useCommands } from '../commands/commandStore'
import { SIZE_WORDS, useTypedFigures } from './measures/useTypedFigures'
import PlaceSaid from './measures/PlaceSaid.vue'
import SeveralMeasures from './measures/SeveralMeasures.vue'
import OverflowList from './OverflowList.vue'
import TroubleNote from '../forms/TroubleNote.vue'
import LengthInput, { type TypedMeasure } from '../forms/LengthInput.vue'
import LineInput from '../forms/LineInput.vue'
import { useDraftingPage } from './useDraftingPage'

const page = useDraftingPage()
const strip = ref<HTMLElement>()
/** The keys go to the first field that can be typed in, or to the one of that name. */
function focusOn(label?: string) {
  const named = label ? `input[aria-label="${label}"]` : 'input:not(:disabled)'
  strip.value?.querySelector<HTMLInputElement>(named)?.focus()
}
useCommands().offer([
  { id: 'strip', label: 'Go to the measures of the selection', keys: ['Q'], run: () => focusOn() },
  {
    id: 'strip-columns',
    label: 'Type the columns of the selection',
    keys: ['Shift+Q'],
    run: () => focusOn('Columns'),
    enabled: () => inGrid.value,
  },
])
const { selection, selected, placed, drawn, blocks } = page
const trouble = ref('')
watch([page.selection, page.blocks], () => (trouble.value = ''))
const count = computed(() => Object.keys(blocks.value).length)

const block = computed(() =>
  selection.value.length === 1 ? placed.value.get(selection.value[0]) : undefined,
)
const parent = computed(() => (block.value?.parent ? placed.value.get(block.value.parent) : undefined))
const inGrid = computed(() => parent.value?.box.arrange === 'grid')
const tracks = computed(() => parent.value?.box.node.arrange.tracks.length ?? 0)
const span = computed(() => Math.min(block.value?.box.node.place.column.span ?? 1, tracks.value))
const columns = computed(() => {
  const start = block.value?.box.column ?? 1
  return span.value === 1 ? `${start}` : `${start}–${start + span.value - 1}`
})
const above = computed(
  () => block.value && gapsOf(drawn.value, block.value).find(({ side }) => side === 'above'),
)
const aboveSource = computed(
  () => block.value && above.value && gapSource(drawn.value, block.value, above.value),
)

const widthWords = computed(() => {
  const size = block.value?.box.node.place.width
  if (!size || !block.value) return ''
  if (size.type === 'fill')
    return inGrid.value ? (span.value === 1 ? '1 column' : `${span.value} columns`) : 'all that is left'
  return size.type === 'fit' ? 'as its content' : `${roundTo(size.length.value, 2)}${size.length.unit}`
})
const heightWords = computed(() => {
  const size = block.value?.box.node.place.height
  if (!size) return ''
  const content = block.value?.box.paragraph
    ? 'its text'
    : block.value?.box.node.content.type === 'picture'
      ? 'its picture'
      : 'what it holds'
  return size.type === 'fit'
    ? content
    : size.type === 'fill'
      ? 'all that is left'
      : `${roundTo(size.length.value, 2)}${size.length.unit}`
})

const { figures, typeFigure } = useTypedFigures(page, trouble)
const selectAll = (event: FocusEvent) => (event.target as HTMLInputElement).select()

/** Reads “1–5”, “1-5” or “3”. */
function typeColumns(typed: string) {
  const [, first, last] = /^(\d+)(?:\s*[-–]\s*(\d+))?$/.exec(typed) ?? []
  const start = Number(first)
  const end = Number(last ?? first)
  const isPlace = first !== undefined && start >= 1 && end >= start && end <= tracks.value
  trouble.value = isPlace
    ? ''
    : `Type columns from 1 to ${tracks.value}, such as 1–${Math.min(5, tracks.value)}.`
  if (!isPlace) return
  const set = (leaf: string, value: number) =>
    setLeaf(page.records.value, ['place', 'column', leaf], value, page.at.value)
  page.change('Change columns', [...set('start', start), ...set('span', end - start + 1)])
}

/** Makes the gap above the block's own, or the arrangement's again. */
function ownGap() {
  const { space, value } = aboveSource.value ?? {}
  if (!space || !value || !above.value) return
  page.set('Change spacing', SPACE_BEFORE, space.isOwn ? undefined : value(above.value.size), [space.record])
}

function typeGap(typed: TypedMeasure) {
  const source = aboveSource.value
  const isGap = typed && 'px' in typed && typed.length.unit === 'px' && typed.px >= 0
  trouble.value = isGap ? '' : 'Type a gap in px.'
  if (isGap && source) page.set('Change spacing', source.path, source.value(typed.px), [source.record])
}
</script>

<template>
  <footer ref="strip" class="strip" aria-label="Measures of the selection">
    <p v-if="block" class="sentence">
      <b dir="auto">{{ page.nameOf(block.key) }}</b> stands
      <template v-if="inGrid">
        on columns
        <LineInput class="figure underlined" label="Columns" :value="columns" @change="typeColumns" />
        of {{ tracks }},
      </template>
      <template v-else-if="parent">in {{ page.nameOf(parent.key) }}, </template>
      <template v-else>on the page, </template>
      <template v-if="above">
        <LengthInput
          v-if="aboveSource"
          class="figure short underlined"
          label="Gap above"
          :value="String(roundTo(above.size, 2))"
          :spell="page.spelled"
          @change="typeGap"
          @trouble="trouble = $event"
        />
        <span v-else>{{ roundTo(above.size, 2) }}</span>
        <ElButton v-if="aboveSource?.space" link class="only" @click="ownGap">{{
          aboveSource.space.isOwn ? 'as the gap' : 'only here'
        }}</ElButton>
        below
        {{ above.to ? page.nameOf(above.to) : parent ? `the top of ${page.nameOf(parent.key)}` : 'the top' }},
      </template>
      {{ parent ? widthWords : 'as the page' }} wide, as tall as {{ heightWords }}.
    </p>
    <SeveralMeasures v-else-if="selected.length > 1" @trouble="trouble = $event" />
    <p v-else-if="selection.length" class="sentence soft">
      {{ selection.length === 1 ? 'It is' : 'They are' }} not shown at this width.
    </p>
    <p v-else class="sentence soft">Select a block to read and type its measures here.</p>
    <PlaceSaid v-if="block && block.parent" @trouble="trouble = $event" />
    <TroubleNote :says="trouble" />
    <div v-if="selection.length" class="figures">
      <label v-for="figure in figures" :key="figure.name">
        {{ figure.name }}
        <LengthInput
          class="figure underlined"
          :label="figure.name"
          :value="figure.value"
          :words="SIZE_WORDS"
          :percent-of="parent?.w ?? page.pageWidth.value"
          :read="page.typedLength"
          :spell="page.spelled"
          :disabled="!figure.isOpen"
          :title="figure.isOpen ? 'A number, a unit such as 1.5em, or a sum' : figure.why"
          :placeholder="figure.value === '' ? 'mixed' : ''"
          :data-figure="figure.name"
          @focus="selectAll"
          @change="typeFigure(figure, $event)"
          @trouble="trouble = $event"
        />
      </label>
    </div>
    <OverflowList />
    <span class="soft blocks">{{ count === 1 ? '1 block' : `${count} blocks` }}</span>
  </footer>
</template>

<style scoped>
.strip {
  position: relative;
  z-index: 4;
  display: flex;
  flex: none;
  gap: 20px;
  align-items: center;
  height: 42px;
  padding: 0 16px;
  background: var(--paper);
  border-top: 1px solid var(--hairline);
  white-space: nowrap;
}
.strip :deep(.sentence) {
  overflow: hidden;
  text-overflow: ellipsis;
}
.strip :deep(.figure) {
  width: 62px;
}
.strip :deep(.sentence .figure) {
  display: inline-flex;
}
.only {
  margin-left: 4px;
}
.strip :deep(.figure.short) {
  width: 44px;
}
.strip :deep(.figure .el-input__inner) {
  height: 20px;
  font-weight: 700;
}
.figure.is-disabled :deep(.el-input__wrapper) {
  border-bottom-style: dotted;
}
.figure.is-disabled :deep(.el-input__inner) {
  font-weight: 400;
}
.figures {
  display: flex;
  gap: 12px;
  margin-left: auto;
}
.figures label {
  display: flex;
  gap: 4px;
  align-items: center;
}
/* Above the strip, where it is not cut however long it is. */
.strip .trouble-note {
  position: absolute;
  bottom: 100%;
  left: 0;
  width: auto;
  max-width: 100%;
  border: 1px solid var(--brick);
  border-left-width: 3px;
  white-space: normal;
}
.blocks {
  margin-left: auto;
}
.figures ~ .blocks {
  margin-left: 0;
}
</style>
