<script setup lang="ts">
import { computed, ref } from 'vue'
import { inOrder } from '@nolvex/core/document/tree'
import { putAmong } from '@nolvex/core/document/placing'
import FilePick from '../forms/FilePick.vue'
import RecordList from '../forms/RecordList.vue'
import TextField from '../forms/TextField.vue'
import TroubleNote from '../forms/TroubleNote.vue'
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

async function addFiles(files: File[]) {
  trouble.value = ''
  for (const file of files) {
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
  <RecordList
    :records="list"
    :name-of="({ title }) => title"
    :add="{ label: 'A reference or address', placeholder: 'Something to look at, or its address' }"
    ordered
    @add="add"
    @move="(one, index) => project.moveRecord('Move reference', 'references', list, one.id, index)"
    @remove="remove($event.id)"
  >
    <template #default="{ one }">
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
    </template>
  </RecordList>
  <div class="files" @dragover.prevent @drop.prevent="addFiles([...($event.dataTransfer?.files ?? [])])">
    <FilePick class="words" words="Add a picture, sketch or file…" accept="" several @files="addFiles" />
  </div>
  <TroubleNote :says="trouble" closable @close="trouble = ''" />
</template>

<style scoped>
img {
  max-width: 100%;
  max-height: 160px;
  border: 1px solid var(--hairline);
}
a {
  overflow-wrap: anywhere;
  color: var(--pine);
}
</style>
