<script setup lang="ts">
import { ElDialog } from 'element-plus'
import { computed, ref, watch } from 'vue'
import { readCsv } from '@nolvex/core/formats/csv'
import {
  ImportError,
  MOST_IMPORTED,
  textOfFile,
  type ImportedPages,
} from '@nolvex/core/formats/importedPages'
import { guessMapping, PAGE_COLUMNS, type PageColumn, type PageMapping } from '@nolvex/core/formats/pagesCsv'
import { guessFormat, PAGE_FORMATS, readPages, type PageFormat } from '@nolvex/core/formats/readPages'
import ChoiceField from '../forms/ChoiceField.vue'

/** Brings pages in from typed or pasted text, or from files, with a preview before anything changes. */
const props = defineProps<{ below?: string }>()
const emit = defineEmits<{ add: [pages: ImportedPages['pages'], mode: 'merge' | 'replace'] }>()
const open = defineModel<boolean>({ required: true })
const text = ref('')
const files = ref<{ name: string; text: string }[]>([])
const chosen = ref<PageFormat>()
const mode = ref<'merge' | 'replace'>('merge')
const mapping = ref<PageMapping>()
const fileTrouble = ref('')
const isOver = ref(false)

const texts = computed(() => (files.value.length ? files.value.map((file) => file.text) : [text.value]))
const format = computed(() => chosen.value ?? guessFormat(texts.value[0], files.value[0]?.name))
const isEmpty = computed(() => texts.value.every((one) => one.trim() === ''))

const heading = computed(() => {
  if (format.value !== 'csv' || isEmpty.value) return []
  try {
    return readCsv(texts.value[0]).heading
  } catch {
    return []
  }
})
watch(heading, (names, before) => {
  if (names.join('\n') !== before.join('\n')) mapping.value = guessMapping(names)
})

const NOTHING: ImportedPages = { pages: [], remarks: [] }
const read = computed((): ImportedPages & { trouble: string } => {
  if (isEmpty.value) return { ...NOTHING, trouble: '' }
  try {
    const found = readPages(format.value, texts.value, mapping.value)
    const isMany = found.pages.length > MOST_IMPORTED
    return {
      ...found,
      trouble: isMany
        ? `At most ${MOST_IMPORTED} pages can be brought in at once; this has ${found.pages.length}. Split it.`
        : '',
    }
  } catch (error) {
    if (!(error instanceof ImportError)) throw error
    return { ...NOTHING, trouble: error.message }
  }
})
const trouble = computed(() => fileTrouble.value || read.value.trouble)
const tops = computed(() => read.value.pages.filter(({ depth }) => depth === 0).length)

const field = ref<HTMLTextAreaElement>()
const canAdd = computed(() => read.value.pages.length > 0 && trouble.value === '')
const addWords = computed(() => {
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
}
const columns = computed(() =>
  Object.fromEntries(heading.value.map((name, index) => [String(index), name || `Column ${index + 1}`])),
)

function mean(column: PageColumn, at: string | undefined) {
  mapping.value = { ...mapping.value, [column]: at === undefined ? undefined : Number(at) }
}

async function take(list: FileList | null | undefined) {
  fileTrouble.value = ''
  const taken = await Promise.all(
    [...(list ?? [])].map(async (file) => {
      try {
        return { name: file.name, text: textOfFile(new Uint8Array(await file.arrayBuffer())) }
      } catch (error) {
        fileTrouble.value = `${file.name}: ${(error as Error).message}`
        return undefined
      }
    }),
  )
  files.value = taken.filter((file) => file !== undefined)
  chosen.value = undefined
}

function drop(event: DragEvent) {
  isOver.value = false
  void take(event.dataTransfer?.files)
}

defineExpose({ take })

function clear() {
  text.value = ''
  files.value = []
  fileTrouble.value = ''
  chosen.value = undefined
  mode.value = 'merge'
}

function add() {
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
      <label class="action choose">
        Choose files…
        <input
          type="file"
          multiple
          class="visually-hidden"
          accept=".txt,.md,.csv,.tsv,.opml,.xml"
          @change="take(($event.target as HTMLInputElement).files)"
        />
      </label>
      <span v-if="files.length">
        {{ files.map(({ name }) => name).join(', ') }} <button class="plain" @click="clear">Take out</button>
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
      <textarea
        v-if="files.length === 0"
        ref="field"
        v-model="text"
        aria-label="List of pages"
        placeholder="Home&#10;  Timetable&#10;  Fares&#10;    Refunds"
        @keydown.tab.exact.prevent="text += '\t'"
        @keydown.ctrl.enter.prevent="canAdd && add()"
      />
      <textarea v-else readonly aria-label="What the file holds" :value="files[0].text.slice(0, 20000)" />
      <ol class="preview" aria-label="What will be added">
        <li v-if="read.pages.length === 0" class="soft">What will be added shows here.</li>
        <li
          v-for="(page, index) in read.pages.slice(0, 300)"
          :key="index"
          :style="{ paddingLeft: `${page.depth * 16}px` }"
          dir="auto"
        >
          {{ page.title }} <span v-if="page.path" class="soft">/{{ page.path }}</span>
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
    <p v-if="trouble" class="trouble-text" role="alert">{{ trouble }}</p>
    <div class="do">
      <label><input v-model="mode" type="radio" value="merge" /> Add what is not there yet</label>
      <label><input v-model="mode" type="radio" value="replace" /> Replace the whole map</label>
      <button class="action main" :disabled="!canAdd" title="Ctrl+Enter" @click="add">
        {{ addWords }}
      </button>
      <button class="action" @click="open = false">Cancel</button>
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
.choose {
  line-height: 26px;
}
.choose:focus-within {
  outline: 2px solid var(--pine);
}
.format {
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
textarea,
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
.do label {
  white-space: nowrap;
}
.do .main {
  margin-left: auto;
}
</style>
