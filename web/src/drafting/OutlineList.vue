<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { kindOf, type Block } from '@nolvex/core/block/block'
import { plainText } from '@nolvex/core/document/richText'
import { treeAtBand } from '@nolvex/core/resolve/siblings'
import { cutText } from '@nolvex/core/text/cutText'
import { useDraftingPage } from './useDraftingPage'

/** The page in reading order, section by section; what is not shown at this width keeps its place. */
const page = useDraftingPage()
const { placed, selection, select, toggle, blocks, at } = page
const list = ref<HTMLElement>()

const rows = computed(() =>
  treeAtBand(blocks.value, at.value).map(({ id, depth }) => ({
    key: id,
    depth,
    hidden: !placed.value.has(id),
  })),
)

/** A block by its name, a text without one by its words. */
const LONGEST_NAME = 60
function called(block: Block): string {
  const words = cutText(plainText(block.text).replace(/\s+/g, ' ').trim(), LONGEST_NAME)
  return block.name ?? (words || kindOf(block).label)
}

/** Shift takes all between, Ctrl adds or takes out one. */
function pick(event: MouseEvent, key: string) {
  if (event.ctrlKey || event.metaKey) return toggle(key)
  const anchor = selection.value.at(-1)
  if (!event.shiftKey || anchor === undefined) return select([key])
  const keys = rows.value.map((row) => row.key)
  const [from, to] = [keys.indexOf(anchor), keys.indexOf(key)].sort((a, b) => a - b)
  const range = keys.slice(from, to + 1)
  // What stands in something between comes along with it.
  const isInside = (one: string) => {
    for (let up = blocks.value[one]?.parent; up; up = blocks.value[up]?.parent)
      if (range.includes(up)) return true
    return false
  }
  const chosen = range.filter((one) => !isInside(one))
  select([...new Set([...selection.value, ...chosen])])
}

watch(
  () => selection.value.join(' '),
  () =>
    list.value
      ?.querySelector(`[data-outline="${selection.value.at(-1)}"]`)
      ?.scrollIntoView({ block: 'nearest' }),
  { flush: 'post' },
)
</script>

<template>
  <div ref="list" class="outline" aria-label="Outline of the page, in reading order">
    <button
      v-for="{ key, depth, hidden } in rows"
      :key="key"
      :class="{ selected: selection.includes(key), section: depth === 0 && !hidden, hidden }"
      :style="{ paddingLeft: `${14 + depth * 12}px` }"
      :data-outline="key"
      :title="hidden ? 'Not shown at this width' : undefined"
      @click="pick($event, key)"
      @dblclick="page.editing.value = blocks[key]?.text ? key : undefined"
    >
      <span dir="auto">{{ called(blocks[key]) }}</span>
      <small v-if="hidden">hidden</small>
      <small v-else-if="depth > 0">{{ kindOf(blocks[key]).label.toLowerCase() }}</small>
    </button>
  </div>
</template>

<style scoped>
.outline {
  flex: 1;
  min-height: 0;
  padding: 8px 0;
  overflow: auto;
}
button {
  display: flex;
  gap: 8px;
  justify-content: space-between;
  width: 100%;
  padding: 2px 12px 2px 14px;
  border: 0;
  border-left: 3px solid transparent;
  background: none;
  text-align: left;
  cursor: pointer;
}
button span {
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}
button:hover {
  background: var(--desk);
}
.section {
  margin-top: 6px;
  font-weight: 700;
}
.selected {
  border-left-color: var(--pine);
  background: var(--pine-tint);
}
.hidden,
small {
  color: var(--soft);
}
small {
  font-size: 11px;
}
</style>
