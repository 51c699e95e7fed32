<script setup lang="ts">
import { ElButton, ElCheckbox, ElMessage } from 'element-plus'
import { computed, ref } from 'vue'
import { putAmong } from '@nolvex/core/document/placing'
import type { Json } from '@nolvex/core/document/types'
import { bandsOf } from '@nolvex/core/resolve/resolvePage'
import { levelAtBand } from '@nolvex/core/resolve/styleTokens'
import type { Level } from '@nolvex/core/style/level'
import { familyStack } from '@nolvex/core/text/fallbackFace'
import { TEXT_TRANSFORM, type TextCase } from '@nolvex/core/text/textCase'
import { fluidCss, fluidLength } from '@nolvex/core/units/fluidLength'
import { cssLength } from '@nolvex/core/units/length'
import AddLine from '../forms/AddLine.vue'
import ChoiceField from '../forms/ChoiceField.vue'
import FigureField from '../forms/FigureField.vue'
import LineInput from '../forms/LineInput.vue'
import SelectField from '../forms/SelectField.vue'
import TroubleNote from '../forms/TroubleNote.vue'
import { newId } from '../session/newId'
import { useProject } from '../session/projectStore'
import LevelFigures from './LevelFigures.vue'
import { useFamilies } from './useFamilies'
import { useGuide } from './useGuide'
import { useGuideBand } from './useGuideBand'
import { useRealCopy } from './useRealCopy'

/** The type levels, each set in itself on the project's own words. */
const { levels, set, uses, usedWords, remove, change } = useGuide()
const { choices } = useFamilies()
const { copyFor } = useRealCopy()
const trouble = ref('')
const project = useProject()
const { band, isLead, choices: bandChoices, choose: chooseBand } = useGuideBand()
const atBand = computed(() => ({ bands: bandsOf(project.site), band: band.value.id }))
const open = ref<string>()

const write = (level: Level, path: string[], value: Json | undefined) =>
  set(`Change ${level.name}`, 'levels', level.id, path, value, `${level.id} ${path.join('.')}`)

const WEIGHTS = Object.fromEntries([300, 400, 500, 600, 700, 800].map((one) => [String(one), String(one)]))
const CASES: Record<TextCase, string> = { none: 'as typed', upper: 'CAPITALS', lower: 'small letters' }

function fluidTyped(level: Level, field: 'least' | 'most' | 'from' | 'to', px: number | undefined) {
  const size = 'unit' in level.size && level.size.unit === 'px' ? level.size.value : 16
  const usual = { least: size, most: Math.round(size * 1.5), from: 360, to: 1280 }
  if (px === undefined) return
  const next = { ...usual, ...level.fluid, [field]: px }
  trouble.value = next.from < next.to ? '' : 'The wider width has to be wider than the narrower.'
  if (!trouble.value) write(level, ['fluid'], next)
}

function specimenStyle(level: Level) {
  const { family, weight, italic, fluid, case: shown } = level
  const { size, lineHeight, letterSpacing, grows } = levelAtBand(level, atBand.value)
  return {
    fontFamily: familyStack(family),
    fontWeight: weight,
    fontStyle: italic ? 'italic' : 'normal',
    fontSize:
      fluid && grows ? fluidCss(fluidLength(fluid, 16)) : 'token' in size ? undefined : cssLength(size),
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
  <div class="band">
    <ChoiceField label="Sizes at" :value="band.id" :choices="bandChoices" @change="chooseBand" />
    <span v-if="!isLead" class="soft"
      >What you type here counts for {{ band.name }} alone. Empty a figure, and it follows again.</span
    >
  </div>
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
      <LevelFigures
        :level="level"
        :now="levelAtBand(level, atBand)"
        :band="isLead ? undefined : band"
        @write="(path, value) => write(level, path, value)"
        @trouble="trouble = $event"
      />
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
.band {
  display: flex;
  gap: 12px;
  align-items: end;
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
