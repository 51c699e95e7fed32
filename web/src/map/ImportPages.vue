<script setup lang="ts">
import { ElButton, ElDialog, ElInput, ElRadio, ElRadioGroup, type InputInstance } from 'element-plus'
import { watchDebounced } from '@vueuse/core'
import { computed, ref, shallowRef, watch } from 'vue'
import type { ImportedPages } from '@nolvex/core/formats/importedPages'
import { PAGE_COLUMNS, type PageColumn, type PageMapping } from '@nolvex/core/formats/pagesCsv'
import { guessFormat, PAGE_FORMATS, type PageFormat } from '@nolvex/core/formats/readPages'
import TroubleNote from '../forms/TroubleNote.vue'
import FilePick from '../forms/FilePick.vue'
import ChoiceField from '../forms/ChoiceField.vue'
import type { ReadPageList } from '../reading/readPageList'
import { useReader } from '../reading/useReader'

/** Brings pages in from typed or pasted text, or from files, with a preview before anything changes. */
const props = defineProps<{ below?: string }>()
const emit = defineEmits<{ add: [pages: ImportedPages['pages'], mode: 'merge' | 'replace'] }>()
const open = defineModel<boolean>({ required: true })
const text = ref('')
const files = shallowRef<File[]>([])
const chosen = ref<PageFormat>()
const mode = ref<'merge' | 'replace'>('merge')
const said = shallowRef<PageMapping>()
const isOver = ref(false)

const NOTHING: ReadPageList = {
  format: 'indented',
  pages: [],
  remarks: [],
  heading: [],
  beginning: '',
  trouble: '',
}
const ask = useReader()
const read = shallowRef(NOTHING)
const isReading = ref(false)
/** Who is done typing may say so before the last letter is read. */
const wantsToAdd = ref(false)
let asked = 0

// Whatever is read, it is read elsewhere, so that no list, however long or wrong, keeps the page from answering.
watch([text, files, chosen, said], () => {
  isReading.value = true
  wantsToAdd.value = false
})
watchDebounced([text, files, chosen, said], () => void readAgain(), { debounce: 80 })

async function readAgain() {
  const question = ++asked
  const source = { text: text.value, files: files.value, format: chosen.value, mapping: said.value }
  try {
    const found = await ask((reader) => reader.readPageList(source))
    if (question === asked) read.value = found
  } catch {
    if (question === asked)
      read.value = { ...NOTHING, trouble: 'This could not be read. Try another format.' }
  }
  if (question === asked) isReading.value = false
}

const format = computed(() =>
  files.value.length ? read.value.format : (chosen.value ?? guessFormat(text.value)),
)
const heading = computed(() => read.value.heading)
const mapping = computed(() => read.value.mapping)
watch(heading, (names, before) => {
  if (names.join('\n') !== before.join('\n')) said.value = undefined
})
const trouble = computed(() => (isReading.value ? '' : read.value.trouble))
const tops = computed(() => read.value.pages.filter(({ depth }) => depth === 0).length)

const field = ref<InputInstance>()
const canAdd = computed(() => !isReading.value && read.value.pages.length > 0 && trouble.value === '')
const addWords = computed(() => {
  if (isReading.value) return 'Reading…'
  const count = read.value.pages.length
  if (count === 0) return 'Nothing to add yet'
  const what = count === 1 ? 'Add 1 page' : `Add ${count} pages`
  return `${what} ${props.below && mode.value === 'merge' ? `below ${props.below}` : 'to the map'}`
})

const MEANINGS: Record<PageColumn, string> = {
  title: 'Title',
  path: 'Path',
  parent: 'Parent page',
  id: 'Id',
  depth: 'Depth',
  purpose: 'Purpose',
  goal: 'Goal',
  sections: 'Sections',
}
const columns = computed(() =>
  Object.fromEntries(heading.value.map((name, index) => [String(index), name || `Column ${index + 1}`])),
)

function mean(column: PageColumn, at: string | undefined) {
  said.value = { ...mapping.value, [column]: at === undefined ? undefined : Number(at) }
}

function take(list: File[]) {
  files.value = list
  chosen.value = undefined
  said.value = undefined
}

function drop(event: DragEvent) {
  isOver.value = false
  take([...(event.dataTransfer?.files ?? [])])
}

defineExpose({ take })

function clear() {
  text.value = ''
  files.value = []
  said.value = undefined
  chosen.value = undefined
  mode.value = 'merge'
}

watch(isReading, (reading) => {
  if (!reading && wantsToAdd.value && open.value) add()
})

function add() {
  wantsToAdd.value = isReading.value
  if (!canAdd.value) return
  emit('add', read.value.pages, mode.value)
  clear()
  open.value = false
}
</script>

