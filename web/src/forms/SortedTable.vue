<script setup lang="ts" generic="Row extends { id: string }">
import { ElButton } from 'element-plus'
import { useVirtualizer } from '@tanstack/vue-virtual'
import { computed, ref } from 'vue'
import { nextSort, sortRows, type Column, type SortedBy } from './sortedRows'

/** A table of any length: only the rows in view are there. Pressing a heading sorts by it, one way, the other, not. */
const props = defineProps<{
  label: string
  rows: Row[]
  columns: Column<Row>[]
  /** px of a row */
  height?: number
  /** ids of what is chosen */
  chosen?: ReadonlySet<string>
}>()
const emit = defineEmits<{ pick: [row: Row, event: MouseEvent]; open: [row: Row] }>()
const sorted = defineModel<SortedBy>('sorted')
const scrolled = ref<HTMLElement>()

const shown = computed(() => sortRows(props.rows, props.columns, sorted.value))
const height = computed(() => props.height ?? 32)
const virtual = useVirtualizer(
  computed(() => ({
    count: shown.value.length,
    getScrollElement: () => scrolled.value ?? null,
    estimateSize: () => height.value,
    getItemKey: (index: number) => shown.value[index]?.id ?? index,
    overscan: 12,
  })),
)
const inView = computed(() =>
  virtual.value.getVirtualItems().flatMap(({ index, start }) => {
    const row = shown.value[index] as Row | undefined
    return row ? [{ row, index, start }] : []
  }),
)
const tracks = computed(() => ({ gridTemplateColumns: props.columns.map(({ track }) => track).join(' ') }))

const directionOf = (key: string) => {
  if (sorted.value?.key !== key) return undefined
  return sorted.value.isDescending ? 'descending' : 'ascending'
}
const SIGNS = { ascending: ' ↑', descending: ' ↓' }

function bringIntoView(id: string) {
  const index = shown.value.findIndex((row) => row.id === id)
  if (index >= 0) virtual.value.scrollToIndex(index, { align: 'auto' })
}
defineExpose({ shown, bringIntoView })
</script>

<template>
  <div class="sorted-table" role="table" :aria-label="label" :aria-rowcount="shown.length + 1">
    <div class="row head" role="row" :style="tracks">
      <span
        v-for="column in columns"
        :key="column.key"
        role="columnheader"
        :aria-sort="directionOf(column.key)"
      >
        <slot :name="`head-${column.key}`">
          <ElButton v-if="column.by" text @click="sorted = nextSort(sorted, column.key)"
            >{{ column.label }}{{ SIGNS[directionOf(column.key) as 'ascending'] ?? '' }}</ElButton
          >
          <template v-else>{{ column.label }}</template>
        </slot>
        <slot :name="`after-${column.key}`" />
      </span>
    </div>
    <div ref="scrolled" class="rows" role="rowgroup">
      <div :style="{ position: 'relative', height: `${virtual.getTotalSize()}px` }">
        <div
          v-for="{ row, index, start } in inView"
          :key="row.id"
          class="row"
          role="row"
          :aria-rowindex="index + 2"
          :class="{ chosen: chosen?.has(row.id) }"
          :style="{ ...tracks, height: `${height}px`, transform: `translateY(${start}px)` }"
          :data-id="row.id"
          @click="emit('pick', row, $event)"
          @dblclick="emit('open', row)"
        >
          <span v-for="column in columns" :key="column.key" role="cell">
            <slot :name="column.key" :row="row">{{ column.by?.(row) }}</slot>
          </span>
        </div>
      </div>
      <slot v-if="shown.length === 0" name="empty" />
    </div>
  </div>
</template>

<style scoped>
.sorted-table {
  display: flex;
  flex: 1;
  flex-direction: column;
  min-width: 0;
  min-height: 0;
  background: var(--paper);
  border: 1px solid var(--hairline);
}
.rows {
  flex: 1;
  min-height: 0;
  overflow: auto;
  scrollbar-gutter: stable;
}
.row {
  display: grid;
  gap: 10px;
  align-items: center;
  padding: 0 12px;
  border-bottom: 1px solid var(--hairline);
}
.rows .row {
  position: absolute;
  top: 0;
  left: 0;
  width: 100%;
}
.row > span {
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}
.head {
  flex: none;
  min-height: 34px;
  overflow: hidden;
  border-bottom-color: var(--ink);
  color: var(--soft);
  font-weight: 600;
  scrollbar-gutter: stable;
}
.head > span {
  padding: 2px;
  margin: -2px;
}
.chosen {
  background: var(--pine-tint);
  box-shadow: inset 3px 0 0 var(--pine);
}
</style>
