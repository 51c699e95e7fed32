<script setup lang="ts">
import { computed } from 'vue'
import { kindOf } from '@nolvex/core/block/block'
import { useDraftingPage } from './useDraftingPage'

const page = useDraftingPage()
const { placed, selection, select, blocks } = page

const rows = computed(() => {
  const shown = [...placed.value.values()].map(({ id, depth }) => ({ id, depth, hidden: false }))
  const missing = Object.keys(blocks.value).filter((id) => !placed.value.has(id))
  return [...shown, ...missing.map((id) => ({ id, depth: 0, hidden: true }))]
})

function pick(event: MouseEvent, id: string) {
  if (!event.shiftKey) return select([id])
  select(
    selection.value.includes(id) ? selection.value.filter((one) => one !== id) : [...selection.value, id],
  )
}
</script>

<template>
  <div class="outline" aria-label="Outline of the page, in reading order">
    <button
      v-for="{ id, depth, hidden } in rows"
      :key="id"
      :class="{ selected: selection.includes(id), section: depth === 0 && !hidden, hidden }"
      :style="{ paddingLeft: `${14 + depth * 12}px` }"
      :data-outline="id"
      :title="hidden ? 'Not shown at this width' : undefined"
      @click="pick($event, id)"
      @dblclick="page.editing.value = blocks[id]?.text ? id : undefined"
    >
      <span dir="auto">{{ page.nameOf(id) }}</span>
      <small v-if="hidden">hidden</small>
      <small v-else-if="depth > 0 && blocks[id]">{{ kindOf(blocks[id]).label.toLowerCase() }}</small>
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
