<script setup lang="ts">
import { ElButton, ElInput, type InputInstance } from 'element-plus'
import { useElementSize } from '@vueuse/core'
import { computed, nextTick, ref, watch } from 'vue'
import { isBelow } from '@nolvex/core/site/pageChanges'
import { journeyReport } from '@nolvex/core/site/journeyReport'
import { menusInOrder } from '@nolvex/core/site/menuChanges'
import { useProject } from '../session/projectStore'
import JourneyTrail from './JourneyTrail.vue'
import { useMap } from './mapStore'
import MenuTrees from './MenuTrees.vue'
import PageCard from './PageCard.vue'
import TreeLookPanel from './TreeLookPanel.vue'
import { useCamera } from './useCamera'
import { useCardDrag } from './useCardDrag'
import type { PageChanges } from './usePageChanges'
import { usePageCommands } from './usePageCommands'
import { useTreeCommands } from './useTreeCommands'
import { useTreeCards, type TreeCard } from './useTreeCards'

const props = defineProps<{ changes: PageChanges }>()
const emit = defineEmits<{ import: [] }>()
const project = useProject()
const map = useMap()
const frame = ref<HTMLElement>()
const surface = ref<HTMLElement>()
const searchField = ref<InputInstance>()
const search = ref('')
const { width: frameWidth, height: frameHeight } = useElementSize(frame)
const { cards, byId, extent, connector } = useTreeCards()

const MENUS_GAP = 72
const shown = computed(() => ({
  width: extent.value.width + (map.look.menus ? MENUS_GAP + menusInOrder(map.site.menus).length * 192 : 0),
  height: extent.value.height,
}))
const { camera, fit, show, zoomBy } = useCamera(frame, surface, shown)
watch([() => cards.value.length > 0, () => map.look.direction, () => map.look.menus], () => nextTick(fit))

/** The part of the map in view with a margin; only cards in it are mounted. */
const inView = computed(() => {
  const { k, x, y } = camera.value
  const margin = 300
  const [left, top] = [-x / k - margin, -y / k - margin]
  const [right, bottom] = [left + frameWidth.value / k + 2 * margin, top + frameHeight.value / k + 2 * margin]
  return cards.value.filter(
    (card) => card.x + card.width > left && card.x < right && card.y + card.height > top && card.y < bottom,
  )
})
const connectors = computed(() =>
  inView.value.flatMap((card) => {
    const d = connector(card)
    return d ? [{ id: card.page.id, d }] : []
  }),
)

/** px of a title that is read at this distance, where the rest of a card cannot be; nothing where all of it can. */
const READ_FROM = 0.86
const LARGEST = 26
const titleOnly = computed(() =>
  camera.value.k < READ_FROM ? Math.min(LARGEST, 13 / camera.value.k) : undefined,
)

const menusOf = computed(() => {
  const names = new Map<string, string>()
  for (const [page, entries] of map.ways.entriesTo)
    names.set(page, [...new Set(entries.map(({ menu }) => map.site.menus[menu]?.name ?? ''))].join(', '))
  return names
})
const marksOf = ({ page, sections }: TreeCard) => {
  const isDrawn = Object.keys(project.drawing(page.id)?.records.blocks ?? {}).length > 0
  const own = sections.filter((section) => section.page).length
  const progress = isDrawn ? 'drawn' : (page.state ?? (own ? `${own} sections` : ''))
  return { menus: menusOf.value.get(page.id) ?? '', progress }
}

const found = computed(() => {
  const wanted = search.value.trim().toLowerCase()
  if (!wanted) return []
  return Object.values(map.pages).filter(({ title }) => title.toLowerCase().includes(wanted))
})
const foundIds = computed(() => new Set(found.value.map(({ id }) => id)))
let turn = 0
/** Goes to the next page found, unfolding what hides it. */
function goToFound() {
  const page = found.value[turn++ % Math.max(1, found.value.length)]
  if (!page) return
  for (let above = page.parent; above; above = map.pages[above]?.parent)
    if (map.folded.has(above)) map.toggleFold(above)
  map.selected = page.id
  void nextTick(() => {
    const card = byId.value.get(page.id)
    if (card) show(card, Math.max(1, camera.value.k))
  })
}
watch(search, () => (turn = 0))

const childCount = computed(() => {
  const counts = new Map<string, number>()
  for (const { parent } of Object.values(map.pages))
    if (parent) counts.set(parent, (counts.get(parent) ?? 0) + 1)
  return counts
})
/** How many pages stand below each folded one. */
const countBelow = computed(() => {
  const ids = Object.keys(map.pages)
  const counted = (id: string) => ids.filter((page) => isBelow(map.pages, page, id)).length
  return new Map([...map.folded].map((id) => [id, counted(id)]))
})
const isFaded = (id: string) =>
  map.forward !== undefined && id !== map.forward && !isBelow(map.pages, id, map.forward)

const stops = computed(() =>
  map.journey && map.site.journeys[map.journey] ? journeyReport(map.site, map.ways, map.journey).stops : [],
)
const stopsOn = computed(() => {
  const numbers = new Map<string, string>()
  for (const { stop, number } of stops.value) {
    const before = numbers.get(stop.page)
    numbers.set(stop.page, before ? `${before}, ${number}` : number)
  }
  return numbers
})

function fitSelection() {
  const branch = cards.value.filter(
    ({ page }) => page.id === map.selected || (map.selected && isBelow(map.pages, page.id, map.selected)),
  )
  if (branch.length === 0) return
  const x = Math.min(...branch.map((card) => card.x))
  const y = Math.min(...branch.map((card) => card.y))
  const right = Math.max(...branch.map((card) => card.x + card.width))
  const bottom = Math.max(...branch.map((card) => card.y + card.height))
  show({ x, y, width: right - x, height: bottom - y }, 1.5)
}

