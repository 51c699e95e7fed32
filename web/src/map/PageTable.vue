<script setup lang="ts">
import { useVirtualList } from '@vueuse/core'
import { computed, nextTick, ref, watch } from 'vue'
import { pagesInOrder } from '@nolvex/core/site/treeOrder'
import { PAGE_STATES } from '@nolvex/core/site/page'
import { useCommands } from '../commands/commandStore'
import { useProject } from '../session/projectStore'
import { useMap } from './mapStore'
import type { PageChanges } from './usePageChanges'
import { usePageCommands } from './usePageCommands'

/** The pages as a table, indented as they stand in the tree; typing goes on as in an outline. */
const props = defineProps<{ changes: PageChanges }>()
const project = useProject()
const map = useMap()
const filter = ref('')

type Column = 'sections' | 'menus' | 'depth' | 'clicks' | 'content' | 'state'
const sortBy = ref<Column>()
const isDescending = ref(false)

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
      page,
      depth,
      sections: counts.value.sections.get(page.id) ?? 0,
      menus: [...new Set(entries.map(({ menu }) => map.site.menus[menu]?.name ?? ''))].join(', '),
      clicks: map.clicks.get(page.id),
      noWay: page.kind ? '' : 'no way',
      content: content?.all ?? 0,
      missing: content?.missing ?? 0,
      state: page.state ? PAGE_STATES[page.state] : '',
    }
  }),
)
const shown = computed(() => {
  const wanted = filter.value.trim().toLowerCase()
  const list = wanted
    ? rows.value.filter(
        ({ page }) =>
          page.title.toLowerCase().includes(wanted) || map.addresses.get(page.id)?.includes(wanted),
      )
    : rows.value
  const column = sortBy.value
  if (!column) return list
  const value = (row: (typeof list)[number]) => row[column] ?? Infinity
  const sorted = [...list].sort((a, b) => (value(a) < value(b) ? -1 : value(a) > value(b) ? 1 : 0))
  return isDescending.value ? sorted.reverse() : sorted
})
const { list, containerProps, wrapperProps, scrollTo } = useVirtualList(shown, {
  itemHeight: 32,
  overscan: 12,
})

function sort(column: Column) {
  if (sortBy.value !== column) [sortBy.value, isDescending.value] = [column, false]
  else if (!isDescending.value) isDescending.value = true
  else sortBy.value = undefined
}
const mark = (column: Column) => (sortBy.value !== column ? '' : isDescending.value ? ' ↓' : ' ↑')

function step(by: number) {
  const at = shown.value.findIndex(({ page }) => page.id === map.selected)
  const next = shown.value[Math.min(shown.value.length - 1, Math.max(0, at + by))]
  if (!next) return
  map.selected = next.page.id
  bringIntoView(at + by)
}
function bringIntoView(index: number) {
  const { scrollTop, clientHeight } = containerProps.ref.value ?? { scrollTop: 0, clientHeight: 0 }
  if (index * 32 < scrollTop || (index + 1) * 32 > scrollTop + clientHeight) scrollTo(Math.max(0, index - 3))
}

const field = ref<HTMLInputElement[]>()
watch(
  () => map.renaming,
  async (id) => {
    if (!id) return
    bringIntoView(shown.value.findIndex(({ page }) => page.id === id))
    await nextTick()
    field.value?.[0]?.focus()
    field.value?.[0]?.select()
  },
  { immediate: true },
)

function finish(id: string, event: Event, goOn = false) {
  if (map.renaming !== id) return
  const title = (event.target as HTMLInputElement).value.trim()
  if (title !== map.pages[id]?.title) props.changes.rename(id, title)
  map.renaming = undefined
  if (goOn) props.changes.add('after')
}

