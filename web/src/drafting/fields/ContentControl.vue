<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { leafShownBy } from '@nolvex/core/block/block'
import type { ContentSource } from '@nolvex/core/block/shownContent'
import { fieldsOf } from '@nolvex/core/content/collectionChanges'
import { contentNumber } from '@nolvex/core/content/content'
import { inOrder } from '@nolvex/core/document/tree'
import { writtenValue } from '@nolvex/core/resolve/seriesRows'
import PickField from '../../forms/PickField.vue'
import { useProject } from '../../session/projectStore'
import { useDraftingPage } from '../useDraftingPage'
import type { ControlEmits, ControlProps } from './control'

/** Where a block's words or picture come from: itself, a content item, or a field of a row. */
const props = defineProps<ControlProps>()
const emit = defineEmits<ControlEmits>()
const project = useProject()
const page = useDraftingPage()
const source = computed(() => props.state.value as ContentSource | undefined)
const OWN = 'own'

const isPicture = computed(() => props.state.block && leafShownBy(props.state.block, 'picture'))
const items = computed(() =>
  Object.values(project.content.records.items)
    .filter(({ kind }) => (isPicture.value ? kind === 'picture' : kind === 'text'))
    .sort((a, b) => a.number - b.number)
    .map(({ id, number, title }) => [`item ${id}`, `${contentNumber(number)} ${title || 'Untitled'}`]),
)
/** Inside a series a field is that of each row. */
const rowFields = computed(() => {
  const row = page.row.value
  const collection = project.collections.find(({ id }) => id === row?.collection)
  if (!collection || isPicture.value) return []
  return fieldsOf(collection).map(({ id, name }) => [`field ${id}`, `each row’s ${name || 'field'}`])
})
const collections = computed(() =>
  isPicture.value
    ? []
    : project.collections.map(({ id, records }) => [
        `collection ${id}`,
        `one row of ${records.settings.collection.name || 'Untitled'}…`,
      ]),
)
const choices = computed(
  () =>
    Object.fromEntries([
      [OWN, 'its own'],
      ...rowFields.value,
      ...items.value,
      ...collections.value,
      ...(isGone.value ? [['gone', 'what is gone']] : []),
    ]) as Record<string, string>,
)
const isGone = computed(() => {
  const [key] = page.selection.value
  return source.value !== undefined && key !== undefined && page.contentAt(key)?.type === 'gone'
})

/** A collection that was chosen, before its row and field are. */
const asked = ref<string>()
watch(source, () => (asked.value = undefined))
const chosen = computed(() => {
  if (asked.value) return `collection ${asked.value}`
  const from = source.value
  if (!from) return OWN
  if ('item' in from) return isGone.value ? 'gone' : `item ${from.item}`
  if ('collection' in from) return `collection ${from.collection}`
  return isGone.value && !page.row.value ? 'gone' : `field ${from.field}`
})
const collection = computed(() => {
  const from = source.value
  const id = asked.value ?? (from && 'collection' in from ? from.collection : undefined)
  return project.collections.find((one) => one.id === id)
})
const fields = computed(() => (collection.value ? fieldsOf(collection.value) : []))
const rows = computed(() => (collection.value ? inOrder(Object.values(collection.value.records.rows)) : []))
const rowChoices = computed(() =>
  Object.fromEntries(
    rows.value.map(({ id, values }, index) => [
      id,
      writtenValue(values?.[fields.value[0]?.id]) || `Row ${index + 1}`,
    ]),
  ),
)
const fieldChoices = computed(() =>
  Object.fromEntries(fields.value.map(({ id, name }) => [id, name || 'Untitled'])),
)
const ofRow = computed(() => (source.value && 'row' in source.value ? source.value : undefined))

function choose(value: string | undefined) {
  const [type, id] = (value ?? OWN).split(' ')
  asked.value = undefined
  if (type === OWN) emit('write', undefined)
  else if (type === 'item') emit('write', { item: id })
  else if (type === 'field') emit('write', { field: id })
  else if (type === 'collection') begin(id)
}
/** The first row and field, to be chosen further. */
function begin(id: string) {
  asked.value = id
  const [row] = rows.value
  const [field] = fields.value
  if (row && field) emit('write', { collection: id, row: row.id, field: field.id })
  else emit('trouble', 'This collection has no rows and fields yet. Fill it on the map first.')
}
function change(what: { row?: string; field?: string }) {
  if (ofRow.value) emit('write', { ...ofRow.value, ...what })
}
</script>

<template>
  <div class="content">
    <PickField label="Comes from" hide-label :value="chosen" :choices="choices" @change="choose" />
    <template v-if="ofRow && collection">
      <PickField
        label="row"
        :value="ofRow.row"
        :choices="rowChoices"
        @change="$event && change({ row: $event })"
      />
      <PickField
        label="field"
        :value="ofRow.field"
        :choices="fieldChoices"
        @change="$event && change({ field: $event })"
      />
    </template>
    <p v-if="isGone" class="trouble-text">What it came from was deleted. Choose something else.</p>
  </div>
</template>

<style scoped>
.content {
  display: grid;
  gap: 4px;
}
</style>
