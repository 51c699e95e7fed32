<script setup lang="ts">
import { ElButton, ElCheckbox, ElMessage } from 'element-plus'
import { computed, ref } from 'vue'
import { putAmong } from '@nolvex/core/document/placing'
import type { Json } from '@nolvex/core/document/types'
import type { Level } from '@nolvex/core/style/level'
import { TEXT_TRANSFORM, type TextCase } from '@nolvex/core/text/textCase'
import { readLength } from '@nolvex/core/units/typedLength'
import { fluidCss, fluidLength } from '@nolvex/core/units/fluidLength'
import { cssLength } from '@nolvex/core/units/length'
import AddLine from '../forms/AddLine.vue'
import ChoiceField from '../forms/ChoiceField.vue'
import FigureField from '../forms/FigureField.vue'
import LengthInput, { type TypedMeasure } from '../forms/LengthInput.vue'
import LineInput from '../forms/LineInput.vue'
import SelectField from '../forms/SelectField.vue'
import TroubleNote from '../forms/TroubleNote.vue'
import { newId } from '../session/newId'
import { useFamilies } from './useFamilies'
import { useGuide } from './useGuide'
import { useRealCopy } from './useRealCopy'

/** The type levels, each set in itself on the project's own words. */
const { levels, set, uses, usedWords, remove, change } = useGuide()
const { choices } = useFamilies()
const { copyFor } = useRealCopy()
const trouble = ref('')
const open = ref<string>()

const write = (level: Level, path: string[], value: Json | undefined) =>
  set(`Change ${level.name}`, 'levels', level.id, path, value, `${level.id} ${path.join('.')}`)

const WEIGHTS = Object.fromEntries([300, 400, 500, 600, 700, 800].map((one) => [String(one), String(one)]))
const CASES: Record<TextCase, string> = { none: 'as typed', upper: 'CAPITALS', lower: 'small letters' }

const sizeWords = ({ size }: Level) => ('token' in size ? '' : cssLength(size).replace(/px$/, ''))
function sizeTyped(level: Level, typed: TypedMeasure) {
  if (typed && 'length' in typed) write(level, ['size'], typed.length as unknown as Json)
}

const lineWords = ({ lineHeight: { value, unit } }: Level) =>
  unit === 'px' ? String(value) : `${value}${unit}`
function lineTyped(level: Level, text: string) {
  const read = readLength(text)
  trouble.value = ''
  if ('error' in read) return (trouble.value = read.error)
  const { value, unit } = read.length
  // A bare number below 4 is meant as a share of the size.
  const written = read.isBare && value < 4 ? { value, unit: 'em' } : { value, unit }
  if (!['px', 'em', 'rem'].includes(written.unit)) return (trouble.value = 'Lines are px, em or rem high.')
  write(level, ['lineHeight'], written as Json)
}

const spacingWords = ({ letterSpacing }: Level) => (letterSpacing ? cssLength(letterSpacing) : '')
function spacingTyped(level: Level, text: string) {
  trouble.value = ''
  if (text === '' || text === '0') return write(level, ['letterSpacing'], undefined)
  const percent = /^(-?[\d.]+)\s*%$/.exec(text)
  const read = percent
    ? { length: { value: Number(percent[1]) / 100, unit: 'em' as const } }
    : readLength(text, 'em')
  if ('error' in read) return (trouble.value = read.error)
  if (read.length.unit !== 'em' && read.length.unit !== 'px')
    return (trouble.value = 'Letters are set apart by em or px, such as 0.02em.')
  write(level, ['letterSpacing'], read.length as unknown as Json)
}

function fluidTyped(level: Level, field: 'least' | 'most' | 'from' | 'to', px: number | undefined) {
  const size = 'unit' in level.size && level.size.unit === 'px' ? level.size.value : 16
  const usual = { least: size, most: Math.round(size * 1.5), from: 360, to: 1280 }
  if (px === undefined) return
  const next = { ...usual, ...level.fluid, [field]: px }
  trouble.value = next.from < next.to ? '' : 'The wider width has to be wider than the narrower.'
  if (!trouble.value) write(level, ['fluid'], next)
}

function specimenStyle({
  family,
  weight,
  italic,
  size,
  fluid,
  lineHeight,
  letterSpacing,
  case: shown,
}: Level) {
  return {
    fontFamily: `"${family}", sans-serif`,
    fontWeight: weight,
    fontStyle: italic ? 'italic' : 'normal',
    fontSize: fluid ? fluidCss(fluidLength(fluid, 16)) : 'token' in size ? undefined : cssLength(size),
    lineHeight: `${lineHeight.value}${lineHeight.unit}`,
    letterSpacing: letterSpacing ? cssLength(letterSpacing) : 'normal',
    textTransform: TEXT_TRANSFORM[shown ?? 'none'] as 'none',
  }
}

