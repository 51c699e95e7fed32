<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed, ref } from 'vue'
import type { Json } from '@nolvex/core/document/types'
import { putAmong } from '@nolvex/core/document/placing'
import { inOrder } from '@nolvex/core/document/tree'
import { gridCss } from '@nolvex/core/markup/gridCss'
import { PAPERS, type PaperName } from '@nolvex/core/paint/paper'
import { gridSheet } from '@nolvex/core/paint/gridSheet'
import { pathFromTitle } from '@nolvex/core/site/address'
import type { GridQuestion } from '@nolvex/core/site/gridPlan'
import TroubleNote from '../forms/TroubleNote.vue'
import StageAgreement from '../versions/StageAgreement.vue'
import RecordList from '../forms/RecordList.vue'
import ChoiceField from '../forms/ChoiceField.vue'
import { saveFile } from '../forms/saveFile'
import TextField from '../forms/TextField.vue'
import { useFontLibrary } from '../fonts/useFontLibrary'
import { newId } from '../session/newId'
import { useProject } from '../session/projectStore'
import { useExport } from '../session/useExport'
import SheetPicture from './SheetPicture.vue'
import { useVersions } from '../versions/versionStore'

/** The grid on one sheet for the developer, what is asked and answered, and who agreed it. */
const project = useProject()
const versions = useVersions()
const { running, trouble, take, cancel } = useExport()
const paper = ref<PaperName>('A4')
const today = new Date().toISOString().slice(0, 10)

const records = computed(() => project.site.records)
const questions = computed(() => inOrder(Object.values(records.value.gridQuestions)))
const open = computed(() => questions.value.filter(({ answer }) => !answer).length)
const gate = computed(() => versions.gates.grid)
const css = computed(() => gridCss(Object.values(records.value.bands), records.value.settings.site.lead))
const base = computed(() => pathFromTitle(project.name) || 'site')

const library = useFontLibrary()
const sheet = computed(() => {
  if (!library.value) return undefined
  const agreed = gate.value && {
    by: gate.value.version.approvals.map(({ name }) => name),
    at: gate.value.version.approvals[0]?.at ?? gate.value.version.createdAt,
    changedSince: gate.value.since.length > 0,
  }
  return gridSheet(records.value, library.value, {
    paper: paper.value,
    title: project.name,
    date: today,
    agreed,
  })
})
const paperChoices = Object.fromEntries(Object.keys(PAPERS).map((name) => [name, name])) as Record<
  PaperName,
  string
>
const takeSheet = (file: 'pdf' | 'svg' | 'png') =>
  take(`The grid as ${file.toUpperCase()}`, { format: 'grid', file, paper: paper.value, date: today })

const ask = (text: string) =>
  project.changeSite(
    'Ask the developer',
    putAmong('gridQuestions', questions.value, questions.value.length, [{ id: newId(), text }]),
  )
const set = (question: GridQuestion, field: 'text' | 'answer' | 'by', value: Json | undefined) =>
  project.setSite('Change a question', 'gridQuestions', question.id, [field], value)

const takeBack = ({ id }: GridQuestion) =>
  project.changeSite('Take a question back', [{ type: 'remove', collection: 'gridQuestions', id }])
</script>

<template>
  <div class="board">
    <SheetPicture v-if="sheet" :sheet="sheet" />
    <section>
      <h3>Questions to the developer</h3>
      <p v-if="questions.length === 0" class="soft">
        None yet. Ask what has to be settled before the grid is built: sub-grids, browsers to serve, what
        happens beyond the widest band.
      </p>
      <RecordList
        :records="questions"
        :name-of="({ text }) => text"
        :add="{ label: 'Ask', placeholder: 'Ask the developer…', max: 2000 }"
        ordered
        @add="ask"
        @move="(one, index) => project.moveRecord('Move question', 'gridQuestions', questions, one.id, index)"
        @remove="takeBack"
      >
        <template #default="{ one: question }">
          <div class="question">
            <TextField
              label="Question"
              hide-label
              :rows="2"
              :value="question.text"
              :max="2000"
              @change="$event && set(question, 'text', $event)"
            />
            <TextField
              label="Answer"
              hide-label
              :rows="2"
              :value="question.answer"
              placeholder="not answered yet"
              @change="set(question, 'answer', $event)"
            />
            <TextField
              label="Answered by"
              hide-label
              :value="question.by"
              placeholder="by whom"
              :max="200"
              @change="set(question, 'by', $event)"
            />
          </div>
        </template>
      </RecordList>
    </section>
    <section>
      <h3>As CSS</h3>
      <pre tabindex="0" aria-label="The grid as CSS">{{ css }}</pre>
    </section>
  </div>
  <aside class="side-panel agreement">
    <StageAgreement stage="grid" words="agreed" name="Grid agreed">
      <p v-if="open" class="since">
        {{ open === 1 ? '1 question is' : `${open} questions are` }} not answered yet.
      </p>
    </StageAgreement>
    <h3>Take the sheet away</h3>
    <ChoiceField label="Paper" :value="paper" :choices="paperChoices" @change="paper = $event ?? 'A4'" />
    <div class="files">
      <ElButton :disabled="!!running" @click="takeSheet('pdf')">PDF</ElButton>
      <ElButton :disabled="!!running" @click="takeSheet('svg')">SVG</ElButton>
      <ElButton :disabled="!!running" @click="takeSheet('png')">PNG</ElButton>
      <ElButton @click="saveFile(`${base}-grid.css`, css, 'text/css')">CSS</ElButton>
    </div>
    <p v-if="running" role="status">{{ running.label }}… <ElButton link @click="cancel">Cancel</ElButton></p>
    <TroubleNote :says="trouble" />
  </aside>
</template>

<style scoped>
.board {
  display: flex;
  flex-direction: column;
  gap: 16px;
}
.board > * {
  flex: none;
}
section {
  display: grid;
  gap: 8px;
  min-width: 0;
  max-width: 1000px;
  padding: 12px 16px;
  background: var(--paper);
  border: 1px solid var(--hairline);
}
.question {
  display: grid;
  grid-template-columns: 1fr 1fr 120px;
  gap: 8px;
  align-items: start;
}
pre {
  max-height: 320px;
  margin: 0;
  overflow: auto;
  font: 12px/18px monospace;
}
.files {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
}
.since {
  color: var(--ochre-text);
}
</style>
