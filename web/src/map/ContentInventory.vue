<script setup lang="ts">
import { ElButton, ElCheckbox, ElInput } from 'element-plus'
import { computed, ref } from 'vue'
import { useRoute } from 'vue-router'
import { addContentItems, contentNumber, type ContentItem } from '@nolvex/core/content/content'
import type { Operation } from '@nolvex/core/document/types'
import { sectionsOf } from '@nolvex/core/site/pageChanges'
import { cutText } from '@nolvex/core/text/cutText'
import { useCommands } from '../commands/commandStore'
import AddLine from '../forms/AddLine.vue'
import ChoiceField from '../forms/ChoiceField.vue'
import SortedTable from '../forms/SortedTable.vue'
import type { Column } from '../forms/sortedRows'
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

const items = computed(() => project.content.records.items)
const found = computed(() => {
  const wanted = words.value.trim().toLowerCase()
  return Object.values(items.value)
    .filter(
      (item) =>
        (!state.value || item.state === state.value) &&
        (!kind.value || item.kind === kind.value) &&
        (!page.value || item.page === page.value) &&
        (!wanted ||
          [item.title, item.owner, item.source, item.text, contentNumber(item.number)].some((text) =>
            text?.toLowerCase().includes(wanted),
          )),
    )
    .sort((a, b) => a.number - b.number)
})
const pageOf = (item: ContentItem) => (item.page ? (map.pages[item.page]?.title ?? 'page is gone') : '')

const missing = computed(() => {
  const byPage = new Map<string, number>()
  for (const item of Object.values(items.value))
    if (item.state === 'missing') byPage.set(item.page ?? '', (byPage.get(item.page ?? '') ?? 0) + 1)
  return [...byPage].sort((a, b) => b[1] - a[1])
})
const finalCount = computed(() => Object.values(items.value).filter((item) => item.state === 'final').length)

const columns: Column<ContentItem>[] = [
  { key: 'choose', label: 'Choose', track: '18px' },
  { key: 'number', label: 'Number', track: '72px', by: ({ number }) => number },
  { key: 'title', label: 'Title', track: 'minmax(140px, 3fr)', by: ({ title }) => title },
  { key: 'kind', label: 'Kind', track: '66px', by: (item) => KIND_WORDS[item.kind] },
  { key: 'page', label: 'Page', track: 'minmax(80px, 1.5fr)', by: (item) => pageOf(item) },
  { key: 'owner', label: 'Owner', track: 'minmax(60px, 1fr)', by: ({ owner }) => owner },
  { key: 'state', label: 'State', track: '72px', by: (item) => STATE_WORDS[item.state] },
]

/** A row stands for its item alone; with Ctrl or Shift it joins those chosen. */
function pick({ id }: ContentItem, event: MouseEvent) {
  if (event.ctrlKey || event.metaKey || event.shiftKey) toggle(id)
  else chosen.value = new Set([id])
}

function toggle(id: string) {
  const next = new Set(chosen.value)
  if (!next.delete(id)) next.add(id)
  chosen.value = next
}
const allChosen = computed(
  () => found.value.length > 0 && found.value.every(({ id }) => chosen.value.has(id)),
)
function toggleAll() {
  chosen.value = allChosen.value ? new Set() : new Set(found.value.map(({ id }) => id))
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
    <ElInput
      v-model="words"
      class="find"
      placeholder="Only items with…"
      aria-label="Only items with these words"
      clearable
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
        <ElButton
          v-for="[id, count] in missing.slice(0, 5)"
          :key="id"
          link
          @click="((page = id || undefined), (state = 'missing'))"
        >
          {{ id ? map.titleOf(id) : 'no page' }} {{ count }}
        </ElButton>
        <span v-if="missing.length > 5" class="soft">and {{ missing.length - 5 }} more pages</span>
      </template>
      <ElButton v-if="page" link @click="((page = undefined), (state = undefined))">All pages</ElButton>
    </p>
    <SortedTable
      label="Content items"
      :rows="found"
      :columns="columns"
      :height="34"
      :chosen="chosen"
      @pick="pick"
    >
      <template #head-choose>
        <ElCheckbox :model-value="allChosen" aria-label="Choose all" @change="toggleAll" />
      </template>
      <template #choose="{ row }">
        <ElCheckbox
          :model-value="chosen.has(row.id)"
          :aria-label="`Choose ${contentNumber(row.number)}`"
          @click.stop
          @change="toggle(row.id)"
        />
      </template>
      <template #number="{ row }">
        <b>{{ contentNumber(row.number) }}</b>
      </template>
      <template #title="{ row }">
        <span dir="auto">{{ row.title || 'Untitled' }}</span>
      </template>
      <template #page="{ row }">
        <span :class="{ 'trouble-text': row.page && !map.pages[row.page] }">{{ pageOf(row) }}</span>
      </template>
      <template #state="{ row }">
        <span :class="row.state">{{ STATE_WORDS[row.state] }}</span>
      </template>
      <template #empty>
        <div v-if="Object.keys(items).length === 0" class="invitation">
          <h2>What has to be written and gathered?</h2>
          <p>
            Each piece of copy, picture and data gets a number, an owner and a state, so that nothing is
            forgotten.
          </p>
          <p><ElButton type="primary" @click="listFromSections">One item for each section</ElButton></p>
        </div>
        <p v-else class="soft none">Nothing fits these filters.</p>
      </template>
    </SortedTable>
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
