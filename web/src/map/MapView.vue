<script setup lang="ts">
import { useElementSize } from '@vueuse/core'
import { select } from 'd3-selection'
import { zoom, zoomIdentity, type ZoomTransform } from 'd3-zoom'
import { computed, nextTick, onMounted, ref, shallowRef, watch } from 'vue'
import { childrenOf } from '@nolvex/core/document/tree'
import { writeIndentedText } from '@nolvex/core/formats/indentedText'
import { pageAddresses } from '@nolvex/core/site/address'
import { addPages, isBelow, movePage, sectionsOf } from '@nolvex/core/site/pageChanges'
import { treeLayout } from '@nolvex/core/site/treeLayout'
import { useCommands } from '../commands/commandStore'
import { newId } from '../session/newId'
import { useProject } from '../session/projectStore'
import { cardHeight, cardSize } from './cardSize'
import PageCard from './PageCard.vue'
import PageParticulars from './PageParticulars.vue'
import PastePages from './PastePages.vue'
import { useCardDrag } from './useCardDrag'

const project = useProject()
const selected = ref<string>()
const renaming = ref<string>()
const isPasting = ref(false)
const frame = ref<HTMLElement>()
const surface = ref<HTMLElement>()
const { width: frameWidth, height: frameHeight } = useElementSize(frame)
const camera = shallowRef<ZoomTransform>(zoomIdentity)

const pages = computed(() => project.site.records.pages)
const addresses = computed(() => pageAddresses(pages.value))
const cards = computed(() =>
  treeLayout(pages.value, cardSize).map((card) => ({
    ...card,
    sections: sectionsOf(project.site.records.sections, card.page.id),
  })),
)
const byId = computed(() => new Map(cards.value.map((card) => [card.page.id, card])))
const deepest = computed(() => Math.max(0, ...cards.value.map(({ depth }) => depth)))
const extent = computed(() => ({
  width: Math.max(0, ...cards.value.map(({ x }) => x + cardSize.width)),
  height: Math.max(0, ...cards.value.map(({ y, sections }) => y + cardHeight(sections.length))),
}))

/** The part of the map in view with a margin; only cards in it are mounted. */
const inView = computed(() => {
  const { k, x, y } = camera.value
  const margin = 300
  const [left, top] = [-x / k - margin, -y / k - margin]
  const [right, bottom] = [left + frameWidth.value / k + 2 * margin, top + frameHeight.value / k + 2 * margin]
  return cards.value.filter(
    (card) => card.x + cardSize.width > left && card.x < right && card.y + 160 > top && card.y < bottom,
  )
})
const connectors = computed(() =>
  inView.value.flatMap((card) => {
    const parent = card.page.parent ? byId.value.get(card.page.parent) : undefined
    if (!parent) return []
    const from = parent.y + cardHeight(parent.sections.length)
    const middle = card.y - 24
    const [a, b] = [parent.x + cardSize.width / 2, card.x + cardSize.width / 2]
    return [{ id: card.page.id, d: `M${a} ${from}V${middle}H${b}V${card.y}` }]
  }),
)

const behaviour = zoom<HTMLElement, unknown>()
  .scaleExtent([0.05, 2])
  .filter((event: Event) => !(event.target as HTMLElement).closest('.card') || event.type === 'wheel')
  .on('zoom', ({ transform }: { transform: ZoomTransform }) => {
    camera.value = transform
    // Straight to the style, past Vue: panning must not wait for it.
    if (surface.value)
      surface.value.style.transform = `translate(${transform.x}px,${transform.y}px) scale(${transform.k})`
  })

onMounted(async () => {
  if (!frame.value) return
  select(frame.value).call(behaviour).on('dblclick.zoom', null)
  await nextTick()
  fit()
})
watch(
  () => cards.value.length > 0,
  () => nextTick(fit),
)

function fit() {
  if (!frame.value) return
  const { clientWidth, clientHeight } = frame.value
  const k = Math.min(
    1,
    (clientWidth - 48) / Math.max(1, extent.value.width),
    (clientHeight - 48) / Math.max(1, extent.value.height),
  )
  const x = Math.max(24, (clientWidth - extent.value.width * k) / 2)
  select(frame.value).call(behaviour.transform, zoomIdentity.translate(x, 24).scale(Math.max(0.05, k)))
}

function zoomBy(factor: number) {
  if (frame.value) select(frame.value).call(behaviour.scaleBy, factor)
}

const parentOf = (id: string) => pages.value[id]?.parent ?? null
const siblings = (id: string) => childrenOf(pages.value, parentOf(id))
const place = (id: string) => siblings(id).findIndex((page) => page.id === id)

