<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed } from 'vue'
import { bandsOf } from '@nolvex/core/resolve/resolvePage'
import { BOARD_FRAMES, type BoardFrame, type BoardItem } from '@nolvex/core/site/board'
import { pagesInOrder } from '@nolvex/core/site/treeOrder'
import FigureField from '../forms/FigureField.vue'
import PickField from '../forms/PickField.vue'
import RecordList from '../forms/RecordList.vue'
import SelectField from '../forms/SelectField.vue'
import { useProject } from '../session/projectStore'
import { useBoards } from './useBoards'

/** The pages that stand on a board, in their order, each at a band and in its frame. */
const project = useProject()
const { items, setItems } = useBoards()

const bands = computed(() => bandsOf(project.site).inOrder)
const bandNames = computed(() => Object.fromEntries(bands.value.map(({ id, name }) => [id, name])))
const pages = computed(() =>
  Object.fromEntries(
    pagesInOrder(project.site.records.pages)
      .filter(({ page }) => Object.keys(project.drawing(page.id)?.records.blocks ?? {}).length)
      .map(({ page }) => [page.id, page.title || 'Untitled']),
  ),
)
/** Items have no ids of their own: their places tell them apart. */
const listed = computed(() => items.value.map((item, index) => ({ ...item, id: String(index) })))
const nameOf = ({ page, band }: BoardItem) =>
  `${pages.value[page] ?? 'a page that is gone'}, ${bandNames.value[band] ?? ''}`

/** The frame that goes with a band: a window for wide pages, a telephone for the narrowest. */
const frameFor = (band: string): BoardFrame => {
  const at = bands.value.findIndex(({ id }) => id === band)
  return at === 0 ? 'phone' : at === bands.value.length - 1 ? 'browser' : 'tablet'
}
const itemAt = (page: string, band: string): BoardItem => ({ page, band, frame: frameFor(band) })

function add(page: string | undefined) {
  if (!page) return
  const made = [...bands.value].reverse().map(({ id }) => itemAt(page, id))
  setItems(`Put ${pages.value[page]} on the board`, [...items.value, ...made])
}
function change(index: number, more: Partial<BoardItem>) {
  const now = items.value.map((item, at) => (at === index ? withoutAbsent({ ...item, ...more }) : item))
  setItems('Change what stands on the board', now)
}
const withoutAbsent = (item: BoardItem) =>
  Object.fromEntries(Object.entries(item).filter(([, value]) => value !== undefined)) as unknown as BoardItem

const remove = ({ id }: { id: string }) =>
  setItems(
    'Take it off the board',
    items.value.filter((_, index) => String(index) !== id),
  )
function move({ id }: { id: string }, to: number) {
  const others = items.value.filter((_, index) => String(index) !== id)
  const moved = items.value[Number(id)]
  setItems('Move it on the board', [...others.slice(0, to), moved, ...others.slice(to)])
}
const within = (value: number | undefined, least: number, most: number) =>
  value === undefined ? undefined : Math.round(Math.min(most, Math.max(least, value)))
</script>

<template>
  <PickField
    label="Put a page on it, at all bands"
    :value="undefined"
    :choices="pages"
    none="Choose a page"
    @change="add"
  />
  <RecordList
    v-if="listed.length"
    :records="listed"
    :name-of="nameOf"
    ordered
    @remove="remove"
    @move="(one, index) => move(one, index)"
  >
    <template #default="{ one }">
      <div class="item">
        <b dir="auto">{{ nameOf(one) }}</b>
        <SelectField
          label="Band"
          :value="one.band"
          :options="bandNames"
          @change="change(Number(one.id), { band: $event, frame: frameFor($event) })"
        />
        <SelectField
          label="Stands in"
          :value="one.frame"
          :options="BOARD_FRAMES"
          @change="change(Number(one.id), { frame: $event as BoardFrame })"
        />
        <FigureField
          label="px seen"
          :value="one.height"
          placeholder="as its frame"
          @change="change(Number(one.id), { height: within($event, 100, 30000) })"
        />
        <FigureField
          label="from px"
          :value="one.from ?? 0"
          @change="change(Number(one.id), { from: within($event, 0, 100000) })"
        />
      </div>
    </template>
  </RecordList>
  <ElButton v-if="listed.length" link @click="setItems('Clear the board', [])">Take all off</ElButton>
</template>

<style scoped>
.item {
  display: grid;
  flex: 1;
  grid-template-columns: 1fr 1fr;
  gap: 4px 8px;
  min-width: 0;
}
b {
  grid-column: 1 / -1;
}
</style>
