<script setup lang="ts">
import { useVirtualList } from '@vueuse/core'
import { computed, ref } from 'vue'
import { useRoute } from 'vue-router'
import { addContentItems, contentNumber, type ContentItem } from '@nolvex/core/content/content'
import type { Operation } from '@nolvex/core/document/types'
import { sectionsOf } from '@nolvex/core/site/pageChanges'
import { cutText } from '@nolvex/core/text/cutText'
import { useCommands } from '../commands/commandStore'
import AddLine from '../forms/AddLine.vue'
import ChoiceField from '../forms/ChoiceField.vue'
import ContentParticulars from './ContentParticulars.vue'
import { newId } from '../session/newId'
import { useProject } from '../session/projectStore'
import { KIND_WORDS, STATE_WORDS } from './contentWords'
import { useMap } from './mapStore'

/** Every piece of copy, picture and data the site needs, numbered; filtered, sorted and changed many at once. */
const project = useProject()
const map = useMap()
const route = useRoute()
const words = ref('')
const state = ref<ContentItem['state']>()
const kind = ref<ContentItem['kind']>()
const page = ref<string>()
const chosen = ref<ReadonlySet<string>>(new Set(route.query.item ? [String(route.query.item)] : []))

type Column = 'number' | 'title' | 'kind' | 'page' | 'owner' | 'state'
const sortBy = ref<Column>('number')
const isDescending = ref(false)

const items = computed(() => project.content.records.items)
const shown = computed(() => {
  const wanted = words.value.trim().toLowerCase()
  const list = Object.values(items.value).filter(
    (item) =>
      (!state.value || item.state === state.value) &&
      (!kind.value || item.kind === kind.value) &&
      (!page.value || item.page === page.value) &&
      (!wanted ||
        [item.title, item.owner, item.source, item.text, contentNumber(item.number)].some((text) =>
          text?.toLowerCase().includes(wanted),
        )),
  )
  const value = (item: ContentItem) =>
    sortBy.value === 'number'
      ? item.number
      : sortBy.value === 'page'
        ? pageOf(item)
        : (item[sortBy.value] ?? '')
  list.sort((a, b) => (value(a) < value(b) ? -1 : value(a) > value(b) ? 1 : a.number - b.number))
  return isDescending.value ? list.reverse() : list
})
const { list, containerProps, wrapperProps } = useVirtualList(shown, { itemHeight: 34, overscan: 12 })
const pageOf = (item: ContentItem) => (item.page ? (map.pages[item.page]?.title ?? 'page is gone') : '')

const missing = computed(() => {
  const byPage = new Map<string, number>()
  for (const item of Object.values(items.value))
    if (item.state === 'missing') byPage.set(item.page ?? '', (byPage.get(item.page ?? '') ?? 0) + 1)
  return [...byPage].sort((a, b) => b[1] - a[1])
})
const finalCount = computed(() => Object.values(items.value).filter((item) => item.state === 'final').length)

function sort(column: Column) {
  isDescending.value = sortBy.value === column && !isDescending.value
  sortBy.value = column
}
const mark = (column: Column) => (sortBy.value !== column ? '' : isDescending.value ? ' ↓' : ' ↑')

function toggle(id: string) {
  const next = new Set(chosen.value)
  if (!next.delete(id)) next.add(id)
  chosen.value = next
}
const allChosen = computed(
  () => shown.value.length > 0 && shown.value.every(({ id }) => chosen.value.has(id)),
)
function toggleAll() {
  chosen.value = allChosen.value ? new Set() : new Set(shown.value.map(({ id }) => id))
}
const picked = computed(() => Object.values(items.value).filter(({ id }) => chosen.value.has(id)))
function add(title: string) {
  const id = newId()
  const place = page.value ? { page: page.value } : {}
  project.changeContent('Add content item', addContentItems(project.content, [{ id, title, ...place }]))
  chosen.value = new Set([id])
}

/** One item for each section of each page that has none yet. */
function listFromSections() {
  const taken = new Set(Object.values(items.value).map(({ section }) => section))
  const made = Object.values(map.pages).flatMap(({ id, title }) =>
    sectionsOf(map.site.sections, id)
      .filter((section) => !taken.has(section.id))
      .map((section) => ({
        id: newId(),
        title: cutText(`${title}: ${section.name}`, 500),
        page: id,
        section: section.id,
        kind: section.source === 'service' ? ('data' as const) : ('text' as const),
      })),
  )
  if (made.length)
    project.changeContent(`Add ${made.length} content items`, addContentItems(project.content, made))
}

function remove() {
  const operations = picked.value.map(({ id }): Operation => ({ type: 'remove', collection: 'items', id }))
  project.changeContent(
    operations.length === 1 ? 'Delete content item' : `Delete ${operations.length} content items`,
    operations,
  )
  chosen.value = new Set()
}

