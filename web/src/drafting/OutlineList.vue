<script setup lang="ts">
import { computed } from 'vue'
import { kindOf } from '@nolvex/core/block/block'
import { useDraftingPage } from './useDraftingPage'

const page = useDraftingPage()
const { placed, selection, select, toggle, recordOf, blocks } = page

/** Instances that are shown, in reading order; then blocks that are not, by their own keys. */
const rows = computed(() => {
  const shown = [...placed.value.values()].map(({ key, depth }) => ({ key, depth, hidden: false }))
  const records = new Set([...placed.value.values()].map(({ record }) => record))
  const missing = Object.keys(blocks.value).filter((id) => !records.has(id))
  return [...shown, ...missing.map((key) => ({ key, depth: 0, hidden: true }))]
})
const blockOf = (key: string) => blocks.value[recordOf(key)]
const pick = (event: MouseEvent, key: string) => (event.shiftKey ? toggle(key) : select([key]))
</script>

<template>
  <div class="outline" aria-label="Outline of the page, in reading order">
    <button
      v-for="{ key, depth, hidden } in rows"
      :key="key"
      :class="{ selected: selection.includes(key), section: depth === 0 && !hidden, hidden }"
      :style="{ paddingLeft: `${14 + depth * 12}px` }"
      :data-outline="key"
      :title="hidden ? 'Not shown at this width' : undefined"
      @click="pick($event, key)"
      @dblclick="page.editing.value = blockOf(key)?.text ? key : undefined"
    >
      <span dir="auto">{{ page.nameOf(key) }}</span>
      <small v-if="hidden">hidden</small>
      <small v-else-if="depth > 0 && blockOf(key)">{{ kindOf(blockOf(key)).label.toLowerCase() }}</small>
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
