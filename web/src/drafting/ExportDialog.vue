<script setup lang="ts">
import { ElButton, ElCheckbox, ElCheckboxGroup, ElDialog, ElRadioButton, ElRadioGroup } from 'element-plus'
import { computed, inject, ref, watch } from 'vue'
import { bandsOf } from '@nolvex/core/resolve/resolvePage'
import { pagesInOrder } from '@nolvex/core/site/treeOrder'
import ChoiceField from '../forms/ChoiceField.vue'
import TroubleNote from '../forms/TroubleNote.vue'
import { useExport } from '../session/useExport'
import { useProject } from '../session/projectStore'
import { useStages } from '../stages/useStages'
import { drawnAs } from './drawnAs'
import { FINISHES, useFinish, type FinishName } from './usePainter'

/** What leaves of the drawings: one page at this width, or several at chosen bands, as pictures, a PDF or HTML. */
const props = defineProps<{
  /** the page one is on, and its width; without one, several are meant */
  page?: string
  width?: number
}>()
const open = defineModel<boolean>({ required: true })
const project = useProject()
const { isDrawn } = useStages()
const { finish: wireframe } = useFinish()
const as = inject(drawnAs, ref('wireframe'))
const shown = computed((): FinishName => (as.value === 'mockup' ? 'finished' : wireframe.value))
const { running, trouble, take, cancel } = useExport()

type Which = 'this' | 'all' | 'some'
const which = ref<Which>(props.page ? 'this' : 'all')
const finish = ref<FinishName>(shown.value)
watch(shown, (name) => (finish.value = name))
const hasNotes = ref(true)
const drawn = computed(() =>
  pagesInOrder(project.site.records.pages).filter(({ page }) => page.kind !== 'external' && isDrawn(page.id)),
)
const bands = computed(() => bandsOf(project.site).inOrder)
const chosenPages = ref<string[]>([])
const chosenBands = ref<string[]>(bands.value.map(({ id }) => id))

interface Kind {
  label: string
  about: string
  input: Record<string, unknown>
}
const onePage: Kind[] = [
  { label: 'SVG', about: 'The page at this width, words selectable', input: { format: 'svg' } },
  { label: 'PNG', about: 'The page at this width, 1x', input: { format: 'png', scale: 1 } },
  { label: 'PNG 2x', about: 'The same for sharp screens', input: { format: 'png', scale: 2 } },
  { label: 'PNG 3x', about: 'The same for the sharpest', input: { format: 'png', scale: 3 } },
  {
    label: 'HTML',
    about: 'All bands in one page with its fonts and pictures, in a zip',
    input: { format: 'html' },
  },
]
const severalPages: Kind[] = [
  {
    label: 'PDF',
    about: 'Contents, the map, a sheet a page and band; words selectable',
    input: { file: 'pdf' },
  },
  { label: 'HTML', about: 'All bands, working links, one style sheet, in a zip', input: { file: 'html' } },
  { label: 'PNG', about: 'A picture a page and band, 1x, in a zip', input: { file: 'png', scale: 1 } },
  { label: 'PNG 2x', about: 'The same for sharp screens', input: { file: 'png', scale: 2 } },
  { label: 'PNG 3x', about: 'The same for the sharpest', input: { file: 'png', scale: 3 } },
  { label: 'SVG', about: 'A drawing a page and band, in a zip', input: { file: 'svg' } },
]
const kinds = computed(() => (which.value === 'this' ? onePage : severalPages))
const isNothing = computed(
  () =>
    which.value !== 'this' &&
    (chosenBands.value.length === 0 || (which.value === 'some' && chosenPages.value.length === 0)),
)

function begin({ label, input }: Kind) {
  if (which.value === 'this')
    return take(label, { ...input, page: props.page, width: props.width, finish: finish.value })
  const pages = which.value === 'some' ? chosenPages.value : []
  const date = new Date().toISOString().slice(0, 10)
  return take(label, {
    format: 'pack',
    ...input,
    pages,
    bands: chosenBands.value,
    finish: finish.value,
    notes: hasNotes.value,
    date,
  })
}
</script>

<template>
  <ElDialog v-model="open" title="Take pages away" width="560" top="8vh">
    <div class="choices">
      <ElRadioGroup v-model="which" aria-label="Which pages">
        <ElRadioButton v-if="page" value="this">This page</ElRadioButton>
        <ElRadioButton value="all">All {{ drawn.length }} drawn</ElRadioButton>
        <ElRadioButton value="some">Some…</ElRadioButton>
      </ElRadioGroup>
      <ChoiceField
        label="Finish"
        hide-label
        :value="finish"
        :choices="FINISHES"
        @change="$event && (finish = $event)"
      />
    </div>
    <ElCheckboxGroup v-if="which === 'some'" v-model="chosenPages" class="pages" aria-label="Pages">
      <ElCheckbox
        v-for="{ page: one, depth } in drawn"
        :key="one.id"
        :value="one.id"
        :style="{ paddingLeft: `${depth * 18}px` }"
        >{{ one.title || 'Untitled' }}</ElCheckbox
      >
    </ElCheckboxGroup>
    <ElCheckboxGroup v-if="which !== 'this'" v-model="chosenBands" class="bands" aria-label="Bands">
      <ElCheckbox v-for="band in bands" :key="band.id" :value="band.id"
        >{{ band.name }}, {{ band.drawnAt }} px</ElCheckbox
      >
    </ElCheckboxGroup>
    <ElCheckbox v-if="which !== 'this'" v-model="hasNotes"
      >Notes in the PDF, numbered, with a legend</ElCheckbox
    >
    <ul>
      <li v-for="kind in kinds" :key="kind.label">
        <div>
          <b>{{ kind.label }}</b>
          <span class="soft">{{ kind.about }}</span>
        </div>
        <ElButton
          :disabled="running !== undefined || isNothing"
          :data-export="kind.label"
          @click="begin(kind)"
        >
          Take
        </ElButton>
      </li>
    </ul>
    <p v-if="running" role="status">
      Making the {{ running.label }}…{{ running.percent ? ` ${running.percent} %` : '' }}
      <ElButton link @click="cancel">Cancel</ElButton>
    </p>
    <p v-if="isNothing" class="soft">Choose a page and a band.</p>
    <TroubleNote :says="trouble" />
  </ElDialog>
</template>

<style scoped>
.choices {
  display: flex;
  gap: 12px;
  align-items: center;
}
.pages {
  display: grid;
  max-height: 180px;
  margin-top: 8px;
  overflow: auto;
}
.bands {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 16px;
  margin-top: 8px;
}
ul {
  margin: 8px 0;
  padding: 0;
  list-style: none;
}
li {
  display: flex;
  justify-content: space-between;
  align-items: center;
  padding: 7px 0;
  border-bottom: 1px solid var(--hairline);
}
li div {
  display: grid;
}
</style>
