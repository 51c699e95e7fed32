<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed } from 'vue'
import { useRouter } from 'vue-router'
import type { Block } from '@nolvex/core/block/block'
import { plainLevel } from '@nolvex/core/block/textStyle'
import { putAmong } from '@nolvex/core/document/placing'
import { inOrder } from '@nolvex/core/document/tree'
import { drawingKind, putBlock } from '@nolvex/core/drawing/drawing'
import { px } from '@nolvex/core/units/length'
import AddLine from '../../forms/AddLine.vue'
import { newId } from '../../session/newId'
import { useProject } from '../../session/projectStore'
import { useDraftingPage } from '../useDraftingPage'

/** What is shown over this page: menus, dialogs, pictures enlarged, each a drawing of its own. */
const page = useDraftingPage()
const project = useProject()
const router = useRouter()
const over = computed(() => page.overlay.value?.record.page ?? page.page.value)
const overlays = computed(() =>
  inOrder(Object.values(project.site.records.overlays).filter((one) => one.page === over.value)),
)
/** How many blocks of the project show it. */
const shownBy = (id: string) =>
  Object.values(project.view.documents)
    .filter(({ kind }) => kind === 'drawing')
    .flatMap(({ records }) => Object.values(records.blocks ?? {}) as unknown as Block[])
    .filter(({ data }) => (data?.to as { overlay?: string } | undefined)?.overlay === id).length

const open = (id: string) => router.push({ name: page.as.value, params: { project: project.id, page: id } })

/** An overlay begins with a section that says its name and can be closed. */
function add(name: string) {
  const id = newId()
  const [section, heading, close] = [newId(), newId(), newId()]
  const around = px(32)
  const blocks: Block[] = [
    {
      ...{ id: section, kind: 'section', order: 'a0', name },
      arrange: { padding: { top: around, right: around, bottom: around, left: around } },
    },
    {
      ...{ id: heading, kind: 'text', parent: section, order: 'a0', tag: 'h2', text: [{ insert: name }] },
      look: { level: plainLevel('h2') },
    },
    {
      ...{ id: close, kind: 'button', parent: section, order: 'a1', variant: 'secondary' },
      ...{ text: [{ insert: 'Close' }], data: { to: { closes: true } } },
    },
  ]
  const made = [{ id, page: over.value, name }]
  project.change(`Add the overlay ${name}`, [
    {
      document: 'site',
      kind: 'site',
      operations: putAmong('overlays', overlays.value, overlays.value.length, made),
    },
    { document: id, kind: drawingKind.kind, operations: blocks.map(putBlock) },
  ])
  void open(id)
}
async function remove(id: string, name: string) {
  if (page.page.value === id) await open(over.value)
  project.changeSite(`Delete the overlay ${name}`, [{ type: 'remove', collection: 'overlays', id }])
}
</script>

<template>
  <p class="soft">
    A menu, a dialog, a picture enlarged: drawn by itself, shown over the page. A button or a link shows it
    where “leads to” names it.
  </p>
  <ul>
    <li v-for="{ id, name } in overlays" :key="id">
      <ElButton link :aria-current="page.page.value === id || undefined" @click="open(id)">{{
        name
      }}</ElButton>
      <span class="soft">shown by {{ shownBy(id) }}</span>
      <ElButton link :aria-label="`Delete the overlay ${name}`" @click="remove(id, name)">Delete</ElButton>
    </li>
  </ul>
  <AddLine label="Add an overlay" placeholder="Name of an overlay" :max="100" @add="add" />
  <ElButton v-if="page.overlay.value" class="back" link @click="open(over)">Back to the page</ElButton>
</template>

<style scoped>
ul {
  display: grid;
  gap: 4px;
  margin: 0 0 10px;
  padding: 0;
  list-style: none;
}
li {
  display: grid;
  grid-template-columns: 1fr auto auto;
  gap: 8px;
  align-items: center;
  justify-items: start;
}
.back {
  align-self: start;
  margin-top: 8px;
}
</style>
