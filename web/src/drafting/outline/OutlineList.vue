<script setup lang="ts">
import { ChevronDown, ChevronRight } from '@lucide/vue'
import { useVirtualizer } from '@tanstack/vue-virtual'
import { computed, ref, watch } from 'vue'
import { kindOf, type Block } from '@nolvex/core/block/block'
import { plainText } from '@nolvex/core/document/richText'
import { describePlace } from '@nolvex/core/snap/describePlace'
import { cutText } from '@nolvex/core/text/cutText'
import { useProject } from '../../session/projectStore'
import { useDraftingPage } from '../useDraftingPage'
import { outlineStep } from './outlineKeys'
import { outlineRows, rangeOf } from './outlineRows'
import { useOutlineDrag } from './useOutlineDrag'

/** The page in reading order, section by section; what is not shown at this width keeps its place. */
const page = useDraftingPage()
const project = useProject()
const { firstOf, records, select, toggle, blocks, at } = page
const list = ref<HTMLElement>()
const folded = ref<ReadonlySet<string>>(new Set())

const HEIGHT = 24
const rows = computed(() => outlineRows(blocks.value, at.value, folded.value))
const virtual = useVirtualizer(
  computed(() => ({
    count: rows.value.length,
    getScrollElement: () => list.value ?? null,
    estimateSize: () => HEIGHT,
    getItemKey: (index: number) => rows.value[index]?.id ?? index,
    overscan: 10,
  })),
)
const inView = computed(() =>
  virtual.value.getVirtualItems().flatMap(({ index, start }) => {
    const row = rows.value[index] as (typeof rows.value)[number] | undefined
    return row ? [{ row, start, isHidden: !firstOf.value.has(row.id) }] : []
  }),
)
/** Where a block stands, for whoever comes to its line by ear. */
function placeOf(id: string) {
  const found = page.placed.value.get(page.keyOf(id))
  return found && describePlace(page.drawn.value, found)
}
/** the line that holds the keys */
const active = computed(() => records.value.at(-1))

/** A block by its name, a text without one by its words. */
const LONGEST_NAME = 60
function called(id: string): string {
  const block = blocks.value[id]
  const words = cutText(plainText(block.text).replace(/\s+/g, ' ').trim(), LONGEST_NAME)
  return block.name ?? (words || sharedName(block) || kindOf(block).label)
}

/** A copy is called as what it follows. */
const sharedName = ({ data }: Block) => project.style.records.shared[String(data?.shared)]?.name

function fold(id: string, isFolded: boolean) {
  const next = new Set(folded.value)
  if (isFolded) next.add(id)
  else next.delete(id)
  folded.value = next
}

/** Shift takes all between, Ctrl adds or takes out one. */
function pick(event: MouseEvent, id: string) {
  list.value?.focus({ preventScroll: true })
  if (event.ctrlKey || event.metaKey) toggle(id)
  else if (event.shiftKey && active.value) extendTo(id, active.value)
  else select([id])
}
const extendTo = (id: string, from: string) =>
  select([...new Set([...records.value, ...rangeOf(rows.value, from, id, blocks.value)])])

function keyed(event: KeyboardEvent) {
  if (event.altKey || event.ctrlKey || event.metaKey) return
  const step = outlineStep(rows.value, active.value, event.key)
  if (!step) return
  event.preventDefault()
  event.stopPropagation()
  if ('fold' in step) fold(step.fold, true)
  else if ('unfold' in step) fold(step.unfold, false)
  else if (event.shiftKey && active.value) extendTo(step.goTo, active.value)
  else select([step.goTo])
}

const { over, start: startDrag } = useOutlineDrag(page, rows, list, HEIGHT)

/** By what is known of the list: asking the browser makes it lay the page out in the middle of a selection. */
function bringIntoView(index: number) {
  const { scrollOffset, scrollRect } = virtual.value
  const [top, tall] = [scrollOffset ?? 0, scrollRect?.height ?? 0]
  if (index < 0 || !list.value) return
  if (index * HEIGHT < top) list.value.scrollTop = index * HEIGHT
  else if ((index + 1) * HEIGHT > top + tall) list.value.scrollTop = (index + 1) * HEIGHT - tall
}

