<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed, ref } from 'vue'
import {
  MOST_ROWS,
  type CollectionDocument,
  type CollectionField,
  type CollectionRow,
} from '@nolvex/core/content/collection'
import { fieldsOf, fillFromTable, readValue } from '@nolvex/core/content/collectionChanges'
import { putAmong } from '@nolvex/core/document/placing'
import { inOrder } from '@nolvex/core/document/tree'
import type { Operation } from '@nolvex/core/document/types'
import PopPanel from '../forms/PopPanel.vue'
import CellText from '../forms/CellText.vue'
import ChoiceField from '../forms/ChoiceField.vue'
import FilePick from '../forms/FilePick.vue'
import SortedTable from '../forms/SortedTable.vue'
import type { Column } from '../forms/sortedRows'
import TextField from '../forms/TextField.vue'
import TroubleNote from '../forms/TroubleNote.vue'
import { useReader } from '../reading/useReader'
import { api } from '../session/api'
import { newId } from '../session/newId'
import { useProject } from '../session/projectStore'

/** A table of like records with typed fields, filled by hand, from CSV or from the content service. */
const props = defineProps<{ collection: CollectionDocument }>()
const emit = defineEmits<{ gone: [] }>()
const project = useProject()
const trouble = ref('')
const ask = useReader()

const TYPES = {
  text: 'Text',
  number: 'Number',
  date: 'Date',
  yesNo: 'Yes or no',
  address: 'Address',
} as const
const SERVICE_LISTS = { sailings: 'Sailings', isles: 'Isles', notices: 'Notices' } as const

const fields = computed(() => fieldsOf(props.collection))
const rows = computed(() => inOrder(Object.values(props.collection.records.rows)))
const settings = computed(() => props.collection.records.settings.collection)
const columns = computed((): Column<CollectionRow>[] => [
  ...fields.value.map(({ id, name, type }) => ({
    key: id,
    label: name,
    track: 'minmax(110px, 1fr)',
    by: ({ values }: CollectionRow) => {
      const value = values?.[id]
      return type === 'number' && typeof value === 'number' ? value : value === undefined ? '' : String(value)
    },
  })),
  { key: 'do', label: '', track: '60px' },
])

function change(label: string, operations: Operation[]) {
  if (operations.length)
    project.change(label, [{ document: props.collection.id, kind: 'collection', operations }])
}
const setName = (name: string | undefined) =>
  change('Rename collection', [
    { type: 'set', collection: 'settings', id: 'collection', path: ['name'], value: name ?? '' },
  ])

function addField() {
  change(
    'Add field',
    putAmong('fields', fields.value, fields.value.length, [{ id: newId(), name: 'Field', type: 'text' }]),
  )
}
function setField(field: CollectionField, path: 'name' | 'type', value: string | undefined) {
  if (value !== undefined)
    change('Change field', [{ type: 'set', collection: 'fields', id: field.id, path: [path], value }])
}
const removeField = ({ id, name }: CollectionField) =>
  change(`Delete the field ${name}`, [{ type: 'remove', collection: 'fields', id }])

function addRow() {
  if (rows.value.length >= MOST_ROWS)
    trouble.value = `A collection holds at most ${MOST_ROWS.toLocaleString('en')} rows.`
  else change('Add row', putAmong('rows', rows.value, rows.value.length, [{ id: newId() }]))
}
const removeRow = (id: string) => change('Delete row', [{ type: 'remove', collection: 'rows', id }])

function write(row: CollectionRow, field: CollectionField, typed: string) {
  const read = readValue(field.type, typed)
  trouble.value = 'reason' in read ? `${field.name}: ${read.reason}.` : ''
  if ('reason' in read) return
  change(`Change ${field.name}`, [
    {
      type: 'set',
      collection: 'rows',
      id: row.id,
      path: ['values', field.id],
      ...(read.value === undefined ? {} : { value: read.value }),
    },
  ])
}
function shownValue(row: CollectionRow, field: CollectionField): string {
  const value = row.values?.[field.id]
  return value === undefined ? '' : typeof value === 'boolean' ? (value ? 'yes' : 'no') : String(value)
}

