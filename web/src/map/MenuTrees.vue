<script setup lang="ts">
import { computed } from 'vue'
import { entryLabel, menuLines, menusInOrder } from '@nolvex/core/site/menuChanges'
import { useMap } from './mapStore'

/** The menus as trees of their own, beside the tree of pages. */
const map = useMap()
const menus = computed(() =>
  menusInOrder(map.site.menus).map((menu) => ({
    menu,
    lines: menuLines(map.site.menuEntries, menu.id).map(({ entry, depth }) => ({
      entry,
      depth,
      label: entryLabel(entry, map.pages),
    })),
  })),
)
</script>

<template>
  <div class="menus">
    <section v-for="{ menu, lines } in menus" :key="menu.id">
      <h3>{{ menu.name }}</h3>
      <ol>
        <li
          v-for="{ entry, depth, label } in lines"
          :key="entry.id"
          :style="{ marginLeft: `${depth * 18}px` }"
          :class="{ below: depth > 0 }"
          dir="auto"
        >
          {{ label }}
        </li>
        <li v-if="lines.length === 0" class="soft">nothing in it yet</li>
      </ol>
    </section>
  </div>
</template>

<style scoped>
.menus {
  display: flex;
  gap: 24px;
}
section {
  width: 168px;
}
h3 {
  padding: 3px 8px;
  background: var(--ink);
  color: var(--paper);
}
ol {
  margin: 6px 0 0;
  padding: 0;
  list-style: none;
}
li {
  position: relative;
  margin-bottom: 4px;
  padding: 0 8px;
  overflow: hidden;
  background: var(--paper);
  border: 1px solid var(--edge);
  text-overflow: ellipsis;
  white-space: nowrap;
}
.below::before {
  content: '';
  position: absolute;
  left: -10px;
  top: 9px;
  width: 9px;
  border-top: 1px solid var(--edge);
}
</style>
