<script setup lang="ts">
import { ElButton, ElInput, type InputInstance } from 'element-plus'
import { computed, nextTick, ref, watch } from 'vue'
import { pagesInOrder } from '@nolvex/core/site/treeOrder'
import { PAGE_STATES } from '@nolvex/core/site/page'
import { useCommands } from '../commands/commandStore'
import SortedTable from '../forms/SortedTable.vue'
import type { Column, SortedBy } from '../forms/sortedRows'
import { useProject } from '../session/projectStore'
import { useMap } from './mapStore'
import type { PageChanges } from './usePageChanges'
import { usePageCommands } from './usePageCommands'

/** The pages as a table, indented as they stand in the tree; typing goes on as in an outline. */
const props = defineProps<{ changes: PageChanges }>()
const project = useProject()
const map = useMap()
const filter = ref('')

const counts = computed(() => {
  const sections = new Map<string, number>()
  for (const { page } of Object.values(map.site.sections))
    if (page) sections.set(page, (sections.get(page) ?? 0) + 1)
  const items = new Map<string, { all: number; missing: number }>()
  for (const { page, state } of Object.values(project.content.records.items)) {
    if (!page) continue
    const count = items.get(page) ?? { all: 0, missing: 0 }
    items.set(page, { all: count.all + 1, missing: count.missing + (state === 'missing' ? 1 : 0) })
  }
  return { sections, items }
})

const rows = computed(() =>
  pagesInOrder(map.pages, map.folded).map(({ page, depth }) => {
    const entries = map.ways.entriesTo.get(page.id) ?? []
    const content = counts.value.items.get(page.id)
    return {
      id: page.id,
      page,
      depth,
      sections: counts.value.sections.get(page.id) ?? 0,
      menus: [...new Set(entries.map(({ menu }) => map.site.menus[menu]?.name ?? ''))].join(', '),
      clicks: map.clicks.get(page.id),
      content: content?.all ?? 0,
      missing: content?.missing ?? 0,
      state: page.state ? PAGE_STATES[page.state] : '',
    }
  }),
)
type Row = (typeof rows)['value'][number]
const found = computed(() => {
  const wanted = filter.value.trim().toLowerCase()
  if (!wanted) return rows.value
  return rows.value.filter(
    ({ page }) => page.title.toLowerCase().includes(wanted) || map.addresses.get(page.id)?.includes(wanted),
  )
})
const columns: Column<Row>[] = [
  { key: 'title', label: 'Page', track: 'minmax(180px, 3fr)', by: ({ page }) => page.title },
  { key: 'address', label: 'Address', track: 'minmax(90px, 2fr)', by: ({ id }) => map.addresses.get(id) },
  { key: 'sections', label: 'Sections', track: '76px', by: ({ sections }) => sections },
  { key: 'menus', label: 'Menus', track: 'minmax(70px, 1fr)', by: ({ menus }) => menus },
  { key: 'depth', label: 'Depth', track: '58px', by: ({ depth }) => depth },
  { key: 'clicks', label: 'Clicks', track: '62px', by: ({ clicks }) => clicks },
  { key: 'content', label: 'Content', track: '124px', by: ({ content }) => content },
  { key: 'state', label: 'State', track: '76px', by: ({ state }) => state },
]
const sorted = ref<SortedBy>()
const table = ref<{ shown: Row[]; bringIntoView: (id: string) => void }>()

function step(by: number) {
  const shown = table.value?.shown ?? []
  const at = shown.findIndex(({ id }) => id === map.selected)
  const next = shown[Math.min(shown.length - 1, Math.max(0, at + by))] as Row | undefined
  if (!next) return
  map.selected = next.id
  table.value?.bringIntoView(next.id)
}

const field = ref<InputInstance>()
const typed = ref('')
watch(
  () => map.renaming,
  async (id) => {
    if (!id) return
    typed.value = map.pages[id]?.title ?? ''
    await nextTick()
    table.value?.bringIntoView(id)
    await nextTick()
    field.value?.focus()
    field.value?.select()
  },
  { immediate: true },
)

