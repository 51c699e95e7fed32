<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed, ref } from 'vue'
import { putAmong } from '@nolvex/core/document/placing'
import {
  addToMenu,
  entriesBelow,
  entryLabel,
  isBelowEntry,
  menuLines,
  menusInOrder,
  menuSize,
  moveInMenu,
} from '@nolvex/core/site/menuChanges'
import type { Menu } from '@nolvex/core/site/menu'
import { pagesInOrder } from '@nolvex/core/site/treeOrder'
import AddLine from '../forms/AddLine.vue'
import ChoiceField from '../forms/ChoiceField.vue'
import PickField from '../forms/PickField.vue'
import TextField from '../forms/TextField.vue'
import { newId } from '../session/newId'
import { useProject } from '../session/projectStore'
import { useMap } from './mapStore'
import { useMenuLine } from './useMenuLine'

/** Menus, each a list of its own with sub-levels, built by dragging pages in. */
const project = useProject()
const map = useMap()
const selected = ref<string>()
const over = ref<string>()
const KINDS = { main: 'Main', footer: 'Footer', utility: 'Utility', other: 'Other' } as const

const pages = computed(() => pagesInOrder(map.pages))
const entries = computed(() => map.site.menuEntries)
const menus = computed(() =>
  menusInOrder(map.site.menus).map((menu) => ({
    menu,
    lines: menuLines(entries.value, menu.id),
    size: menuSize(entries.value, menu.id),
  })),
)
const entry = computed(() => (selected.value ? entries.value[selected.value] : undefined))

function addMenu(kind: Menu['kind'], name: string) {
  const there = menusInOrder(map.site.menus)
  project.changeSite(
    `Add the menu ${name}`,
    putAmong('menus', there, there.length, [{ id: newId(), name, kind }]),
  )
}

const removeMenu = ({ id, name }: Menu) =>
  project.changeSite(`Delete the menu ${name}`, [{ type: 'remove', collection: 'menus', id }])

/** Starts a menu with the pages below home, which is what most main menus are. */
function fillFromTree(menu: Menu) {
  const top = pages.value.filter(({ page, depth }) => depth === 1 && !page.kind)
  const made = top.map(({ page }) => ({ id: newId(), page: page.id }))
  project.changeSite(`Fill ${menu.name} from the tree`, addToMenu(entries.value, menu.id, null, 0, made))
}

function sizeWords(lines: number, { breadth, depth }: { breadth: number; depth: number }): string {
  if (lines === 0) return 'Nothing in it yet'
  const words = lines === 1 ? '1 line' : `${lines} lines, ${breadth} at most side by side`
  return `${words}, ${depth === 1 ? '1 level' : `${depth} levels`}`
}

interface Dragged {
  page?: string
  entry?: string
}
let dragged: Dragged = {}

function start(event: DragEvent, what: Dragged) {
  dragged = what
  event.dataTransfer?.setData('text/plain', what.page ?? what.entry ?? '')
  if (event.dataTransfer) event.dataTransfer.effectAllowed = 'copyMove'
}

/** Drops what is dragged before an entry, or below it when `inside`; without an entry at the menu's end. */
function drop(menu: string, onto: string | undefined, inside: boolean) {
  over.value = undefined
  const what = dragged
  dragged = {}
  const target = onto ? entries.value[onto] : undefined
  if (what.entry && onto && (onto === what.entry || isBelowEntry(entries.value, onto, what.entry))) return
  const parent = inside && onto ? onto : (target?.parent ?? null)
  const siblings = entriesBelow(entries.value, menu, parent).filter(({ id }) => id !== what.entry)
  const at = siblings.findIndex(({ id }) => id === onto)
  const index = at < 0 ? siblings.length : at
  if (what.entry) {
    project.changeSite('Move in menu', moveInMenu(entries.value, what.entry, menu, parent, index))
    selected.value = what.entry
  } else if (what.page) {
    const id = newId()
    project.changeSite(
      `Put ${map.titleOf(what.page)} in ${map.site.menus[menu].name}`,
      addToMenu(entries.value, menu, parent, index, [{ id, page: what.page }]),
    )
    selected.value = id
  }
}