function add(name: string) {
  const last = levels.value.at(-1)
  const {
    role: _role,
    at: _at,
    ...like
  } = last ?? {
    family: 'Public Sans',
    weight: 400,
    size: { value: 16, unit: 'px' as const },
    lineHeight: { value: 24, unit: 'px' as const },
  }
  const made = { ...like, id: newId(), name } as unknown as { id: string }
  change(`Add the level ${name}`, putAmong('levels', levels.value, levels.value.length, [made]))
}

function removeLevel({ id, name }: Level) {
  const count = uses(id)
  remove(`Delete ${name}`, 'levels', id)
  if (count)
    ElMessage({ message: `${count} uses of ${name} are set as their element is now. Undo gives it back.` })
}
const roleWords = computed(() => (role: string | undefined) => (role ? `<${role}>` : 'only where chosen'))
</script>

<template>
  <TroubleNote :says="trouble" />
  <article v-for="level in levels" :key="level.id" :data-level="level.name">
    <div class="fields">
      <LineInput
        class="name"
        :label="`Name of the level ${level.name}`"
        :value="level.name"
        :max="100"
        @change="$event && write(level, ['name'], $event)"
      />
      <SelectField
        class="family"
        :label="`${level.name}: face`"
        :value="level.family"
        :options="choices"
        @change="write(level, ['family'], $event)"
      />
      <SelectField
        class="short"
        :label="`${level.name}: weight`"
        :value="String(level.weight)"
        :options="WEIGHTS"
        @change="write(level, ['weight'], Number($event))"
      />
      <label class="figure"
        ><span class="soft">size</span
        ><LengthInput
          :label="`${level.name}: size`"
          :value="sizeWords(level)"
          :disabled="level.fluid !== undefined"
          @change="sizeTyped(level, $event)"
          @trouble="trouble = $event"
      /></label>
      <label class="figure"
        ><span class="soft">lines</span
        ><LineInput
          :label="`${level.name}: height of lines`"
          :value="lineWords(level)"
          @change="lineTyped(level, $event)"
      /></label>
      <label class="figure"
        ><span class="soft">letters</span
        ><LineInput
          :label="`${level.name}: between letters`"
          :value="spacingWords(level)"
          placeholder="0"
          title="Between letters: em, px or %, such as 0.02em"
          @change="spacingTyped(level, $event)"
      /></label>
      <ElButton
        link
        :aria-expanded="open === level.id"
        :aria-label="`More of the level ${level.name}`"
        @click="open = open === level.id ? undefined : level.id"
        >{{ open === level.id ? 'Less' : 'More' }}</ElButton
      >
    </div>
    <div v-if="open === level.id" class="more">
      <ChoiceField
        label="Case"
        :value="level.case ?? 'none'"
        :choices="CASES"
        @change="write(level, ['case'], $event === 'none' ? undefined : $event)"
      />
      <ElCheckbox
        :model-value="level.italic ?? false"
        label="italic"
        @update:model-value="write(level, ['italic'], $event ? true : undefined)"
      />
      <ElCheckbox
        :model-value="level.fluid !== undefined"
        label="grows with the window"
        @update:model-value="$event ? fluidTyped(level, 'from', 360) : write(level, ['fluid'], undefined)"
      />
      <template v-if="level.fluid">
        <FigureField
          label="from px"
          :value="level.fluid.least"
          @change="fluidTyped(level, 'least', $event)"
        />
        <FigureField
          label="at a width of"
          :value="level.fluid.from"
          @change="fluidTyped(level, 'from', $event)"
        />
        <FigureField label="to px" :value="level.fluid.most" @change="fluidTyped(level, 'most', $event)" />
        <FigureField
          label="at a width of"
          :value="level.fluid.to"
          @change="fluidTyped(level, 'to', $event)"
        />
        <code>{{ fluidCss(fluidLength(level.fluid, 16)) }}</code>
      </template>
      <span class="soft">Set in it: {{ roleWords(level.role) }}; by name {{ usedWords(level.id) }}.</span>
      <ElButton v-if="!level.role" @click="removeLevel(level)">Delete</ElButton>
    </div>
    <p class="specimen" dir="auto" :style="specimenStyle(level)">{{ copyFor(level.role) }}</p>
  </article>
  <AddLine label="Add a level" placeholder="Add a level, such as Display or Caption" :max="100" @add="add" />
</template>

<style scoped>
article {
  display: grid;
  gap: 4px;
  min-width: 0;
  padding: 6px 0 10px;
  border-bottom: 1px dotted var(--edge);
}
.fields,
.more {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
  align-items: center;
}
.more {
  gap: 8px 14px;
  align-items: end;
  padding: 8px 12px;
  background: var(--desk);
}
.name {
  flex: 1 1 110px;
  width: 110px;
}
.family {
  width: 150px;
}
.short {
  width: 74px;
}
.figure {
  display: flex;
  gap: 4px;
  align-items: center;
  width: 108px;
}
.more .figure-field {
  width: 84px;
}
.specimen {
  max-height: 3.2em;
  margin: 0;
  overflow: hidden;
  overflow-wrap: anywhere;
}
</style>