/** What is selected elsewhere is unfolded and brought into view. */
watch(
  () => records.value.join(' '),
  () => {
    const id = active.value
    if (!id) return
    const next = new Set(folded.value)
    for (let up = blocks.value[id]?.parent; up; up = blocks.value[up]?.parent) next.delete(up)
    if (next.size !== folded.value.size) folded.value = next
    bringIntoView(rows.value.findIndex((row) => row.id === id))
  },
  { flush: 'post' },
)
</script>

<template>
  <div
    ref="list"
    class="outline"
    role="tree"
    tabindex="0"
    aria-label="Outline of the page, in reading order"
    aria-multiselectable="true"
    :aria-activedescendant="active ? `outline-${active}` : undefined"
    @keydown="keyed"
  >
    <div role="presentation" :style="{ position: 'relative', height: `${virtual.getTotalSize()}px` }">
      <div
        v-for="{ row, start, isHidden } in inView"
        :id="`outline-${row.id}`"
        :key="row.id"
        v-memo="[
          row,
          start,
          isHidden,
          blocks[row.id],
          row.id === active,
          records.includes(row.id),
          over?.id === row.id && over.part,
        ]"
        class="row"
        role="treeitem"
        :aria-level="row.depth + 1"
        :aria-posinset="row.position"
        :aria-setsize="row.count"
        :aria-expanded="row.hasBelow ? !row.isFolded : undefined"
        :aria-selected="records.includes(row.id)"
        :class="[
          { section: row.depth === 0, hidden: isHidden, active: row.id === active },
          over?.id === row.id ? `drop-${over.part}` : '',
        ]"
        :style="{ transform: `translateY(${start}px)`, paddingLeft: `${4 + row.depth * 12}px` }"
        :data-outline="row.id"
        :title="isHidden ? 'Not shown at this width' : undefined"
        :aria-description="row.id === active ? placeOf(row.id) : undefined"
        @pointerdown="startDrag($event, row.id)"
        @click="pick($event, row.id)"
        @dblclick="page.editing.value = blocks[row.id]?.text ? page.keyOf(row.id) : undefined"
      >
        <span class="turn" @pointerdown.stop @click.stop="row.hasBelow && fold(row.id, !row.isFolded)">
          <component
            :is="row.isFolded ? ChevronRight : ChevronDown"
            v-if="row.hasBelow"
            :size="14"
            aria-hidden="true"
          />
        </span>
        <span class="called" dir="auto">{{ called(row.id) }}</span>
        <small v-if="isHidden">hidden</small>
        <small v-else-if="row.depth > 0">{{ kindOf(blocks[row.id]).label.toLowerCase() }}</small>
      </div>
    </div>
  </div>
</template>

<style scoped>
.outline {
  flex: 1;
  min-height: 0;
  margin: 6px 0;
  overflow: auto;
}
.outline:focus-visible {
  outline: none;
}
.row {
  position: absolute;
  top: 0;
  left: 0;
  display: flex;
  gap: 4px;
  align-items: center;
  width: 100%;
  height: 24px;
  padding-right: 10px;
  border-left: 3px solid transparent;
  cursor: pointer;
  touch-action: none;
  user-select: none;
}
.turn {
  display: grid;
  flex: none;
  place-items: center;
  width: 16px;
  height: 24px;
  color: var(--soft);
}
.called {
  flex: 1;
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}
.row:hover {
  background: var(--desk);
}
.section {
  font-weight: 700;
}
.row[aria-selected='true'] {
  border-left-color: var(--pine);
  background: var(--pine-tint);
}
.outline:focus-visible .active {
  box-shadow: inset 0 0 0 2px var(--pine);
}
.drop-before {
  box-shadow: inset 0 2px 0 var(--pine);
}
.drop-after {
  box-shadow: inset 0 -2px 0 var(--pine);
}
.drop-inside {
  box-shadow: inset 0 0 0 2px var(--pine);
}
.hidden,
small {
  color: var(--soft);
}
small {
  font-size: 11px;
}
</style>
