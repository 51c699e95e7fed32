<script setup lang="ts">
import { ElButton, ElCheckbox } from 'element-plus'
import { computed } from 'vue'
import type { Page } from '@nolvex/core/site/site'
import { addToMenu, entriesBelow, menusInOrder } from '@nolvex/core/site/menuChanges'
import { sectionsOf } from '@nolvex/core/site/pageChanges'
import ChoiceField from '../forms/ChoiceField.vue'
import PickField from '../forms/PickField.vue'
import { newId } from '../session/newId'
import { useProject } from '../session/projectStore'
import { useMap } from './mapStore'

/** Where a page leads, what leads to it, and the menus it stands in. */
const props = defineProps<{ page: Page }>()
const project = useProject()
const map = useMap()

const out = computed(() => map.ways.linksFrom.get(props.page.id) ?? [])
const into = computed(() => Object.values(map.site.links).filter(({ to }) => to === props.page.id))
const others = computed(() => {
  const { [props.page.id]: own, ...rest } = map.choices
  return own === undefined ? map.choices : rest
})
const sections = computed(() =>
  Object.fromEntries(sectionsOf(map.site.sections, props.page.id).map(({ id, name }) => [id, name])),
)
const menus = computed(() => menusInOrder(map.site.menus))
const entriesIn = (menu: string) =>
  (map.ways.entriesTo.get(props.page.id) ?? []).filter((entry) => entry.menu === menu)

function link(to: string | undefined) {
  if (!to) return
  const id = newId()
  project.changeSite(`Link to ${map.titleOf(to)}`, [
    { type: 'put', collection: 'links', id, record: { id, from: props.page.id, to } },
  ])
}

const remove = (id: string) =>
  project.changeSite('Remove link', [{ type: 'remove', collection: 'links', id }])

function inMenu(menu: string, isIn: boolean) {
  const name = map.site.menus[menu].name
  if (!isIn) {
    const gone = entriesIn(menu).map(({ id }) => ({ type: 'remove' as const, collection: 'menuEntries', id }))
    return project.changeSite(`Take it out of ${name}`, gone)
  }
  const index = entriesBelow(map.site.menuEntries, menu, null).length
  const entry = { id: newId(), page: props.page.id }
  project.changeSite(`Put it in ${name}`, addToMenu(map.site.menuEntries, menu, null, index, [entry]))
}
</script>

<template>
  <div class="part-body">
    <h3>Menus</h3>
    <p v-if="menus.length === 0" class="soft">There is no menu yet; make one under Menus.</p>
    <ElCheckbox
      v-for="menu in menus"
      :key="menu.id"
      :model-value="entriesIn(menu.id).length > 0"
      @change="inMenu(menu.id, $event as boolean)"
      >{{ menu.name }}</ElCheckbox
    >
    <h3>Links from here</h3>
    <div v-for="one in out" :key="one.id" class="link">
      <span dir="auto">{{ map.titleOf(one.to) }}</span>
      <ElButton link :aria-label="`Remove the link to ${map.titleOf(one.to)}`" @click="remove(one.id)">
        Remove
      </ElButton>
      <ChoiceField
        v-if="Object.keys(sections).length"
        class="from"
        label="From section"
        hide-label
        :value="one.section"
        :choices="sections"
        none="anywhere on the page"
        @change="project.setSite('Change where a link stands', 'links', one.id, ['section'], $event)"
      />
    </div>
    <PickField
      label="Add a link to"
      :value="undefined"
      :choices="others"
      none="Choose a page"
      @change="link"
    />
    <h3>Links to here</h3>
    <p v-if="into.length === 0" class="soft">None besides menus.</p>
    <p v-for="one in into" :key="one.id" dir="auto">{{ map.titleOf(one.from) }}</p>
  </div>
</template>

<style scoped>
.link {
  display: grid;
  grid-template-columns: 1fr auto;
  gap: 2px 8px;
  padding-bottom: 4px;
  border-bottom: 1px solid var(--hairline);
}
.from {
  grid-column: 1 / -1;
}
</style>
