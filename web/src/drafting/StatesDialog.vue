<script setup lang="ts">
import { ElButton, ElDialog } from 'element-plus'
import { computed } from 'vue'
import { kindOf, type Block } from '@nolvex/core/block/block'
import { PART_STATE_NAMES, type PartState } from '@nolvex/core/block/partState'
import { PART_STATES } from '@nolvex/core/style/part'
import { useProject } from '../session/projectStore'
import StateSpecimen from './StateSpecimen.vue'
import { useDraftingPage } from './useDraftingPage'

/** Every block of the page that has states, in all of them side by side; blocks that look alike stand there once. */
const isOpen = defineModel<boolean>({ required: true })
const page = useDraftingPage()
const project = useProject()
const ROOM = 190

interface Row {
  key: string
  name: string
  states: readonly PartState[]
}
const blockOf = ({ document, record }: { document: string; record: string }): Block | undefined =>
  project.drawing(document)?.records.blocks[record]

const rows = computed((): Row[] => {
  const seen = new Set<string>()
  const found: Row[] = []
  for (const { key, box } of page.placed.value.values()) {
    const block = box.node.isPart ? undefined : blockOf(box.node.origin)
    const states = block && kindOf(block).states
    if (!block || !states || isHolder(block)) continue
    const alike = JSON.stringify([block.kind, block.variant, block.look, block.states, block.at])
    if (seen.has(alike)) continue
    seen.add(alike)
    found.push({ key, name: box.node.name, states })
  }
  return found
})
/** Boxes and series are shown where they say something of a state themselves. */
const isHolder = ({ kind, states }: Block) => (kind === 'box' || kind === 'series') && !states
const columns = computed(() =>
  PART_STATE_NAMES.filter((state) => rows.value.some(({ states }) => states.includes(state))),
)

function show(key: string, state: PartState | undefined) {
  isOpen.value = false
  page.panel.value = undefined
  page.select([key])
  // Once it is selected: what is selected anew is at rest.
  setTimeout(() => (page.blockState.value = state))
}
</script>

<template>
  <ElDialog v-model="isOpen" title="States of this page’s blocks" width="92%" top="4vh">
    <p v-if="rows.length === 0" class="soft">
      Nothing on this page has states. Buttons, links, fields and menus have them.
    </p>
    <div v-else class="table">
      <table>
        <thead>
          <tr>
            <th scope="col">Block</th>
            <th scope="col">at rest</th>
            <th v-for="state in columns" :key="state" scope="col">{{ PART_STATES[state] }}</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="row in rows" :key="row.key">
            <th scope="row" dir="auto">{{ row.name }}</th>
            <td v-for="state in [undefined, ...columns]" :key="state ?? 'rest'">
              <span v-if="state === undefined || row.states.includes(state)" class="cell">
                <StateSpecimen :of="row.key" :state="state" :room="ROOM" />
                <!-- Beside it, not around it: the words of what is shown are no part of the button's name. -->
                <ElButton
                  class="choose"
                  text
                  :aria-label="`${row.name}, ${state ? PART_STATES[state] : 'at rest'}`"
                  @click="show(row.key, state)"
                />
              </span>
              <span v-else class="soft" aria-hidden="true">–</span>
            </td>
          </tr>
        </tbody>
      </table>
    </div>
  </ElDialog>
</template>

<style scoped>
.table {
  max-height: 74vh;
  overflow: auto;
}
table {
  border-collapse: collapse;
}
th,
td {
  padding: 6px 10px 6px 0;
  font-weight: 400;
  text-align: left;
  vertical-align: middle;
  border-bottom: 1px solid var(--hairline);
}
thead th {
  position: sticky;
  z-index: 1;
  top: 0;
  color: var(--soft);
  background: var(--paper);
}
tbody th {
  max-width: 160px;
  font-weight: 600;
}
.cell {
  position: relative;
  display: inline-block;
}
.choose.el-button {
  position: absolute;
  inset: 0;
  width: 100%;
  height: 100%;
  background: none;
}
.choose.el-button:hover {
  outline: 2px solid var(--pine);
}
</style>