const hidesSections = computed(
  () => titleOnly.value !== undefined && cards.value.some(({ sections }) => sections.length > 0),
)

usePageCommands(props.changes)
useTreeCommands(props.changes, { fit, fitSelection, zoomBy, focusSearch: () => searchField.value?.focus() })
const { dragging, target, startDrag } = useCardDrag({ frame, camera, cards, move: props.changes.move })

const lift = (card: TreeCard) => {
  const { id, x = 0, y = 0 } = dragging.value ?? {}
  const [dx, dy] = id === card.page.id ? [x, y] : [0, 0]
  return {
    transform: `translate(${card.x + dx}px, ${card.y + dy}px)`,
    height: `${card.height}px`,
  }
}
</script>

<template>
  <Teleport to="#map-actions" defer>
    <ElInput
      ref="searchField"
      v-model="search"
      class="find"
      placeholder="Find a page"
      aria-label="Find a page on the map"
      @keydown.enter="goToFound"
      @keydown.esc="((search = ''), searchField?.blur())"
    />
    <span v-if="search" class="soft count">{{ found.length || 'none' }}</span>
    <TreeLookPanel />
    <ElButton aria-label="Zoom out" @click="zoomBy(0.8)">−</ElButton>
    <ElButton title="Fit the whole map" @click="fit">{{ Math.round(camera.k * 100) }} %</ElButton>
    <ElButton aria-label="Zoom in" @click="zoomBy(1.25)">+</ElButton>
    <ElButton type="primary" @click="changes.add(map.selected ? 'below' : 'after')">Add page</ElButton>
  </Teleport>
  <div ref="frame" class="frame" @pointerdown.self="map.selected = undefined">
    <div ref="surface" class="surface">
      <svg
        :width="extent.width"
        :height="extent.height"
        :class="{ heavy: map.look.heavy }"
        aria-hidden="true"
      >
        <path v-for="line in connectors" :key="line.id" :d="line.d" :class="{ faded: isFaded(line.id) }" />
      </svg>
      <div
        v-for="card in inView"
        :key="card.page.id"
        class="spot"
        :class="{ lifted: dragging?.id === card.page.id, target: target?.id === card.page.id }"
        :style="lift(card)"
        :data-id="card.page.id"
        @pointerdown="startDrag($event, card.page.id)"
        @dblclick="map.renaming = card.page.id"
      >
        <PageCard
          :page="card.page"
          :address="map.addresses.get(card.page.id) ?? ''"
          :sections="card.sections"
          :marks="marksOf(card)"
          :selected="map.selected === card.page.id"
          :renaming="map.renaming === card.page.id"
          :faded="isFaded(card.page.id)"
          :found="foundIds.has(card.page.id)"
          :flat="map.look.direction === 'across'"
          :title-only="titleOnly"
          :folded="childCount.has(card.page.id) ? (countBelow.get(card.page.id) ?? 0) : undefined"
          :stops="stopsOn.get(card.page.id)"
          :target="target?.id === card.page.id ? target.where : undefined"
          @rename="changes.rename(card.page.id, $event)"
          @done="map.renaming = undefined"
          @fold="map.toggleFold(card.page.id)"
        />
      </div>
      <svg v-if="stops.length" class="above" :width="extent.width" :height="extent.height" aria-hidden="true">
        <JourneyTrail :stops="stops" :cards="byId" />
      </svg>
      <MenuTrees
        v-if="map.look.menus && cards.length"
        class="beside"
        :style="{ left: `${extent.width + MENUS_GAP}px` }"
      />
    </div>
    <p v-if="hidesSections" class="said">
      Titles only at this size; from {{ Math.round(READ_FROM * 100) }} % on cards show their sections.
    </p>
    <div v-if="cards.length === 0" class="invitation">
      <h2>Which pages does the site need?</h2>
      <p>Begin with the home page and add the others below it, or bring in a list you already have.</p>
      <p>
        <ElButton type="primary" @click="changes.add('after')">Add the first page</ElButton>
        <ElButton @click="emit('import')">Bring in a list…</ElButton>
      </p>
    </div>
  </div>
</template>

<style scoped>
.find {
  width: 120px;
}
.count {
  min-width: 24px;
}
.frame {
  position: relative;
  flex: 1;
  min-width: 0;
  overflow: hidden;
}
.said {
  position: absolute;
  bottom: 0;
  left: 0;
  padding: 4px 12px;
  color: var(--soft);
  background: var(--desk);
}
.surface {
  position: absolute;
  transform-origin: 0 0;
}
svg {
  position: absolute;
  overflow: visible;
  pointer-events: none;
}
path {
  fill: none;
  stroke: var(--edge);
}
.heavy > path {
  stroke: var(--ink);
  stroke-width: 2.5;
}
path.faded {
  opacity: 0.25;
}
.spot,
.above {
  position: absolute;
}
.lifted {
  z-index: 2;
  opacity: 0.6;
  pointer-events: none;
}
/* What it would be dropped on is seen, whatever is held over it. */
.target {
  z-index: 3;
}
.beside {
  position: absolute;
  top: 0;
}
.invitation {
  position: absolute;
  top: 24px;
  left: 50%;
  width: 440px;
  transform: translateX(-50%);
}
.invitation .el-button {
  margin-right: 8px;
}
</style>
