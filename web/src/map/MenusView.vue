<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed, ref } from 'vue'
import { VueDraggable } from 'vue-draggable-plus'
import { putAmong } from '@nolvex/core/document/placing'
import { addToMenu, entriesBelow, menuLines, menusInOrder, menuSize } from '@nolvex/core/site/menuChanges'
import type { Menu } from '@nolvex/core/site/menu'
import { pagesInOrder } from '@nolvex/core/site/treeOrder'
import AddLine from '../forms/AddLine.vue'
import ChoiceField from '../forms/ChoiceField.vue'
import PickField from '../forms/PickField.vue'
import TextField from '../forms/TextField.vue'
import { newId } from '../session/newId'
import { useProject } from '../session/projectStore'
import { useMap } from './mapStore'
import MenuLineParticulars from './MenuLineParticulars.vue'
import MenuLines from './MenuLines.vue'
import { useMenuLine } from './useMenuLine'

/** Menus, each a list of its own with sub-levels, built by dragging pages in. */
const project = useProject()
const map = useMap()
const selected = ref<string>()
const KINDS = { main: 'Main', footer: 'Footer', utility: 'Utility', other: 'Other' } as const

const pages = computed(() => pagesInOrder(map.pages))
const sources = computed(() => pages.value.map(({ page, depth }) => ({ page, depth })))
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
</script>

<template>
  <aside class="source" aria-label="Pages to drag into menus">
    <h3>Pages</h3>
    <p class="soft">
      Drag a page into a menu, at any level. It may stand in several, and under another label.
    </p>
    <!-- A page is copied out of this list; nothing is put into it. -->
    <VueDraggable
      :model-value="sources"
      tag="ol"
      :group="{ name: 'menu', pull: 'clone', put: false }"
      :sort="false"
      force-fallback
      :fallback-tolerance="4"
    >
      <li
        v-for="{ page, depth } in sources"
        :key="page.id"
        :style="{ paddingLeft: `${depth * 14}px` }"
        :data-page="page.id"
        dir="auto"
      >
        {{ page.title || 'Untitled' }}
        <span v-if="map.ways.entriesTo.has(page.id)" class="soft"
          >in {{ map.ways.entriesTo.get(page.id)?.length }}</span
        >
      </li>
    </VueDraggable>
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
        <MenuLines v-model:selected="selected" :menu="menu.id" :parent="null" />
        <p v-if="lines.length === 0" class="soft">Drag the first page here, or choose it below.</p>
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
  <MenuLineParticulars
    v-if="entry"
    :key="entry.id"
    :entry="entry"
    @shift="shift"
    @in="moveIn"
    @out="moveOut"
    @remove="remove"
  />
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
.add {
  display: grid;
  gap: 6px;
}
footer {
  display: flex;
  gap: 10px;
}
.new .el-button {
  justify-self: start;
}
</style>