function keepTitle(id: string) {
  const title = typed.value.trim()
  if (title !== map.pages[id]?.title) props.changes.rename(id, title)
}

function finish(id: string, goOn = false) {
  if (map.renaming !== id) return
  keepTitle(id)
  map.renaming = undefined
  if (goOn) props.changes.add('after')
}

/** Tab moves the page being typed below the one before it, Shift+Tab up a level. */
function indent(id: string, event: KeyboardEvent) {
  keepTitle(id)
  if (event.shiftKey) props.changes.moveOut()
  else props.changes.moveIn()
  map.renaming = undefined
  void nextTick(() => (map.renaming = id))
}

usePageCommands(props.changes)
useCommands().offer([
  { id: 'row-up', label: 'Select the page above', keys: ['ArrowUp'], run: () => step(-1) },
  { id: 'row-down', label: 'Select the page below', keys: ['ArrowDown'], run: () => step(1) },
  { id: 'row-none', label: 'Select nothing', keys: ['Escape'], run: () => (map.selected = undefined) },
])
</script>

<template>
  <Teleport to="#map-actions" defer>
    <ElInput
      v-model="filter"
      class="find"
      placeholder="Only pages with…"
      aria-label="Only pages with these words"
      clearable
    />
    <ElButton type="primary" @click="changes.add(map.selected ? 'after' : 'below')">Add page</ElButton>
  </Teleport>
  <div class="pages">
    <SortedTable
      ref="table"
      v-model:sorted="sorted"
      label="Pages"
      :rows="found"
      :columns="columns"
      :chosen="new Set(map.selected ? [map.selected] : [])"
      @pick="map.selected = $event.id"
      @open="map.renaming = $event.id"
    >
      <template #title="{ row }">
        <span class="title" :style="{ paddingLeft: sorted ? '0' : `${row.depth * 18}px` }">
          <ElInput
            v-if="map.renaming === row.id"
            ref="field"
            :model-value="typed"
            maxlength="500"
            dir="auto"
            aria-label="Title of the page"
            @update:model-value="typed = $event"
            @keydown.enter.exact.prevent.stop="finish(row.id, true)"
            @keydown.esc.prevent.stop="map.renaming = undefined"
            @keydown.tab.prevent.stop="indent(row.id, $event as KeyboardEvent)"
            @blur="finish(row.id)"
          />
          <b v-else dir="auto">{{ row.page.title || 'Untitled' }}</b>
        </span>
      </template>
      <template #address="{ row }">
        <span class="soft">{{ map.addresses.get(row.id) }}</span>
      </template>
      <template #sections="{ row }">
        <span :class="{ soft: !row.sections }">{{ row.sections || 'none' }}</span>
      </template>
      <template #menus="{ row }">
        <span :class="{ soft: !row.menus }">{{ row.menus || 'none' }}</span>
      </template>
      <template #clicks="{ row }">
        <span :class="{ 'trouble-text': row.clicks === undefined }">{{ row.clicks ?? 'no way' }}</span>
      </template>
      <template #content="{ row }">
        {{ row.content || '' }} <span v-if="row.missing" class="missing">· {{ row.missing }} missing</span>
      </template>
      <template #empty>
        <div v-if="rows.length === 0" class="invitation">
          <h2>No page yet</h2>
          <p>Add the first page and go on typing: Enter begins the next, Tab puts it below the one before.</p>
          <p><ElButton type="primary" @click="changes.add('after')">Add the first page</ElButton></p>
        </div>
        <p v-else class="soft none">No page has these words.</p>
      </template>
    </SortedTable>
  </div>
</template>

<style scoped>
.find {
  width: 150px;
}
.pages {
  display: flex;
  flex: 1;
  min-width: 0;
  padding: 12px;
}
.title {
  display: block;
}
.missing {
  color: var(--ochre-text);
}
.none {
  padding: 16px;
}
</style>