function fill(label: string, heading: string[], values: string[][], more: Operation[] = []) {
  try {
    const { operations, remarks } = fillFromTable(props.collection, heading, values, newId)
    change(label, [...operations, ...more])
    trouble.value = remarks.length
      ? `Row ${remarks[0].row}: ${remarks[0].remark}${remarks.length > 1 ? ` And ${remarks.length - 1} more like it.` : ''}`
      : ''
  } catch (error) {
    trouble.value = (error as Error).message
  }
}

async function fromFile([file]: File[]) {
  try {
    const table = await ask((reader) => reader.readTable(file, MOST_ROWS))
    if (table.trouble) trouble.value = table.trouble
    else fill(`Fill from ${file.name}`, table.heading, table.rows)
  } catch (error) {
    trouble.value = `${file.name}: ${(error as Error).message}`
  }
}

async function fromService(name: string | undefined) {
  if (!name) return
  try {
    const records = await api.serviceList(name)
    const heading = [...new Set(records.flatMap((record) => Object.keys(record)))]
    const values = records.map((record) => heading.map((key) => String(record[key] ?? '')))
    fill(`Fill from the content service`, heading, values, [
      { type: 'set', collection: 'settings', id: 'collection', path: ['service'], value: name },
    ])
  } catch (error) {
    trouble.value = `The content service did not answer: ${(error as Error).message}`
  }
}

/** Empties the collection; its document stays, without a name it is not listed. */
function remove() {
  const { fields: own, rows: all } = props.collection.records
  change(`Delete the collection ${settings.value?.name ?? ''}`, [
    ...Object.keys(all).map((id): Operation => ({ type: 'remove', collection: 'rows', id })),
    ...Object.keys(own).map((id): Operation => ({ type: 'remove', collection: 'fields', id })),
    { type: 'remove', collection: 'settings', id: 'collection' },
  ])
  emit('gone')
}
</script>

<template>
  <div class="collection">
    <div class="tools">
      <TextField
        label="Name of the collection"
        hide-label
        :value="settings?.name"
        :max="100"
        @change="setName"
      />
      <ChoiceField
        label="Fill from the content service"
        hide-label
        :value="undefined"
        :choices="SERVICE_LISTS"
        none="From the content service…"
        @change="fromService"
      />
      <FilePick words="From CSV…" accept=".csv,.tsv,.txt" @files="fromFile" />
      <ElButton @click="addField">Add field</ElButton>
      <ElButton type="primary" :disabled="fields.length === 0" @click="addRow">Add row</ElButton>
      <ElButton link @click="remove">Delete the collection</ElButton>
    </div>
    <p v-if="settings?.service" class="soft">Filled from the content service: {{ settings.service }}.</p>
    <TroubleNote :says="trouble" closable @close="trouble = ''" />
    <SortedTable :label="settings?.name ?? 'Collection'" :rows="rows" :columns="columns">
      <template v-for="field in fields" :key="field.id" #[`after-${field.id}`]>
        <PopPanel
          words="…"
          text
          :label="`Change the field ${field.name}`"
          :width="220"
          placement="bottom-start"
        >
          <div class="change">
            <TextField
              label="Name of the field"
              :value="field.name"
              :max="100"
              @change="setField(field, 'name', $event)"
            />
            <ChoiceField
              label="Type of the field"
              :value="field.type"
              :choices="TYPES"
              @change="setField(field, 'type', $event)"
            />
            <ElButton link :aria-label="`Delete the field ${field.name}`" @click="removeField(field)">
              Delete the field
            </ElButton>
          </div>
        </PopPanel>
      </template>
      <template v-for="field in fields" :key="field.id" #[field.id]="{ row }">
        <CellText :label="field.name" :value="shownValue(row, field)" @change="write(row, field, $event)" />
      </template>
      <template #do="{ row }">
        <ElButton link aria-label="Delete this row" @click="removeRow(row.id)">Delete</ElButton>
      </template>
      <template #empty>
        <p class="soft none">No row yet. Type them, or fill the table from a file.</p>
      </template>
    </SortedTable>
  </div>
</template>

<style scoped>
.collection {
  display: flex;
  flex: 1;
  flex-direction: column;
  gap: 8px;
  min-width: 0;
  padding: 12px;
}
.tools {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: center;
}
.change {
  display: grid;
  gap: 8px;
  justify-items: start;
}
.none {
  padding: 16px;
}
</style>