<template>
  <ElDialog v-model="open" title="Bring in pages" width="760" top="6vh" @opened="field?.focus()">
    <p class="soft">
      Type or paste a list, or choose files: an indented list, addresses, CSV, OPML or sitemap.xml. Nothing is
      fetched, and nothing changes before you say so.
    </p>
    <div class="from">
      <FilePick words="Choose files…" accept=".txt,.md,.csv,.tsv,.opml,.xml" several @files="take" />
      <span v-if="files.length">
        {{ files.map(({ name }) => name).join(', ') }} <ElButton link @click="clear">Take out</ElButton>
      </span>
      <ChoiceField
        class="format"
        label="Read as"
        hide-label
        :value="format"
        :choices="PAGE_FORMATS"
        @change="chosen = $event"
      />
    </div>
    <div
      class="halves"
      :class="{ over: isOver }"
      @dragover.prevent="isOver = true"
      @dragleave="isOver = false"
      @drop.prevent="drop"
    >
      <ElInput
        v-if="files.length === 0"
        ref="field"
        v-model="text"
        type="textarea"
        resize="none"
        aria-label="List of pages"
        placeholder="Home&#10;  Timetable&#10;  Fares&#10;    Refunds"
        @keydown.tab.exact.prevent="text += '\t'"
        @keydown.ctrl.enter.prevent="add"
      />
      <ElInput
        v-else
        type="textarea"
        resize="none"
        readonly
        aria-label="What the file holds"
        :model-value="read.beginning"
      />
      <ol class="preview" aria-label="What will be added">
        <li v-if="read.pages.length === 0" class="soft">What will be added shows here.</li>
        <li
          v-for="(page, index) in read.pages.slice(0, 300)"
          :key="index"
          :style="{ paddingLeft: `${page.depth * 16}px` }"
          dir="auto"
        >
          {{ page.title }} <span v-if="page.path" class="soft">/{{ page.path }}</span>
          <span v-if="page.sections" class="soft">{{ page.sections.join(', ') }}</span>
        </li>
        <li v-if="read.pages.length > 300" class="soft">and {{ read.pages.length - 300 }} more</li>
      </ol>
    </div>
    <div v-if="heading.length" class="mapping">
      <ChoiceField
        v-for="column in PAGE_COLUMNS"
        :key="column"
        :label="MEANINGS[column]"
        :value="mapping?.[column] === undefined ? undefined : String(mapping[column])"
        :choices="columns"
        none="none"
        @change="mean(column, $event)"
      />
    </div>
    <ul v-if="read.remarks.length" class="remarks">
      <li v-for="(remark, index) in read.remarks.slice(0, 4)" :key="index">
        Line {{ remark.line }}: {{ remark.remark }}
      </li>
      <li v-if="read.remarks.length > 4">and {{ read.remarks.length - 4 }} more remarks</li>
    </ul>
    <p v-if="tops > 1 && (mode === 'replace' || !props.below)" class="remarks">
      {{ tops }} pages stand at the top; the first of them is home.
    </p>
    <TroubleNote :says="trouble" />
    <div class="do">
      <ElRadioGroup v-model="mode" aria-label="What becomes of the map">
        <ElRadio value="merge">Add what is not there yet</ElRadio>
        <ElRadio value="replace">Replace the whole map</ElRadio>
      </ElRadioGroup>
      <ElButton type="primary" :disabled="!canAdd" title="Ctrl+Enter" @click="add">
        {{ addWords }}
      </ElButton>
      <ElButton @click="open = false">Cancel</ElButton>
    </div>
  </ElDialog>
</template>

<style scoped>
.from {
  display: flex;
  gap: 12px;
  align-items: center;
  margin-top: 10px;
}
.format {
  width: 160px;
  margin-left: auto;
}
.halves {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 12px;
  margin-top: 10px;
}
.over {
  outline: 2px dashed var(--pine);
  outline-offset: 4px;
}
.halves :deep(textarea),
.preview {
  height: 250px;
  margin: 0;
  padding: 8px;
  overflow: auto;
  border: 1px solid var(--edge);
  background: #fff;
  resize: none;
  tab-size: 2;
}
.preview {
  border-color: var(--hairline);
  background: none;
  list-style: none;
}
.mapping {
  display: grid;
  grid-template-columns: repeat(7, 1fr);
  gap: 8px;
  margin-top: 8px;
}
.remarks {
  margin: 8px 0 0;
  padding: 0;
  color: var(--ochre-text);
  list-style: none;
}
.trouble-text {
  margin-top: 8px;
}
.do {
  display: flex;
  gap: 10px;
  align-items: center;
  margin-top: 12px;
}
.do .el-radio-group {
  flex-wrap: nowrap;
  gap: 14px;
}
.do .el-button--primary {
  margin-left: auto;
}
</style>