function add(where: 'after' | 'below') {
  const id = newId()
  const at = selected.value
  const parent = at === undefined ? null : where === 'below' ? at : parentOf(at)
  const index = at !== undefined && where === 'after' ? place(at) + 1 : childrenOf(pages.value, parent).length
  project.changeSite('Add page', addPages(pages.value, parent, index, [{ id, title: 'New page' }]))
  selected.value = id
  renaming.value = id
}

function paste(entries: { title: string; depth: number }[]) {
  const below = selected.value ?? null
  project.changeSite(`Add ${entries.length} pages`, addOutline(pages.value, below, entries, newId))
  void nextTick(fit)
}

function rename(id: string, title: string) {
  project.changeSite('Rename page', [{ type: 'set', collection: 'pages', id, path: ['title'], value: title }])
}

function remove() {
  const id = selected.value
  if (!id) return
  const next = siblings(id)[place(id) + 1] ?? siblings(id)[place(id) - 1]
  const title = pages.value[id].title || 'Untitled'
  project.changeSite(`Delete ${title}`, [{ type: 'remove', collection: 'pages', id }])
  selected.value = next?.id ?? undefined
}

function move(id: string, parent: string | null, index: number) {
  if (parent === id || (parent && isBelow(pages.value, parent, id))) return
  project.changeSite('Move page', movePage(pages.value, id, parent, index))
}

function moveBy(step: number) {
  if (selected.value)
    move(selected.value, parentOf(selected.value), Math.max(0, place(selected.value) + step))
}

function moveOut() {
  const parent = selected.value && parentOf(selected.value)
  if (selected.value && parent) move(selected.value, parentOf(parent), place(parent) + 1)
}

function moveIn() {
  const before = selected.value && siblings(selected.value)[place(selected.value) - 1]
  if (selected.value && before) move(selected.value, before.id, childrenOf(pages.value, before.id).length)
}

function go(direction: 'up' | 'down' | 'left' | 'right') {
  const id = selected.value
  if (!id) return (selected.value = cards.value[0]?.page.id)
  const side = { left: siblings(id)[place(id) - 1], right: siblings(id)[place(id) + 1] }
  const found =
    direction === 'up'
      ? (parentOf(id) ?? undefined)
      : direction === 'down'
        ? childrenOf(pages.value, id)[0]?.id
        : side[direction]?.id
  if (found) selected.value = found
}

async function copyList() {
  const list = cards.value.length ? outline(null, 0) : []
  await navigator.clipboard.writeText(writeIndentedText(list))
}
function outline(parent: string | null, depth: number): { title: string; depth: number }[] {
  return childrenOf(pages.value, parent).flatMap((page) => [
    { title: page.title, depth },
    ...outline(page.id, depth + 1),
  ])
}

const hasSelection = () => selected.value !== undefined
useCommands().offer([
  { id: 'page-add', label: 'Add a page beside the selected one', keys: ['Enter'], run: () => add('after') },
  {
    id: 'page-below',
    label: 'Add a page below the selected one',
    keys: ['Shift+Enter', 'Insert'],
    run: () => add('below'),
  },
  { id: 'page-paste', label: 'Paste a list of pages', keys: ['L'], run: () => (isPasting.value = true) },
  {
    id: 'page-rename',
    label: 'Rename the page',
    keys: ['F2'],
    run: () => (renaming.value = selected.value),
    enabled: hasSelection,
  },
  {
    id: 'page-delete',
    label: 'Delete the page and all below it',
    keys: ['Delete', 'Backspace'],
    run: remove,
    enabled: hasSelection,
  },
  {
    id: 'page-left',
    label: 'Move the page before its neighbour',
    keys: ['Alt+ArrowLeft'],
    run: () => moveBy(-1),
    enabled: hasSelection,
  },
  {
    id: 'page-right',
    label: 'Move the page after its neighbour',
    keys: ['Alt+ArrowRight'],
    run: () => moveBy(1),
    enabled: hasSelection,
  },
  {
    id: 'page-out',
    label: 'Move the page up a level',
    keys: ['Alt+ArrowUp'],
    run: moveOut,
    enabled: hasSelection,
  },
  {
    id: 'page-in',
    label: 'Move the page below its neighbour',
    keys: ['Alt+ArrowDown'],
    run: moveIn,
    enabled: hasSelection,
  },
  { id: 'go-up', label: 'Select the page above', keys: ['ArrowUp'], run: () => go('up') },
  { id: 'go-down', label: 'Select the first page below', keys: ['ArrowDown'], run: () => go('down') },
  { id: 'go-left', label: 'Select the page to the left', keys: ['ArrowLeft'], run: () => go('left') },
  { id: 'go-right', label: 'Select the page to the right', keys: ['ArrowRight'], run: () => go('right') },
  { id: 'map-fit', label: 'Fit the whole map', keys: ['0'], run: fit },
  { id: 'map-in', label: 'Zoom in', keys: ['+', '='], run: () => zoomBy(1.25) },
  { id: 'map-out', label: 'Zoom out', keys: ['-'], run: () => zoomBy(0.8) },
  { id: 'map-copy', label: 'Copy the map as an indented list', run: () => void copyList() },
])

