<script setup lang="ts">
import { ElButton, ElDialog, ElProgress } from 'element-plus'
import { proxy } from 'comlink'
import { computed, ref } from 'vue'
import {
  AUDIENCE_COLUMNS,
  AudienceTally,
  guessAudienceMapping,
  mappingTrouble,
  type AudienceColumn,
  type AudienceMapping,
} from '@nolvex/core/formats/audienceCsv'
import { readCsv, type CsvTable } from '@nolvex/core/formats/csv'
import TroubleNote from '../forms/TroubleNote.vue'
import FilePick from '../forms/FilePick.vue'
import ChoiceField from '../forms/ChoiceField.vue'
import type { ReadAudience } from './audienceWorker'
import { startAudienceWorker } from './startAudienceWorker'
import { useAudience } from './useAudience'

/** Reads viewport sizes from a CSV file of any length: columns mapped, with a preview before anything changes. */
const open = defineModel<boolean>({ required: true })
const audience = useAudience()
const file = ref<File>()
const head = ref<CsvTable>()
const mapping = ref<AudienceMapping>({})
const trouble = ref('')
const progress = ref<number>()
const read = ref<ReadAudience>()
let end: (() => void) | undefined

const PREVIEW = 64 * 1024
const MEANINGS: Record<AudienceColumn, string> = {
  width: 'Width',
  height: 'Height',
  size: 'Both, as 1440x900',
  visits: 'Visits',
}
const columns = computed(() =>
  Object.fromEntries(
    (head.value?.heading ?? []).map((name, index) => [String(index), name || `Column ${index + 1}`]),
  ),
)
const lacking = computed(() => mappingTrouble(mapping.value))
const preview = computed(() => {
  if (!head.value || lacking.value) return []
  return head.value.rows.slice(0, 5).map(({ values, line }) => {
    const tally = new AudienceTally(mapping.value)
    tally.add(values, line)
    const found = tally.remarks.length === 0 && tally.rows ? sizesOf(tally) : undefined
    return { line, words: values.slice(0, 8).join(' · '), found, remark: tally.remarks[0]?.remark }
  })
})
function sizesOf(tally: AudienceTally): string | undefined {
  try {
    const [[width, height, visits]] = tally.sizes()
    return `${width} × ${height}, ${visits} ${visits === 1 ? 'visit' : 'visits'}`
  } catch {
    return 'no visit'
  }
}

/** Takes a file, as the picker or a drop gives it: its beginning is read for the preview. */
async function take([first]: File[]) {
  if (!first) return
  stop()
  read.value = undefined
  trouble.value = ''
  head.value = undefined
  file.value = first
  try {
    const text = await first.slice(0, PREVIEW).text()
    const whole = first.size > PREVIEW ? text.slice(0, text.lastIndexOf('\n') + 1) : text
    head.value = readCsv(whole, PREVIEW)
    mapping.value = guessAudienceMapping(head.value.heading)
  } catch (error) {
    trouble.value = `${first.name}: ${(error as Error).message}`
  }
}
defineExpose({ take })

async function start() {
  if (!file.value) return
  trouble.value = ''
  progress.value = 0
  const worker = startAudienceWorker()
  end = worker.end
  try {
    read.value = await worker.remote.readTable(
      file.value,
      { ...mapping.value },
      proxy((done: number) => (progress.value = done)),
    )
  } catch (error) {
    trouble.value = (error as Error).message
  } finally {
    stop()
  }
}
function stop() {
  end?.()
  end = undefined
  progress.value = undefined
}

function use() {
  if (!read.value || !file.value) return
  audience.set(read.value.sizes, `${file.value.name}, ${read.value.rows} rows`)
  open.value = false
}

function mean(column: AudienceColumn, at: string | undefined) {
  read.value = undefined
  mapping.value = { ...mapping.value, [column]: at === undefined ? undefined : Number(at) }
}
function drop(event: DragEvent) {
  void take([...(event.dataTransfer?.files ?? [])])
}
</script>

<template>
  <ElDialog v-model="open" title="Audience from a file" width="720" top="8vh" @closed="stop">
    <div class="import" @dragover.prevent @drop.prevent="drop">
      <p class="soft">
        A CSV file with viewport sizes and visits, from any analytics program and of any length. Drop it here,
        or choose it.
      </p>
      <FilePick words="Choose a file…" label="Audience file" accept=".csv,.tsv,.txt,text/csv" @files="take" />
      <template v-if="head && file">
        <p>
          <b>{{ file.name }}</b>
        </p>
        <div class="mapping">
          <ChoiceField
            v-for="column in AUDIENCE_COLUMNS"
            :key="column"
            :label="MEANINGS[column]"
            :value="mapping[column] === undefined ? undefined : String(mapping[column])"
            :choices="columns"
            none="none"
            @change="mean(column, $event)"
          />
        </div>
        <TroubleNote :says="lacking" />
        <table v-if="!lacking" class="ruled">
          <thead>
            <tr>
              <th scope="col">Row</th>
              <th scope="col">Read as</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="row in preview" :key="row.line">
              <td class="soft">{{ row.words }}</td>
              <td :class="{ 'trouble-text': row.remark }">{{ row.remark ?? row.found }}</td>
            </tr>
          </tbody>
        </table>
      </template>
      <TroubleNote :says="trouble" />
      <div v-if="progress !== undefined" class="progress">
        <ElProgress :percentage="Math.round(progress * 100)" aria-label="Reading" />
        <ElButton link @click="stop">Cancel</ElButton>
      </div>
      <div v-if="read" role="status">
        <p>
          {{ read.rows.toLocaleString('en-GB') }} rows,
          {{ read.sizes.length.toLocaleString('en-GB') }} sizes<template v-if="read.step"
            >; the rarest were rounded to {{ read.step }} px</template
          >.
        </p>
        <template v-if="read.leftOut">
          <p class="trouble-text">
            {{ read.leftOut === 1 ? '1 row was' : `${read.leftOut.toLocaleString('en-GB')} rows were` }} left
            out:
          </p>
          <ul>
            <li v-for="remark in read.remarks.slice(0, 4)" :key="remark.line">
              Line {{ remark.line }}: {{ remark.remark }}
            </li>
          </ul>
        </template>
      </div>
    </div>
    <template #footer>
      <ElButton v-if="read" type="primary" @click="use">Use this audience</ElButton>
      <ElButton v-else type="primary" :disabled="!head || !!lacking || progress !== undefined" @click="start">
        Read the whole file
      </ElButton>
    </template>
  </ElDialog>
</template>

<style scoped>
.import {
  display: grid;
  gap: 10px;
  justify-items: start;
}
.mapping {
  display: grid;
  grid-template-columns: repeat(4, 1fr);
  gap: 10px;
  width: 100%;
}
.progress {
  display: grid;
  grid-template-columns: 240px auto;
  gap: 10px;
  align-items: center;
}
ul {
  margin: 4px 0 0;
  padding-left: 18px;
}
</style>
