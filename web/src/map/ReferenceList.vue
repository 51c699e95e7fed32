<script setup lang="ts">
import { computed, ref } from 'vue'
import { inOrder } from '@nolvex/core/document/tree'
import { putAmong } from '@nolvex/core/document/placing'
import AddLine from '../forms/AddLine.vue'
import TextField from '../forms/TextField.vue'
import { api, assetAddress } from '../session/api'
import { newId } from '../session/newId'
import { useProject } from '../session/projectStore'
import { useMap } from './mapStore'

/** Pictures, sketches and addresses to look at, each with a note: of a page, or of the whole project. */
const props = defineProps<{ page?: string }>()
const project = useProject()
const map = useMap()
const trouble = ref('')
const list = computed(() =>
  inOrder(Object.values(map.site.references).filter(({ page }) => page === props.page)),
)

function put(fields: { title: string; address?: string; asset?: string; isFile?: boolean }) {
  const record = { id: newId(), ...fields, ...(props.page ? { page: props.page } : {}) }
  project.changeSite('Add reference', putAmong('references', list.value, list.value.length, [record]))
}

function add(typed: string) {
  put(
    /^https?:\/\//i.test(typed)
      ? { title: typed.replace(/^https?:\/\//i, ''), address: typed }
      : { title: typed },
  )
}

async function addFiles(files: FileList | null | undefined) {
  trouble.value = ''
  for (const file of files ?? []) {
    try {
      const { id, type } = await api.addFile(project.id, file)
      put({ title: file.name, asset: id, ...(type.startsWith('image/') ? {} : { isFile: true }) })
    } catch (error) {
      trouble.value = (error as Error).message
    }
  }
}

const safe = (address: string) => (/^https?:\/\//i.test(address) ? address : undefined)
const remove = (id: string) =>
  project.changeSite('Remove reference', [{ type: 'remove', collection: 'references', id }])
</script>

<template>
  <ul class="references">
    <li v-for="one in list" :key="one.id">
      <img v-if="one.asset && !one.isFile" :src="assetAddress(project.id, one.asset)" :alt="one.title" />
      <TextField
        label="Title"
        hide-label
        :value="one.title"
        @change="project.setSite('Rename reference', 'references', one.id, ['title'], $event ?? '')"
      />
      <a v-if="one.asset && one.isFile" :href="assetAddress(project.id, one.asset)" download>Take the file</a>
      <a
        v-if="one.address && safe(one.address)"
        :href="safe(one.address)"
        target="_blank"
        rel="noreferrer noopener"
        >{{ one.address }}</a
      >
      <TextField
        label="Note"
        :rows="2"
        :value="one.note"
        placeholder="What is good about it, what is not?"
        @change="project.setSite('Change note', 'references', one.id, ['note'], $event)"
      />
      <button class="plain" :aria-label="`Remove ${one.title}`" @click="remove(one.id)">Remove</button>
    </li>
  </ul>
  <AddLine label="A reference or address" placeholder="Something to look at, or its address" @add="add" />
  <label class="plain picture" @dragover.prevent @drop.prevent="addFiles($event.dataTransfer?.files)">
    Add a picture, sketch or file…
    <input
      type="file"
      multiple
      class="visually-hidden"
      @change="addFiles(($event.target as HTMLInputElement).files)"
    />
  </label>
  <p v-if="trouble" class="trouble-text" role="alert">{{ trouble }}</p>
</template>

<style scoped>
.references {
  margin: 0;
  padding: 0;
  list-style: none;
}
li {
  display: grid;
  gap: 4px;
  margin-bottom: 10px;
  padding-bottom: 8px;
  border-bottom: 1px solid var(--hairline);
}
img {
  max-width: 100%;
  max-height: 160px;
  border: 1px solid var(--hairline);
}
a {
  overflow-wrap: anywhere;
  color: var(--pine);
}
li .plain {
  justify-self: start;
}
.picture:focus-within {
  outline: 2px solid var(--pine);
}
</style>
