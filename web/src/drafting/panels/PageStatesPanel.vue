<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed } from 'vue'
import { removePageState } from '@nolvex/core/edit/pageStateChanges'
import { putAmong } from '@nolvex/core/document/placing'
import { inOrder } from '@nolvex/core/document/tree'
import { USUAL_STATE } from '@nolvex/core/site/pageState'
import AddLine from '../../forms/AddLine.vue'
import LineInput from '../../forms/LineInput.vue'
import { newId } from '../../session/newId'
import { useProject } from '../../session/projectStore'
import { useDraftingPage } from '../useDraftingPage'

/** The states the page as a whole may be in, and what is otherwise in each. */
const page = useDraftingPage()
const project = useProject()

const states = computed(() =>
  page.pageStates.value
    .filter((id) => id !== USUAL_STATE)
    .map((id) => ({ ...project.site.records.pageStates[id], ...differing(id) })),
)
/** How many blocks are shown in a state alone, and how many of the usual ones it leaves out. */
function differing(id: string) {
  const blocks = Object.values(page.blocks.value)
  const usual = ({ shownWhen }: { shownWhen?: string[] }) => shownWhen?.includes(USUAL_STATE) ?? true
  const here = ({ shownWhen }: { shownWhen?: string[] }) => shownWhen?.includes(id) ?? true
  return {
    added: blocks.filter((block) => here(block) && !usual(block)).length,
    left: blocks.filter((block) => usual(block) && !here(block)).length,
  }
}

function add(name: string) {
  const id = newId()
  const known = inOrder(states.value)
  const made = [{ id, page: page.page.value, name }]
  project.changeSite(`Add the state ${name}`, putAmong('pageStates', known, known.length, made))
  page.pageState.value = id
}
const rename = (id: string, name: string) =>
  name && project.setSite('Rename a state of the page', 'pageStates', id, ['name'], name)
function remove(id: string, name: string) {
  page.pageState.value = USUAL_STATE
  project.change(
    `Delete the state ${name}`,
    removePageState(id, page.page.value, project.drawing(page.page.value)),
  )
}
const show = (id: string) => (page.pageState.value = id)
</script>

<template>
  <p class="soft">
    An empty list, an error, a visitor who has signed in: in a state, what you add is shown there alone, and
    what you delete stays in the others. Everything else is the same blocks.
  </p>
  <ul>
    <li>
      <ElButton link :aria-pressed="page.pageState.value === USUAL_STATE" @click="show(USUAL_STATE)"
        >as usual</ElButton
      >
    </li>
    <li v-for="{ id, name, added, left } in states" :key="id">
      <ElButton link :aria-pressed="page.pageState.value === id" @click="show(id)">show</ElButton>
      <LineInput label="Name of the state" :value="name" @change="rename(id, $event)" />
      <ElButton link :aria-label="`Delete the state ${name}`" @click="remove(id, name)">Delete</ElButton>
      <span class="soft">{{ added }} of its own, {{ left }} left out</span>
    </li>
  </ul>
  <AddLine label="Add a state" placeholder="Empty list" :max="100" @add="add" />
</template>

<style scoped>
ul {
  display: grid;
  gap: 6px;
  margin: 0 0 10px;
  padding: 0;
  list-style: none;
}
li {
  display: grid;
  grid-template-columns: auto 1fr auto;
  gap: 2px 8px;
  align-items: center;
}
li .soft {
  grid-column: 2 / -1;
}
</style>
