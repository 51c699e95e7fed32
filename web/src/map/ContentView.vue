<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed, ref } from 'vue'
import SideEntry from '../forms/SideEntry.vue'
import { newId } from '../session/newId'
import { useProject } from '../session/projectStore'
import CollectionTable from './CollectionTable.vue'
import ContentInventory from './ContentInventory.vue'

/** What content the site needs: the inventory, and collections of like records. */
const project = useProject()
const open = ref<string>()
const collection = computed(() => project.collections.find(({ id }) => id === open.value))

function addCollection() {
  const id = newId()
  const names = [
    ['Name', 'text'],
    ['Text', 'text'],
  ] as const
  project.change('Add collection', [
    {
      document: id,
      kind: 'collection',
      operations: [
        {
          type: 'put',
          collection: 'settings',
          id: 'collection',
          record: { id: 'collection', name: 'New collection' },
        },
        ...names.map(([name, type], index) => {
          const field = newId()
          return {
            type: 'put' as const,
            collection: 'fields',
            id: field,
            record: { id: field, order: `a${index}`, name, type },
          }
        }),
      ],
    },
  ])
  open.value = id
}
</script>

<template>
  <aside class="side-list">
    <SideEntry :current="!collection" @click="open = undefined">
      <b>Content inventory</b>
      <span class="soft">{{ Object.keys(project.content.records.items).length }} items</span>
    </SideEntry>
    <h3>Collections</h3>
    <p v-if="project.collections.length === 0" class="soft">
      Tables of like records: isles, sailings, notices. A page can stand for each of their rows.
    </p>
    <SideEntry
      v-for="one in project.collections"
      :key="one.id"
      :current="one.id === open"
      @click="open = one.id"
    >
      <b>{{ one.records.settings.collection?.name || 'Untitled' }}</b>
      <span class="soft">{{ Object.keys(one.records.rows).length }} rows</span>
    </SideEntry>
    <ElButton @click="addCollection">Add a collection</ElButton>
  </aside>
  <CollectionTable v-if="collection" :key="collection.id" :collection="collection" @gone="open = undefined" />
  <ContentInventory v-else />
</template>