useCommands().offer([
  {
    id: 'item-delete',
    label: 'Delete the chosen content items',
    keys: ['Delete'],
    run: remove,
    enabled: () => picked.value.length > 0,
  },
  { id: 'item-all', label: 'Choose all content items shown', keys: ['Ctrl+A'], run: toggleAll },
  { id: 'item-none', label: 'Choose nothing', keys: ['Escape'], run: () => (chosen.value = new Set()) },
])
</script>

<template>
  <Teleport to="#map-actions" defer>
    <input
      v-model="words"
      class="field find"
      placeholder="Only items with…"
      aria-label="Only items with these words"
    />
    <ChoiceField
      label="State"
      hide-label
      :value="state"
      :choices="STATE_WORDS"
      none="Any state"
      @change="state = $event"
    />
    <ChoiceField
      label="Kind"
      hide-label
      :value="kind"
      :choices="KIND_WORDS"
      none="Any kind"
      @change="kind = $event"
    />
  </Teleport>
  <div class="inventory">
    <p class="summary">
      <b>{{ finalCount }} of {{ Object.keys(items).length }} final.</b>
      <template v-if="missing.length">
        Missing:
        <button
          v-for="[id, count] in missing.slice(0, 5)"
          :key="id"
          class="plain"
          @click="((page = id || undefined), (state = 'missing'))"
        >
          {{ id ? map.titleOf(id) : 'no page' }} {{ count }}
        </button>
        <span v-if="missing.length > 5" class="soft">and {{ missing.length - 5 }} more pages</span>
      </template>
      <button v-if="page" class="plain" @click="((page = undefined), (state = undefined))">All pages</button>
    </p>
    <div class="row head">
      <input type="checkbox" :checked="allChosen" aria-label="Choose all" @change="toggleAll" />
      <button @click="sort('number')">Number{{ mark('number') }}</button>
      <button @click="sort('title')">Title{{ mark('title') }}</button>
      <button @click="sort('kind')">Kind{{ mark('kind') }}</button>
      <button @click="sort('page')">Page{{ mark('page') }}</button>
      <button @click="sort('owner')">Owner{{ mark('owner') }}</button>
      <button @click="sort('state')">State{{ mark('state') }}</button>
    </div>
    <div v-bind="containerProps" class="rows">
      <div v-bind="wrapperProps">
        <div
          v-for="{ data: item } in list"
          :key="item.id"
          class="row"
          :class="{ chosen: chosen.has(item.id) }"
          @click.self="chosen = new Set([item.id])"
        >
          <input
            type="checkbox"
            :checked="chosen.has(item.id)"
            :aria-label="`Choose ${contentNumber(item.number)}`"
            @change="toggle(item.id)"
          />
          <b @click="chosen = new Set([item.id])">{{ contentNumber(item.number) }}</b>
          <span dir="auto" @click="chosen = new Set([item.id])">{{ item.title || 'Untitled' }}</span>
          <span>{{ KIND_WORDS[item.kind] }}</span>
          <span :class="{ 'trouble-text': item.page && !map.pages[item.page] }">{{ pageOf(item) }}</span>
          <span>{{ item.owner }}</span>
          <span :class="item.state">{{ STATE_WORDS[item.state] }}</span>
        </div>
      </div>
      <div v-if="Object.keys(items).length === 0" class="invitation">
        <h2>What has to be written and gathered?</h2>
        <p>
          Each piece of copy, picture and data gets a number, an owner and a state, so that nothing is
          forgotten.
        </p>
        <p><button class="action main" @click="listFromSections">One item for each section</button></p>
      </div>
      <p v-else-if="shown.length === 0" class="soft none">Nothing fits these filters.</p>
    </div>
    <AddLine class="add" label="Title of a new content item" placeholder="Another content item" @add="add" />
  </div>
  <ContentParticulars v-if="picked.length" :items="picked" @remove="remove" />
</template>

<style scoped>
.find {
  width: 130px;
}
.inventory {
  display: flex;
  flex: 1;
  flex-direction: column;
  min-width: 0;
  padding: 12px;
}
.summary {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 12px;
  padding: 0 12px 8px;
}
.rows {
  flex: 1;
  min-height: 0;
  background: var(--paper);
  border: 1px solid var(--hairline);
}
.row {
  display: grid;
  grid-template-columns: 18px 64px minmax(140px, 3fr) 66px minmax(80px, 1.5fr) minmax(60px, 1fr) 66px;
  gap: 10px;
  align-items: center;
  height: 34px;
  padding: 0 12px;
  border-bottom: 1px solid var(--hairline);
}
.row > * {
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}
.head {
  flex: none;
}
.head button {
  padding: 0;
  border: 0;
  background: none;
  color: var(--soft);
  font-weight: 600;
  text-align: left;
  cursor: pointer;
}
.chosen {
  background: var(--pine-tint);
}
.missing {
  color: var(--ochre-text);
  font-weight: 600;
}
.none {
  padding: 16px;
}
.add {
  padding-top: 8px;
}
</style>
