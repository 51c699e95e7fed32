<script setup lang="ts">
import { ElButton, ElCheckbox, ElMessage } from 'element-plus'
import { useLocalStorage } from '@vueuse/core'
import { computed } from 'vue'
import { operationsBetween } from '@nolvex/core/document/compare'
import type { StoredDocument } from '@nolvex/core/document/types'
import { plainLevel } from '@nolvex/core/block/textStyle'
import { guideId } from '@nolvex/core/style/guideIds'
import { isPlainStyle } from '@nolvex/core/style/plainStyle'
import { proposals, type Proposal } from '@nolvex/core/style/proposals'
import { USUAL_START, type Start } from '@nolvex/core/style/quickStart'
import { styleKind } from '@nolvex/core/style/style'
import { tokenColour } from '@nolvex/core/style/token'
import { START_PARTS, takeStart, type StartPart } from '@nolvex/core/style/takeStart'
import ChoiceField from '../forms/ChoiceField.vue'
import FigureField from '../forms/FigureField.vue'
import SelectField from '../forms/SelectField.vue'
import BrandColours from './BrandColours.vue'
import ColourField from './ColourField.vue'
import GuidePage from './GuidePage.vue'
import SpecimenPage from './SpecimenPage.vue'
import { useBrandColours } from './useBrandColours'
import { useFamilies } from './useFamilies'
import { useGuide } from './useGuide'
import { useGuidePages } from './useGuidePages'

/** A whole guide from a few decisions: one's own, and three that go other ways, each at work on a page. */
const { project, change, uses } = useGuide()
const { shown, lead } = useGuidePages()
const { choices: families } = useFamilies()
const brandColours = useBrandColours()

/** What the guide that is there says of itself, where it was computed before. */
const colourOf = (name: string) => tokenColour(project.style.records.tokens, guideId('colour', name))
const familyOf = (role: string) => project.style.records.levels[plainLevel(role)]?.family
const begun: Start = {
  ...USUAL_START,
  main: colourOf('main') ?? USUAL_START.main,
  second: colourOf('second'),
  headings: familyOf('h1') ?? USUAL_START.headings,
  text: familyOf('p') ?? USUAL_START.text,
}
const start = useLocalStorage<Start>(`nolvex style start ${project.id}`, begun, { mergeDefaults: true })
const set = <Key extends keyof Start>(key: Key, value: Start[Key]) =>
  (start.value = { ...start.value, [key]: value })

const own = computed((): Proposal => ({
  name: 'As decided',
  says: 'What you have chosen at the side.',
  start: start.value,
}))
const ways = computed(() =>
  [own.value, ...proposals(start.value)].map((way) => ({
    ...way,
    style: takeStart(project.style, way.start, ALL),
  })),
)
const ALL = Object.keys(START_PARTS) as StartPart[]
const isNew = computed(() => isPlainStyle(project.style))

function take({ name, start: chosen }: Proposal, which: readonly StartPart[]) {
  const after = takeStart(project.style, chosen, which, (id) => uses(id) > 0)
  const operations = operationsBetween(
    styleKind,
    project.style as unknown as StoredDocument,
    after as unknown as StoredDocument,
  )
  const what = which.length > 1 ? 'the guide' : `the ${START_PARTS[which[0]]}`
  if (operations.length === 0) return void ElMessage({ message: 'The guide is like this already.' })
  change(`Take ${what} “${name}”`, operations)
  ElMessage({ message: `Taken: ${what} “${name}”. Every figure of it can be changed in the other views.` })
}

const CORNERS = {
  square: 'square',
  slight: 'slightly round',
  round: 'round',
  pill: 'round, buttons in half circles',
}
const DENSITY = { tight: 'close together', usual: 'usual', airy: 'with more room' }
const CONTRAST = { usual: 'enough for all (AA)', high: 'more than that (AAA)' }
const RATIOS = {
  '1.125': '1.125',
  '1.2': '1.2',
  '1.25': '1.25',
  '1.333': '1.333',
  '1.4': '1.4',
  '1.5': '1.5',
  '1.618': '1.618',
}
</script>

<template>
  <div class="board">
    <p v-if="isNew" class="lead">
      A guide in two minutes: choose a colour and a face at the side, and take what comes of it. Every figure
      of it stays open to change.
    </p>
    <div class="ways">
      <section v-for="way in ways" :key="way.name" :aria-label="way.name">
        <h3>{{ way.name }}</h3>
        <p class="soft">{{ way.says }}</p>
        <GuidePage
          v-if="shown"
          :sources="project.sources(shown.id)"
          :band="lead.id"
          :at="lead.drawnAt"
          :until="lead.drawnAt * 0.72"
          :style="way.style"
          :label="`${shown.title} in the proposal ${way.name}`"
        />
        <SpecimenPage v-else :style="way.style" />
        <div class="takes">
          <ElButton type="primary" @click="take(way, ALL)">Take it all</ElButton>
          <span class="soft">or only</span>
          <ElButton v-for="(words, part) in START_PARTS" :key="part" link @click="take(way, [part])">{{
            words
          }}</ElButton>
        </div>
      </section>
    </div>
  </div>
  <aside class="side-panel start" aria-label="Decisions">
    <h3>Decisions</h3>
    <label
      >Main colour
      <ColourField label="Main colour" :value="start.main" @change="$event && set('main', $event)" />
    </label>
    <BrandColours
      label="Main colour"
      :colours="brandColours"
      :value="start.main"
      @choose="set('main', $event)"
    />
    <label
      >Second colour
      <ColourField
        label="Second colour"
        :value="start.second"
        placeholder="none"
        is-optional
        @change="set('second', $event)"
      />
    </label>
    <BrandColours
      label="Second colour"
      :colours="brandColours"
      :value="start.second"
      @choose="set('second', $event)"
    />
    <label
      >Headings
      <SelectField
        label="Face of headings"
        :value="start.headings"
        :options="families"
        @change="set('headings', $event)"
      />
    </label>
    <label
      >Text
      <SelectField
        label="Face of text"
        :value="start.text"
        :options="families"
        @change="set('text', $event)"
      />
    </label>
    <FigureField
      label="Text size, px"
      :value="start.size"
      @change="$event && $event >= 10 && $event <= 30 && set('size', $event)"
    />
    <ChoiceField
      label="Each heading larger by"
      :value="String(start.ratio)"
      :choices="RATIOS"
      @change="set('ratio', Number($event ?? 1.25))"
    />
    <ChoiceField
      label="Corners"
      :value="start.corners"
      :choices="CORNERS"
      @change="set('corners', $event ?? 'slight')"
    />
    <ChoiceField
      label="Density"
      :value="start.density"
      :choices="DENSITY"
      @change="set('density', $event ?? 'usual')"
    />
    <ChoiceField
      label="Contrast of text"
      :value="start.contrast"
      :choices="CONTRAST"
      @change="set('contrast', $event ?? 'usual')"
    />
    <ElCheckbox
      :model-value="start.isTinted"
      label="grounds tinted by the main colour"
      @update:model-value="set('isTinted', Boolean($event))"
    />
  </aside>
</template>

<style scoped>
.board > * {
  flex: none;
}
.ways {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(360px, 1fr));
  gap: 20px;
}
section {
  display: grid;
  gap: 6px;
  align-content: start;
}
.takes {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 10px;
  align-items: center;
}
.takes .el-button + .el-button {
  margin-left: 0;
}
.start > label:not(.el-checkbox) {
  display: grid;
  gap: 2px;
  color: var(--soft);
}
.lead {
  margin: 0 0 14px;
  max-width: 640px;
  font-size: 15px;
  line-height: 22px;
}
</style>
