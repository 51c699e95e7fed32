<script setup lang="ts">
import { ElButton, ElMessage } from 'element-plus'
import { computed, ref } from 'vue'
import { putAmong } from '@nolvex/core/document/placing'
import { inOrder } from '@nolvex/core/document/tree'
import type { Json } from '@nolvex/core/document/types'
import { writeKitFile } from '@nolvex/core/formats/kitFile'
import type { KitAbout } from '@nolvex/core/kit/kit'
import { makeKit } from '@nolvex/core/kit/makeKit'
import { pathFromTitle } from '@nolvex/core/site/address'
import ChoiceField from '../../forms/ChoiceField.vue'
import { saveFile } from '../../forms/saveFile'
import TextField from '../../forms/TextField.vue'
import TroubleNote from '../../forms/TroubleNote.vue'
import { api, assetAddress } from '../../session/api'
import { newId } from '../../session/newId'
import { useGuide } from '../useGuide'
import { choiceOf, type KitItem } from './kitItems'

/** Makes a kit of what was chosen: the first version of a new one, or the next of one that was made here before. */
const props = defineProps<{ chosen: KitItem[] }>()
const { project, change } = useGuide()
const own = computed(() => inOrder(Object.values(project.style.records.kits)).filter(({ isOwn }) => isOwn))
const choices = computed(() =>
  Object.fromEntries(own.value.map(({ id, name, version }) => [id, `${name}, version ${version + 1}`])),
)
const of = ref<string>()
const name = ref('')
const note = ref<string>()
const licence = ref<string>()
const trouble = ref('')
const working = ref(false)

const known = computed(() => own.value.find(({ id }) => id === of.value))
const about = computed((): KitAbout => ({
  id: known.value?.id ?? 'newkit0000000000',
  name: (known.value?.name ?? name.value) || project.name,
  version: (known.value?.version ?? 0) + 1,
  ...((note.value ?? known.value?.note) ? { note: note.value ?? known.value?.note } : {}),
  ...((licence.value ?? known.value?.licence) ? { licence: licence.value ?? known.value?.licence } : {}),
}))
const made = computed(() =>
  props.chosen.length ? makeKit(project.view.documents, choiceOf(props.chosen), about.value) : undefined,
)
const plural = (count: number, one: string, many: string) => (count === 1 ? `1 ${one}` : `${count} ${many}`)
const says = computed(() => {
  if (!made.value) return ''
  const { shared, patterns, tokens, levels, parts } = made.value.kit.style.records
  const counts = [
    [shared, 'shared block', 'shared blocks'],
    [patterns, 'pattern', 'patterns'],
    [tokens, 'token', 'tokens'],
    [levels, 'level', 'levels'],
    [parts, 'part', 'parts'],
  ] as const
  return counts
    .map(([records, one, many]) => plural(Object.keys(records).length, one, many))
    .filter((words) => !words.startsWith('0'))
    .join(', ')
})
const leftOut = computed(() => {
  const { pages = 0, sections = 0, ...rest } = made.value?.leftOut ?? {}
  const others = Object.values(rest).reduce((sum, count) => sum + count, 0)
  const words = [
    pages && plural(pages, 'link to a page', 'links to pages'),
    sections && plural(sections, 'place on the map', 'places on the map'),
    others && plural(others, 'piece of content', 'pieces of content'),
  ]
  return words.filter(Boolean).join(', ')
})

async function save() {
  if (!made.value) return
  trouble.value = ''
  working.value = true
  try {
    const id = known.value?.id ?? newId()
    const { assets } = await api.assets(project.id)
    const wanted = made.value.kit.files.flatMap((file) => assets.find((asset) => asset.id === file.id) ?? [])
    const bytes = Object.fromEntries(
      await Promise.all(wanted.map(async (asset) => [asset.id, await bytesOf(asset.id)] as const)),
    )
    const files = wanted.map(({ id: asset, name: called, type }) => ({ id: asset, name: called, type }))
    const kit = { ...made.value.kit, about: { ...about.value, id }, files }
    saveFile(
      `${pathFromTitle(about.value.name) || 'kit'}-${about.value.version}.nolvex-kit.zip`,
      writeKitFile({ kit, bytes }),
      'application/zip',
    )
    remember({ ...about.value, id })
    of.value = id
    ElMessage({ message: `${about.value.name} is made. Open it in another project, in Kits.` })
  } catch (error) {
    trouble.value = `The kit was not made: ${(error as Error).message}`
  } finally {
    working.value = false
  }
}

async function bytesOf(asset: string): Promise<Uint8Array> {
  const response = await fetch(assetAddress(project.id, asset))
  if (!response.ok) throw new Error('a picture of it could not be read. Try again.')
  return new Uint8Array(await response.arrayBuffer())
}

/** So that the next one is a version of the same kit. */
function remember(kit: KitAbout) {
  const label = `Make version ${kit.version} of the kit ${kit.name}`
  const fields = { ...kit, isOwn: true } as unknown as Record<string, Json> & { id: string }
  if (!known.value) {
    const all = inOrder(Object.values(project.style.records.kits))
    return change(label, putAmong('kits', all, all.length, [fields]))
  }
  change(
    label,
    (['version', 'note', 'licence'] as const).flatMap((field) =>
      kit[field] === undefined
        ? []
        : [{ type: 'set', collection: 'kits', id: kit.id, path: [field], value: kit[field] }],
    ),
  )
}
</script>

<template>
  <section v-if="chosen.length" class="make" aria-label="Make a kit">
    <h4>Make a kit of {{ chosen.length === 1 ? chosen[0].name : `these ${chosen.length}` }}</h4>
    <p>It has {{ says }}.</p>
    <p v-if="leftOut" class="soft">Stays here: {{ leftOut }}.</p>
    <ChoiceField
      v-if="own.length"
      label="Kit"
      :value="of"
      :choices="choices"
      none="a new kit"
      @change="of = $event"
    />
    <TextField
      v-if="!known"
      label="Name"
      :value="name"
      :placeholder="project.name"
      :max="100"
      @change="name = $event ?? ''"
    />
    <TextField label="What it is for" :rows="2" :value="about.note" :max="2000" @change="note = $event" />
    <TextField label="Licence" :value="about.licence" :max="2000" @change="licence = $event" />
    <ElButton type="primary" :disabled="working" @click="save">Save the kit</ElButton>
    <TroubleNote :says="trouble" />
  </section>
</template>

<style scoped>
h4 {
  margin: 0;
}
.make {
  display: grid;
  gap: 8px;
  padding-top: 10px;
  border-top: 1px solid var(--hairline);
}
</style>