/** Tab moves the page being typed below the one before it, Shift+Tab up a level. */
function indent(id: string, event: KeyboardEvent) {
  const title = (event.target as HTMLInputElement).value.trim()
  if (title !== map.pages[id]?.title) props.changes.rename(id, title)
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
    <input
      v-model="filter"
      class="field"
      placeholder="Only pages with…"
      aria-label="Only pages with these words"
    />
    <button class="action main" @click="changes.add(map.selected ? 'after' : 'below')">Add page</button>
  </Teleport>
  <div class="table" role="table" aria-label="Pages">
    <div class="row head" role="row">
      <span role="columnheader">Page</span>
      <span role="columnheader">Address</span>
      <button role="columnheader" @click="sort('sections')">Sections{{ mark('sections') }}</button>
      <button role="columnheader" @click="sort('menus')">Menus{{ mark('menus') }}</button>
      <button role="columnheader" @click="sort('depth')">Depth{{ mark('depth') }}</button>
      <button role="columnheader" @click="sort('clicks')">Clicks{{ mark('clicks') }}</button>
      <button role="columnheader" @click="sort('content')">Content{{ mark('content') }}</button>
      <button role="columnheader" @click="sort('state')">State{{ mark('state') }}</button>
    </div>
    <div v-bind="containerProps" class="rows">
      <div v-bind="wrapperProps">
        <div
          v-for="{ data: row } in list"
          :key="row.page.id"
          class="row"
          role="row"
          :class="{ selected: map.selected === row.page.id }"
          :data-id="row.page.id"
          @click="map.selected = row.page.id"
          @dblclick="map.renaming = row.page.id"
        >
          <span class="title" role="cell" :style="{ paddingLeft: sortBy ? '0' : `${row.depth * 18}px` }">
            <input
              v-if="map.renaming === row.page.id"
              ref="field"
              :value="row.page.title"
              maxlength="500"
              dir="auto"
              aria-label="Title of the page"
              @keydown.enter.exact.prevent.stop="finish(row.page.id, $event, true)"
              @keydown.esc.prevent.stop="map.renaming = undefined"
              @keydown.tab.prevent.stop="indent(row.page.id, $event)"
              @blur="finish(row.page.id, $event)"
            />
            <b v-else dir="auto">{{ row.page.title || 'Untitled' }}</b>
          </span>
          <span role="cell" class="soft">{{ map.addresses.get(row.page.id) }}</span>
          <span role="cell" :class="{ soft: !row.sections }">{{ row.sections || 'none' }}</span>
          <span role="cell" :class="{ soft: !row.menus }">{{ row.menus || 'none' }}</span>
          <span role="cell">{{ row.depth }}</span>
          <span role="cell" :class="{ 'trouble-text': row.clicks === undefined }">{{
            row.clicks ?? 'no way'
          }}</span>
          <span role="cell"
            >{{ row.content || ''
            }}<span v-if="row.missing" class="missing"> {{ row.missing }} missing</span></span
          >
          <span role="cell">{{ row.state }}</span>
        </div>
      </div>
      <div v-if="rows.length === 0" class="invitation">
        <h2>No page yet</h2>
        <p>Add the first page and go on typing: Enter begins the next, Tab puts it below the one before.</p>
        <p><button class="action main" @click="changes.add('after')">Add the first page</button></p>
      </div>
      <p v-else-if="shown.length === 0" class="soft none">No page has these words.</p>
    </div>
  </div>
</template>

<style scoped>
.table {
  display: flex;
  flex: 1;
  flex-direction: column;
  min-width: 0;
  padding: 12px;
}
.rows {
  flex: 1;
  min-height: 0;
  background: var(--paper);
  border: 1px solid var(--hairline);
}
.row {
  display: grid;
  grid-template-columns: minmax(180px, 3fr) minmax(90px, 2fr) 66px minmax(60px, 1fr) 52px 56px 104px 66px;
  gap: 10px;
  align-items: center;
  height: 32px;
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
  color: var(--soft);
  font-weight: 600;
}
.head button {
  padding: 0;
  border: 0;
  background: none;
  color: inherit;
  font-weight: 600;
  text-align: left;
  cursor: pointer;
}
.selected {
  background: var(--pine-tint);
  box-shadow: inset 3px 0 0 var(--pine);
}
.title input {
  width: 100%;
  border: 0;
  border-bottom: 1px solid var(--pine);
  background: #fff;
  font-weight: 700;
}
.missing {
  color: var(--ochre-text);
}
.none {
  padding: 16px;
}
</style>
