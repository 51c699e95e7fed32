<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed, ref } from 'vue'
import { contentNumber, type ContentItem } from '@nolvex/core/content/content'
import type { Operation } from '@nolvex/core/document/types'
import { sectionsOf } from '@nolvex/core/site/pageChanges'
import { PICTURE_TYPES } from '../pictures/pictureTypes'
import TroubleNote from '../forms/TroubleNote.vue'
import FilePick from '../forms/FilePick.vue'
import ChoiceField from '../forms/ChoiceField.vue'
import PickField from '../forms/PickField.vue'
import TextField from '../forms/TextField.vue'
import { assetAddress } from '../session/api'
import { takePicture } from '../session/takePicture'
import { useProject } from '../session/projectStore'
import { KIND_WORDS, STATE_WORDS } from './contentWords'
import { useMap } from './mapStore'

/** The chosen content items: what is written here is written on all of them, as one step. */
const props = defineProps<{ items: ContentItem[] }>()
const emit = defineEmits<{ remove: [] }>()
const project = useProject()
const map = useMap()
const trouble = ref('')

const single = computed(() => (props.items.length === 1 ? props.items[0] : undefined))

function set(label: string, fields: Record<string, string | undefined>) {
  const operations = props.items.flatMap(({ id }) =>
    Object.entries(fields).map(([field, value]): Operation => {
      return {
        type: 'set',
        collection: 'items',
        id,
        path: [field],
        ...(value === undefined ? {} : { value }),
      }
    }),
  )
  const count = props.items.length
  project.changeContent(count === 1 ? label : `${label} of ${count} items`, operations)
}

/** The value all of them have in common. */
function common<F extends 'state' | 'kind' | 'page' | 'section' | 'owner' | 'source'>(field: F) {
  const [first] = props.items
  return props.items.every((item) => item[field] === first[field]) ? first[field] : undefined
}
const severalUnless = (value: string | undefined) => (value ? undefined : 'Several')

const sections = computed(() => {
  const page = common('page')
  return page ? Object.fromEntries(sectionsOf(map.site.sections, page).map(({ id, name }) => [id, name])) : {}
})

function write(text: string | undefined) {
  set('Write content', { text, ...(text && single.value?.state === 'missing' ? { state: 'draft' } : {}) })
}

async function addPicture([file]: File[]) {
  trouble.value = ''
  try {
    const { id } = await takePicture(project.id, file)
    set('Choose the picture', { asset: id, ...(single.value?.state === 'missing' ? { state: 'draft' } : {}) })
  } catch (error) {
    trouble.value = (error as Error).message
  }
}
</script>

<template>
  <aside class="side-panel particulars" aria-label="Chosen content items">
    <h2>{{ single ? contentNumber(single.number) : `${items.length} items` }}</h2>
    <TextField
      v-if="single"
      label="Title"
      :value="single.title"
      @change="set('Rename content item', { title: $event ?? '' })"
    />
    <ChoiceField
      label="State"
      :value="common('state')"
      :choices="STATE_WORDS"
      :none="severalUnless(common('state'))"
      @change="$event && set('Change state', { state: $event })"
    />
    <ChoiceField
      label="Kind"
      :value="common('kind')"
      :choices="KIND_WORDS"
      :none="severalUnless(common('kind'))"
      @change="$event && set('Change kind', { kind: $event })"
    />
    <PickField
      clearable
      label="Page"
      :value="common('page')"
      :choices="map.choices"
      none="None"
      @change="set('Change page', { page: $event, section: undefined })"
    />
    <ChoiceField
      v-if="Object.keys(sections).length"
      label="Section"
      :value="common('section')"
      :choices="sections"
      none="The page as a whole"
      @change="set('Change section', { section: $event })"
    />
    <TextField
      label="Owner"
      :value="common('owner')"
      :max="200"
      @change="set('Change owner', { owner: $event })"
    />
    <TextField label="Source" :value="common('source')" @change="set('Change source', { source: $event })" />
    <TextField v-if="single" label="Text" :rows="8" :max="20000" :value="single.text" @change="write" />
    <template v-if="single?.kind === 'picture'">
      <img v-if="single.asset" :src="assetAddress(project.id, single.asset)" :alt="single.title" />
      <FilePick
        :words="single.asset ? 'Another picture…' : 'Choose the picture…'"
        :accept="PICTURE_TYPES"
        @files="addPicture"
      />
      <TroubleNote :says="trouble" />
    </template>
    <ElButton @click="emit('remove')">Delete</ElButton>
  </aside>
</template>

<style scoped>
.particulars {
  width: 248px;
}
img {
  max-width: 100%;
  border: 1px solid var(--hairline);
}
</style>