const { dragging, target, startDrag } = useCardDrag({ frame, camera, cards, pages, selected, renaming, move })
</script>

<template>
  <main class="map">
    <div class="strip">
      <b>Site map</b>
      <span class="soft">
        {{ cards.length === 1 ? '1 page' : `${cards.length} pages`
        }}<template v-if="cards.length"> · {{ deepest + 1 }} levels</template>
      </span>
      <span class="end">
        <button class="action" aria-label="Zoom out" @click="zoomBy(0.8)">−</button>
        <button class="action" title="Fit the whole map" @click="fit">
          {{ Math.round(camera.k * 100) }} %
        </button>
        <button class="action" aria-label="Zoom in" @click="zoomBy(1.25)">+</button>
        <a v-if="cards.length" class="action link" :href="`/api/projects/${project.id}/sitemap.xml`"
          >sitemap.xml</a
        >
        <button class="action" @click="isPasting = true">Paste a list…</button>
        <button class="action main" @click="add(selected ? 'below' : 'after')">Add page</button>
      </span>
    </div>
    <div class="body">
      <div ref="frame" class="frame" @pointerdown.self="selected = undefined">
        <div ref="surface" class="surface">
          <svg :width="extent.width" :height="extent.height" aria-hidden="true">
            <path v-for="line in connectors" :key="line.id" :d="line.d" />
          </svg>
          <div
            v-for="card in inView"
            :key="card.page.id"
            class="spot"
            :class="{ lifted: dragging?.id === card.page.id }"
            :style="{
              transform: `translate(${card.x + (dragging?.id === card.page.id ? dragging.x : 0)}px, ${card.y + (dragging?.id === card.page.id ? dragging.y : 0)}px)`,
            }"
            :data-id="card.page.id"
            @pointerdown="startDrag($event, card.page.id)"
            @dblclick="renaming = card.page.id"
          >
            <PageCard
              :page="card.page"
              :address="addresses.get(card.page.id) ?? ''"
              :sections="card.sections"
              :selected="selected === card.page.id"
              :renaming="renaming === card.page.id"
              :target="target?.id === card.page.id ? target.where : undefined"
              @rename="rename(card.page.id, $event)"
              @done="renaming = undefined"
            />
          </div>
        </div>
        <div v-if="cards.length === 0" class="empty">
          <h2>Which pages does the site need?</h2>
          <p>Begin with the home page and add the others below it, or paste a list you already have.</p>
          <p>
            <button class="action main" @click="add('after')">Add the first page</button>
            <button class="action" @click="isPasting = true">Paste a list…</button>
          </p>
        </div>
      </div>
      <PageParticulars
        v-if="selected && pages[selected]"
        :page="selected"
        :address="addresses.get(selected) ?? ''"
      />
      <aside v-else-if="cards.length" class="hint">
        <h3>Nothing selected</h3>
        <p>
          Click a page to see what stands on it. Drag it onto another to move it below, or to its side to
          stand beside it.
        </p>
        <p>Enter adds a page beside, Shift+Enter below. Alt with the arrow keys moves a page.</p>
      </aside>
    </div>
    <PastePages v-model="isPasting" :below="selected ? pages[selected]?.title : undefined" @add="paste" />
  </main>
</template>

<style scoped>
.map {
  display: flex;
  flex: 1;
  flex-direction: column;
  min-height: 0;
}
.strip {
  display: flex;
  flex: none;
  gap: 12px;
  align-items: center;
  height: 44px;
  padding: 0 16px;
  background: var(--paper);
  border-bottom: 1px solid var(--hairline);
}
.end {
  display: flex;
  gap: 6px;
  margin-left: auto;
}
.link {
  display: inline-flex;
  align-items: center;
  color: inherit;
  text-decoration: none;
}
.body {
  display: flex;
  flex: 1;
  min-height: 0;
}
.frame {
  position: relative;
  flex: 1;
  min-width: 0;
  overflow: hidden;
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
.spot {
  position: absolute;
}
.lifted {
  z-index: 2;
  opacity: 0.85;
  pointer-events: none;
}
.empty {
  position: absolute;
  top: 72px;
  left: 50%;
  width: 420px;
  padding: 28px 32px;
  background: var(--paper);
  border: 1px solid var(--hairline);
  transform: translateX(-50%);
}
.empty p {
  margin-top: 10px;
}
.empty .action {
  margin-right: 8px;
}
.hint {
  flex: none;
  width: 248px;
  padding: 16px;
  background: var(--paper);
  border-left: 1px solid var(--hairline);
  color: var(--soft);
}
.hint p {
  margin-top: 8px;
}
</style>