/** Whether the pointer is on the right part of a line, where what is dropped stands below it. */
const isInside = (event: DragEvent) => {
  const box = (event.currentTarget as HTMLElement).getBoundingClientRect()
  return event.clientX > box.left + box.width * 0.55
}

function addWords(menu: string, typed: string) {
  const made = /^https?:\/\//i.test(typed) ? { address: typed } : { label: typed }
  const index = entriesBelow(entries.value, menu, null).length
  project.changeSite('Add a line', addToMenu(entries.value, menu, null, index, [{ id: newId(), ...made }]))
}

function addChosen(menu: string, page: string | undefined) {
  if (!page) return
  const index = entriesBelow(entries.value, menu, null).length
  project.changeSite(
    `Put ${map.titleOf(page)} in ${map.site.menus[menu].name}`,
    addToMenu(entries.value, menu, null, index, [{ id: newId(), page }]),
  )
}

const { shift, moveIn, moveOut, remove } = useMenuLine(selected, () =>
  menus.value.flatMap(({ lines }) => lines),
)

const set = (field: string, value: string | undefined) =>
  selected.value && project.setSite('Change a menu line', 'menuEntries', selected.value, [field], value)
</script>

<template>
  <aside class="source" aria-label="Pages to drag into menus">
    <h3>Pages</h3>
    <p class="soft">Drag a page into a menu. It may stand in several, and under another label.</p>
    <ol>
      <li
        v-for="{ page, depth } in pages"
        :key="page.id"
        draggable="true"
        :style="{ paddingLeft: `${depth * 14}px` }"
        :data-page="page.id"
        dir="auto"
        @dragstart="start($event, { page: page.id })"
      >
        {{ page.title || 'Untitled' }}
        <span v-if="map.ways.entriesTo.has(page.id)" class="soft"
          >in {{ map.ways.entriesTo.get(page.id)?.length }}</span
        >
      </li>
    </ol>
  </aside>
  <div class="board">
    <div class="menus">
      <section v-for="{ menu, lines, size } in menus" :key="menu.id" :data-menu="menu.id">
        <header>
          <TextField
            label="Name of the menu"
            hide-label
            :value="menu.name"
            :max="100"
            @change="project.setSite('Rename menu', 'menus', menu.id, ['name'], $event ?? '')"
          />
          <ChoiceField
            label="Kind of menu"
            hide-label
            :value="menu.kind"
            :choices="KINDS"
            @change="project.setSite('Change kind of menu', 'menus', menu.id, ['kind'], $event)"
          />
        </header>
        <p class="soft">
          {{ sizeWords(lines.length, size) }}
        </p>
        <ol @dragover.prevent @drop.self.prevent="drop(menu.id, undefined, false)">
          <li
            v-for="line in lines"
            :key="line.entry.id"
            draggable="true"
            dir="auto"
            :style="{ marginLeft: `${line.depth * 20}px` }"
            :class="{ selected: selected === line.entry.id, over: over === line.entry.id }"
            @click="selected = line.entry.id"
            @dragstart="start($event, { entry: line.entry.id })"
            @dragover.prevent="over = line.entry.id"
            @dragleave="over = undefined"
            @drop.prevent.stop="drop(menu.id, line.entry.id, isInside($event))"
          >
            {{ entryLabel(line.entry, map.pages) }}
            <span v-if="line.entry.page && line.entry.label" class="soft">{{
              map.titleOf(line.entry.page)
            }}</span>
            <span v-else-if="line.entry.address" class="soft">external</span>
            <span v-else-if="!line.entry.page" class="soft">words only</span>
          </li>
          <li class="rest" @dragover.prevent @drop.prevent.stop="drop(menu.id, undefined, false)">
            {{ lines.length ? 'Drop here to add at the end' : 'Drop the first page here' }}
          </li>
        </ol>
        <div class="add">
          <PickField
            label="Add a page"
            hide-label
            :value="undefined"
            :choices="map.choices"
            none="Add a page…"
            @change="addChosen(menu.id, $event)"
          />
          <AddLine label="Words or an address" @add="addWords(menu.id, $event)" />
        </div>
        <footer>
          <ElButton v-if="lines.length === 0" link @click="fillFromTree(menu)">
            Fill it from the tree
          </ElButton>
          <ElButton link @click="removeMenu(menu)">Delete this menu</ElButton>
        </footer>
      </section>
      <section class="new">
        <h3>{{ menus.length ? 'Another menu' : 'No menu yet' }}</h3>
        <p class="soft">Every page shows every menu. Most sites have a main menu and one at the foot.</p>
        <ElButton @click="addMenu('main', 'Main menu')">Add a main menu</ElButton>
        <ElButton @click="addMenu('footer', 'Footer')">Add a footer menu</ElButton>
        <ElButton @click="addMenu('utility', 'Utility')">Add a utility menu</ElButton>
        <ElButton @click="addMenu('other', 'Menu')">Add another menu</ElButton>
      </section>
    </div>
  </div>
  <aside v-if="entry" class="source right" aria-label="The selected line">
    <h3>{{ entryLabel(entry, map.pages) }}</h3>
    <TextField
      label="Label in this menu"
      :value="entry.label"
      :placeholder="entry.page ? map.titleOf(entry.page) : ''"
      :max="200"
      @change="set('label', $event)"
    />
    <PickField
      clearable
      label="Leads to"
      :value="entry.page"
      :choices="map.choices"
      none="no page"
      @change="set('page', $event)"
    />
    <TextField
      v-if="!entry.page"
      label="Address"
      :value="entry.address"
      :max="2000"
      @change="set('address', $event)"
    />
    <span class="steps">
      <ElButton @click="shift(-1)">Up</ElButton>
      <ElButton @click="shift(1)">Down</ElButton>
      <ElButton @click="moveIn">In</ElButton>
      <ElButton @click="moveOut">Out</ElButton>
    </span>
    <ElButton @click="remove">Take it out</ElButton>
  </aside>
