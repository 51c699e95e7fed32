<script setup lang="ts">
import { computed, ref } from 'vue'
import {
  FIELD_TYPES,
  MOST_ROWS,
  type CollectionDocument,
  type CollectionField,
  type CollectionRow,
} from '@nolvex/core/content/collection'
import { fieldsOf, fillFromTable, readValue } from '@nolvex/core/content/collectionChanges'
import { putAmong } from '@nolvex/core/document/placing'
import { inOrder } from '@nolvex/core/document/tree'
import type { Operation } from '@nolvex/core/document/types'
import { useVirtualList } from '@vueuse/core'
import ChoiceField from '../forms/ChoiceField.vue'
import TextField from '../forms/TextField.vue'
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
const { list, containerProps, wrapperProps } = useVirtualList(rows, { itemHeight: 32, overscan: 12 })
const columns = computed(() => ({
  gridTemplateColumns: `repeat(${fields.value.length}, minmax(110px, 1fr)) 60px`,
}))

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

function write(row: CollectionRow, field: CollectionField, event: Event) {
  const input = event.target as HTMLInputElement
  const read = readValue(field.type, input.value)
  if ('reason' in read) {
    trouble.value = `${field.name}: ${read.reason}.`
    input.value = shownValue(row, field)
    return
  }
  trouble.value = ''
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

async function fromFile(event: Event) {
  const input = event.target as HTMLInputElement
  const [file] = input.files ?? []
  input.value = ''
  if (!file) return
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
const types = FIELD_TYPES.map((type) => [type, TYPES[type]])
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
      <label class="action file">
        From CSV…
        <input type="file" class="visually-hidden" accept=".csv,.tsv,.txt" @change="fromFile" />
      </label>
      <button class="action" @click="addField">Add field</button>
      <button class="action main" :disabled="fields.length === 0" @click="addRow">Add row</button>
      <button class="plain" @click="remove">Delete the collection</button>
    </div>
    <p v-if="settings?.service" class="soft">Filled from the content service: {{ settings.service }}.</p>
    <p v-if="trouble" class="trouble-text" role="alert">{{ trouble }}</p>
    <div class="scroll">
      <div class="row head" :style="columns">
        <span v-for="field in fields" :key="field.id" class="field-head">
          <input
            :value="field.name"
            aria-label="Name of the field"
            maxlength="100"
            @change="setField(field, 'name', ($event.target as HTMLInputElement).value)"
          />
          <ChoiceField
            label="Type of the field"
            hide-label
            :value="field.type"
            :choices="Object.fromEntries(types)"
            @change="setField(field, 'type', $event)"
          />
          <button class="plain" :aria-label="`Delete the field ${field.name}`" @click="removeField(field)">
            ×
          </button>
        </span>
        <span />
      </div>
      <div v-bind="containerProps" class="rows">
        <div v-bind="wrapperProps">
          <div v-for="{ data: row } in list" :key="row.id" class="row" :style="columns">
            <input
              v-for="field in fields"
              :key="field.id"
              :value="shownValue(row, field)"
              :aria-label="field.name"
              dir="auto"
              @change="write(row, field, $event)"
            />
            <button class="plain" aria-label="Delete this row" @click="removeRow(row.id)">Delete</button>
          </div>
        </div>
        <p v-if="rows.length === 0" class="soft none">
          No row yet. Type them, or fill the table from a file.
        </p>
      </div>
    </div>
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
.file {
  line-height: 26px;
}
.file:focus-within {
  outline: 2px solid var(--pine);
}
.scroll {
  display: flex;
  flex: 1;
  flex-direction: column;
  min-height: 0;
  overflow-x: auto;
  background: var(--paper);
  border: 1px solid var(--hairline);
}
.rows {
  flex: 1;
  min-height: 0;
}
.row {
  display: grid;
  gap: 8px;
  align-items: center;
  height: 32px;
  padding: 0 8px;
  border-bottom: 1px solid var(--hairline);
}
.head {
  height: 64px;
}
.field-head {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  gap: 2px 6px;
  align-items: center;
}
.field-head > :nth-child(2) {
  grid-row: 2;
}
.field-head input {
  font-weight: 600;
}
.row input {
  min-width: 0;
  height: 26px;
  border: 1px solid transparent;
  background: none;
}
.row input:hover {
  border-color: var(--hairline);
}
.none {
  padding: 16px;
}
</style>
