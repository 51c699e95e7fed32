<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed } from 'vue'
import { fieldsOf } from '@nolvex/core/block/blockFields'
import type { Block } from '@nolvex/core/block/block'
import { variesAt, type Field } from '@nolvex/core/block/field'
import type { Json } from '@nolvex/core/document/types'
import { setLeaf } from '@nolvex/core/edit/blockChanges'
import { copiesByShared, pagesShowing } from '@nolvex/core/edit/sharedUses'
import { blockValue } from '@nolvex/core/resolve/blockLayers'
import { valuesOf } from '@nolvex/core/resolve/scope'
import { CHILDREN, type Shared, type SharedValue } from '@nolvex/core/style/shared'
import { useProject } from '../../session/projectStore'
import type { FieldState } from '../fields/useFields'
import LeafRow from '../LeafRow.vue'
import { useDraftingPage } from '../useDraftingPage'

/** A selected copy: what it follows, what it says otherwise, and what it may say otherwise. */
const props = defineProps<{ copy: Block }>()
const emit = defineEmits<{ loose: []; trouble: [says: string] }>()
const project = useProject()
const page = useDraftingPage()

const shared = computed(
  () => project.style.records.shared[String(props.copy.data?.shared)] as Shared | undefined,
)
const blocks = computed(() => (shared.value && project.drawing(shared.value.id)?.records.blocks) ?? {})
const uses = computed(() => {
  if (!shared.value) return ''
  const documents = project.view.documents
  const copies = copiesByShared(documents).get(shared.value.id)?.length ?? 0
  const pages = pagesShowing(documents, shared.value.id).size
  return `${copies === 1 ? '1 copy' : `${copies} copies`} on ${pages === 1 ? '1 page' : `${pages} pages`}`
})

/** A named value as a field of the copy, shown as the original's leaf is. */
function stateOf({ id, label, block, leaf }: SharedValue): FieldState | undefined {
  const original = blocks.value[block] as Block | undefined
  const path = leaf.split('.')
  if (!original) return undefined
  const valueOf = (at: string[]) => blockValue(original, at, page.at.value).value
  const own = fieldsOf(original, { value: valueOf }).find(
    (field) => String(field.path) === leaf.replaceAll('.', ','),
  )
  if (!own) return undefined
  const field: Field = { ...own, label, path: ['values', id], also: undefined, varies: variesAt(path) }
  const at = field.varies ? page.at.value : { ...page.at.value, band: page.bands.value.lead }
  const said = blockValue(props.copy, field.path, at).value
  const value = said ?? blockValue(original, path, page.at.value).value
  return { field, value, isMixed: false, differs: said !== undefined, block: original, valueOf }
}
const states = computed(() =>
  shared.value
    ? valuesOf(project.style, shared.value.id)
        .filter(({ leaf }) => leaf !== CHILDREN)
        .flatMap((value) => stateOf(value) ?? [])
    : [],
)
const differing = computed(() => states.value.filter(({ differs }) => differs).length)

function write({ field }: FieldState, value: Json | undefined) {
  const at = field.varies ? page.at.value : { ...page.at.value, band: page.bands.value.lead }
  page.change(`Change ${field.label}`, setLeaf([props.copy.id], field.path, value, at))
}
function giveBack() {
  const said = Object.keys(props.copy.values ?? {})
  const bands = Object.entries(props.copy.at ?? {})
  page.change(`Make it as ${shared.value?.name} again`, [
    ...said.map((id) => clear(['values', id])),
    ...bands.flatMap(([band, { values = {} }]) =>
      Object.keys(values).map((id) => clear(['at', band, 'values', id])),
    ),
  ])
}
const clear = (path: string[]) => ({ type: 'set' as const, collection: 'blocks', id: props.copy.id, path })
const enter = () => page.enter(page.selection.value[0])
</script>

<template>
  <section v-if="shared" class="copy">
    <p>
      Follows <b dir="auto">{{ shared.name }}</b>, <span class="soft">{{ uses }}</span>
    </p>
    <div class="do">
      <ElButton title="Alt+Enter, or double-click it" @click="enter">Edit the original</ElButton>
      <ElButton title="Alt+I" @click="emit('loose')">Make independent…</ElButton>
    </div>
    <template v-if="states.length">
      <h3>May differ</h3>
      <LeafRow
        v-for="state in states"
        :key="state.field.path.join('.')"
        :state="state"
        from="the original"
        @write="write(state, $event)"
        @trouble="emit('trouble', $event)"
      />
      <ElButton v-if="differing" link @click="giveBack">
        {{ differing === 1 ? 'Give back what differs' : `Give back all ${differing} that differ` }}
      </ElButton>
    </template>
    <p v-else class="soft">
      Nothing differs from the original. Edit it and choose “Only this one” to say something else here.
    </p>
  </section>
  <p v-else class="trouble-text">The shared block was deleted. Undo brings it back.</p>
</template>

<style scoped>
.copy {
  display: grid;
  gap: 6px;
  justify-items: start;
  margin-top: 8px;
}
.copy :deep(.leaf) {
  width: 100%;
}
.do {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
}
.do .el-button {
  margin: 0;
}
</style>
