<script setup lang="ts">
import { computed, shallowRef, watch } from 'vue'
import { VueDraggable, type DraggableEvent } from 'vue-draggable-plus'
import { addToMenu, entriesBelow, entryLabel, moveInMenu } from '@nolvex/core/site/menuChanges'
import type { MenuEntry } from '@nolvex/core/site/menu'
import type { Page } from '@nolvex/core/site/site'
import { newId } from '../session/newId'
import { useProject } from '../session/projectStore'
import { useMap } from './mapStore'

/** The lines of a menu at one level, each with those below it; lines and pages are pulled in at any level. */
const props = defineProps<{ menu: string; parent: string | null }>()
const selected = defineModel<string>('selected')
const project = useProject()
const map = useMap()

const lines = computed(() => entriesBelow(map.site.menuEntries, props.menu, props.parent))
/** While a line is pulled the list shows it where it would stand. */
const shown = shallowRef<MenuEntry[]>([])
const settle = () => (shown.value = [...lines.value])
watch(lines, settle, { immediate: true })

/** A line from elsewhere, or a page from the list of pages. */
function added({ data, newIndex = 0 }: DraggableEvent<MenuEntry | { page: Page }>) {
  if ('menu' in data) moveHere(data.id, newIndex)
  else {
    const id = newId()
    project.changeSite(
      `Put ${data.page.title || 'Untitled'} in ${map.site.menus[props.menu].name}`,
      addToMenu(map.site.menuEntries, props.menu, props.parent, newIndex, [{ id, page: data.page.id }]),
    )
    selected.value = id
  }
  settle()
}

function moved({ data, newIndex = 0 }: DraggableEvent<MenuEntry>) {
  moveHere(data.id, newIndex)
}

function moveHere(id: string, index: number) {
  project.changeSite('Move in menu', moveInMenu(map.site.menuEntries, id, props.menu, props.parent, index))
  selected.value = id
}
</script>

<template>
  <!-- Pulled by pointer and not by the browser's own dragging, which shows nothing of where a line would stand. -->
  <VueDraggable
    v-model="shown"
    tag="ol"
    class="menu-lines"
    group="menu"
    :animation="100"
    force-fallback
    :fallback-tolerance="4"
    :empty-insert-threshold="4"
    @add="added"
    @update="moved"
  >
    <li v-for="entry in shown" :key="entry.id" :data-entry="entry.id" dir="auto">
      <span class="line" :class="{ selected: selected === entry.id }" @click.stop="selected = entry.id">
        {{ entryLabel(entry, map.pages) }}
        <span v-if="entry.page && entry.label" class="soft">{{ map.titleOf(entry.page) }}</span>
        <span v-else-if="entry.address" class="soft">external</span>
        <span v-else-if="!entry.page" class="soft">words only</span>
      </span>
      <MenuLines v-model:selected="selected" :menu="menu" :parent="entry.id" />
    </li>
  </VueDraggable>
</template>

<style scoped>
.menu-lines {
  min-height: 6px;
  margin: 0;
  padding: 0;
  list-style: none;
}
li .menu-lines {
  padding-left: 20px;
}
.line {
  display: block;
  padding: 3px 8px;
  overflow: hidden;
  background: #fff;
  border: 1px solid var(--edge);
  text-overflow: ellipsis;
  white-space: nowrap;
  cursor: grab;
}
.line.selected {
  outline: 2px solid var(--pine);
}
.sortable-ghost > .line {
  background: var(--pine-tint);
  border-color: var(--pine);
  border-style: dashed;
}
</style>
