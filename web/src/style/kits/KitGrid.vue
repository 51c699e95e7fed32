<script setup lang="ts">
import { useElementSize } from '@vueuse/core'
import { useVirtualizer } from '@tanstack/vue-virtual'
import { computed, onMounted, ref, watch } from 'vue'
import type { KitItem } from './kitItems'
import type { KitSource } from './kitSource'
import KitTile from './KitTile.vue'

/**
 * All there is to choose from, side by side: only the rows in view are there. Arrow keys go from one to the next, Space
 * chooses it, Enter looks at it.
 */
const props = defineProps<{
  items: KitItem[]
  source: KitSource
  chosen: ReadonlySet<string>
  /** px a tile is wide at least */
  size: number
  saysOf: (item: KitItem) => string | undefined
}>()
const emit = defineEmits<{ choose: [item: KitItem, isChosen: boolean]; look: [item: KitItem] }>()
const current = defineModel<string>('current')

const GAP = 12
const scrolled = ref<HTMLElement>()
const { width } = useElementSize(scrolled)
const across = computed(() => Math.max(1, Math.floor((width.value + GAP) / (props.size + GAP))))
const tall = computed(() => Math.round(props.size * 0.72) + 34)
const rows = computed(() => {
  const list: KitItem[][] = []
  for (let at = 0; at < props.items.length; at += across.value)
    list.push(props.items.slice(at, at + across.value))
  return list
})
const virtual = useVirtualizer(
  computed(() => ({
    count: rows.value.length,
    getScrollElement: () => scrolled.value ?? null,
    estimateSize: () => tall.value + GAP,
    getItemKey: (index: number) => rows.value[index]?.[0]?.id ?? index,
    overscan: 2,
  })),
)
watch(tall, () => virtual.value.measure())
const inView = computed(() =>
  virtual.value.getVirtualItems().flatMap(({ index, start }) => {
    const items = rows.value[index] as KitItem[] | undefined
    return items ? [{ items, start, index }] : []
  }),
)

/** Whoever comes back from looking at one is where they were. */
onMounted(() => {
  const at = props.items.findIndex(({ id }) => id === current.value)
  if (at < 0) return
  scrolled.value?.focus({ preventScroll: true })
  virtual.value.scrollToIndex(Math.floor(at / across.value), { align: 'center' })
})

const STEPS: Record<string, () => number> = {
  ArrowRight: () => 1,
  ArrowLeft: () => -1,
  ArrowDown: () => across.value,
  ArrowUp: () => -across.value,
  Home: () => -Infinity,
  End: () => Infinity,
}
function keyed(event: KeyboardEvent) {
  const at = props.items.findIndex(({ id }) => id === current.value)
  const item = props.items.at(at < 0 ? props.items.length : at)
  const step = STEPS[event.key] as (() => number) | undefined
  if (step) {
    const next = Math.min(props.items.length - 1, Math.max(0, at < 0 ? 0 : at + step()))
    current.value = props.items.at(next)?.id
    virtual.value.scrollToIndex(Math.floor(next / across.value), { align: 'auto' })
  } else if (event.key === ' ' && item) emit('choose', item, !props.chosen.has(item.id))
  else if (event.key === 'Enter' && item?.root) emit('look', item)
  else return
  event.preventDefault()
}
const choose = (item: KitItem, isChosen: boolean) => {
  current.value = item.id
  emit('choose', item, isChosen)
}
</script>

<template>
  <div
    ref="scrolled"
    class="kit-grid"
    tabindex="0"
    role="group"
    aria-label="What there is: arrow keys go through it, Space chooses, Enter looks at one"
    @keydown="keyed"
  >
    <div :style="{ position: 'relative', height: `${virtual.getTotalSize()}px` }">
      <div
        v-for="{ items: inRow, start, index } in inView"
        :key="index"
        class="row"
        :style="{
          gridTemplateColumns: `repeat(${across}, minmax(0, 1fr))`,
          height: `${tall}px`,
          transform: `translateY(${start}px)`,
        }"
      >
        <KitTile
          v-for="item in inRow"
          :key="item.id"
          :item="item"
          :source="source"
          :is-chosen="chosen.has(item.id)"
          :is-current="item.id === current"
          :says="saysOf(item)"
          @choose="choose(item, $event)"
          @look="emit('look', item)"
        />
      </div>
    </div>
    <slot v-if="items.length === 0" />
  </div>
</template>

<style scoped>
.kit-grid {
  flex: 1;
  min-height: 0;
  padding: 3px;
  overflow: auto;
  scrollbar-gutter: stable;
}
.row {
  position: absolute;
  top: 0;
  left: 0;
  display: grid;
  grid-auto-rows: 100%;
  gap: 12px;
  width: 100%;
}
</style>