</template>

<style scoped>
.source {
  display: flex;
  flex: none;
  flex-direction: column;
  gap: 8px;
  width: 232px;
  padding: 16px;
  overflow: auto;
  background: var(--paper);
  border-right: 1px solid var(--hairline);
}
.right {
  border-right: 0;
  border-left: 1px solid var(--hairline);
}
ol {
  margin: 0;
  padding: 0;
  list-style: none;
}
.source li {
  padding: 2px 0;
  border-bottom: 1px solid var(--hairline);
  cursor: grab;
}
.menus {
  display: flex;
  flex-wrap: wrap;
  gap: 16px;
  align-items: flex-start;
}
section {
  display: grid;
  gap: 8px;
  width: 268px;
  padding: 12px;
  background: var(--paper);
  border: 1px solid var(--hairline);
}
header {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 98px;
  gap: 6px;
}
section li {
  margin-bottom: 4px;
  padding: 3px 8px;
  overflow: hidden;
  background: #fff;
  border: 1px solid var(--edge);
  text-overflow: ellipsis;
  white-space: nowrap;
  cursor: grab;
}
section li.selected {
  outline: 2px solid var(--pine);
}
section li.over {
  box-shadow: 0 -3px 0 var(--pine);
}
section li.rest {
  background: none;
  border: 1px dashed var(--edge);
  color: var(--soft);
  cursor: default;
}
.add {
  display: grid;
  gap: 6px;
}
footer {
  display: flex;
  gap: 10px;
}
.steps {
  display: grid;
  grid-template-columns: repeat(4, 1fr);
  gap: 4px;
}
.steps .el-button {
  padding: 0;
}
.new .el-button {
  justify-self: start;
}
</style>
