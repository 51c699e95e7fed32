<script setup lang="ts">
import { ElButton, ElDialog } from 'element-plus'
import { computed } from 'vue'
import { inOrder } from '@nolvex/core/document/tree'
import { copiesByShared, pagesShowing } from '@nolvex/core/edit/sharedUses'
import LineInput from '../../forms/LineInput.vue'
import { useProject } from '../../session/projectStore'

/** The shared blocks and own patterns of the project: their names, and which pages use them. */
const open = defineModel<boolean>({ required: true })
const emit = defineEmits<{ page: [page: string] }>()
const project = useProject()

const shared = computed(() => {
  const documents = project.view.documents
  const copies = copiesByShared(documents)
  return inOrder(Object.values(project.style.records.shared)).map(({ id, name }) => ({
    id,
    name,
    count: copies.get(id)?.length ?? 0,
    pages: [...pagesShowing(documents, id)].flatMap((page) => project.site.records.pages[page] ?? []),
  }))
})
const patterns = computed(() => inOrder(Object.values(project.style.records.patterns)))

function changeStyle(label: string, collection: 'shared' | 'patterns', id: string, name?: string) {
  const operation = name
    ? { type: 'set' as const, collection, id, path: ['name'], value: name }
    : { type: 'remove' as const, collection, id }
  project.change(label, [{ document: project.style.id, kind: 'style', operations: [operation] }])
}
function goTo(page: string) {
  open.value = false
  emit('page', page)
}
const MOST = 8
</script>

<template>
  <ElDialog v-model="open" title="Shared blocks and patterns of this project" width="720" top="8vh">
    <h3>Shared blocks</h3>
    <p v-if="shared.length === 0" class="soft">
      None yet. Select blocks that stand on several pages, and press Alt+S: they are drawn once and copied.
    </p>
    <div v-for="one in shared" :key="one.id" class="one">
      <LineInput
        class="name"
        :label="`Name of ${one.name}`"
        :value="one.name"
        :max="100"
        @change="$event && changeStyle('Rename shared block', 'shared', one.id, $event)"
      />
      <span class="uses">
        <span class="soft"
          >{{ one.count === 1 ? '1 copy' : `${one.count} copies` }}{{ one.pages.length ? ' on' : '' }}</span
        >
        <ElButton v-for="page in one.pages.slice(0, MOST)" :key="page.id" link @click="goTo(page.id)">
          {{ page.title || 'Untitled' }}
        </ElButton>
        <span v-if="one.pages.length > MOST" class="soft">and {{ one.pages.length - MOST }} more</span>
      </span>
      <ElButton
        link
        :disabled="one.count > 0"
        :title="
          one.count ? 'Its copies would show nothing. Make them independent or delete them first.' : undefined
        "
        @click="changeStyle(`Delete shared block ${one.name}`, 'shared', one.id)"
      >
        Delete
      </ElButton>
    </div>
    <h3>Own section patterns</h3>
    <p v-if="patterns.length === 0" class="soft">
      None yet. Select a section, and press Alt+K: it is kept as it is drawn, for other pages.
    </p>
    <div v-for="one in patterns" :key="one.id" class="one">
      <LineInput
        class="name"
        :label="`Name of ${one.name}`"
        :value="one.name"
        :max="100"
        @change="$event && changeStyle('Rename pattern', 'patterns', one.id, $event)"
      />
      <span class="uses" />
      <ElButton link @click="changeStyle(`Delete pattern ${one.name}`, 'patterns', one.id)">Delete</ElButton>
    </div>
  </ElDialog>
</template>

<style scoped>
.one {
  display: flex;
  gap: 12px;
  align-items: baseline;
  padding: 6px 0;
  border-bottom: 1px solid var(--hairline);
}
.name {
  flex: 0 0 180px;
}
.uses {
  display: flex;
  flex: 1;
  flex-wrap: wrap;
  gap: 2px 8px;
}
.uses .el-button {
  margin: 0;
}
</style>
