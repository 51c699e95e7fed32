<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed, inject, ref, watch } from 'vue'
import { pictureAsBlocks } from '@nolvex/core/formats/pictureAsBlocks'
import FilePick from '../../forms/FilePick.vue'
import MakeUpDialog from '../../pictures/MakeUpDialog.vue'
import { PICTURE_TYPES } from '../../pictures/pictureTypes'
import { assetAddress } from '../../session/api'
import { newId } from '../../session/newId'
import { useProject } from '../../session/projectStore'
import { draftingPage } from '../usePage'
import type { ControlEmits, ControlProps } from './control'

/** The file a picture shows. */
const props = defineProps<ControlProps>()
const emit = defineEmits<ControlEmits>()
const project = useProject()
const asset = computed(() => (props.state.value as { asset?: string } | undefined)?.asset)
const isMakingUp = ref(false)
const USUAL_RATIO = 1.5
/** What a part has behind a block is only gone when the block says so. */
const isBehind = computed(() => props.state.field.path[1] === 'backdrop')
/** of the room it is for, where it is one that is drawn */
const page = inject(draftingPage, undefined)
const ratio = computed(() => {
  const [room] = page?.selected.value ?? []
  return room ? room.w / Math.max(1, room.h) : USUAL_RATIO
})
/** An SVG may become blocks, each to be edited by itself. */
const isDrawn = ref(false)
watch(
  asset,
  async (id) => {
    isDrawn.value = false
    if (!id || isBehind.value || !page) return
    const answer = await fetch(assetAddress(project.id, id), { method: 'HEAD' }).catch(() => undefined)
    isDrawn.value =
      asset.value === id && answer?.headers.get('content-type')?.startsWith('image/svg') === true
  },
  { immediate: true },
)
async function turnIntoBlocks() {
  const { block } = props.state
  if (!page || !block || !asset.value) return
  try {
    const svg = await (await fetch(assetAddress(project.id, asset.value))).text()
    const { operations, root, left } = pictureAsBlocks(block, svg, newId)
    page.change(`Turn ${page.nameOf(block.id)} into blocks`, operations)
    page.select([root])
    const kinds = Object.entries(left).map(([name, count]) => `${count} × ${name}`)
    if (kinds.length) page.told.value = `Left out, as they are no forms or words: ${kinds.join(', ')}.`
  } catch (error) {
    emit('trouble', (error as Error).message)
  }
}
</script>

<template>
  <div v-if="state.block" class="picture">
    <img v-if="asset" :src="assetAddress(project.id, asset)" alt="" />
    <FilePick
      :words="asset ? 'Choose another picture…' : 'Choose a picture…'"
      label="Picture file"
      :accept="PICTURE_TYPES"
      @files="emit('pictures', $event)"
    />
    <ElButton link @click="isMakingUp = true">Make one up…</ElButton>
    <MakeUpDialog v-if="isMakingUp" v-model="isMakingUp" :ratio="ratio" @files="emit('pictures', $event)" />
    <ElButton v-if="isDrawn" link @click="turnIntoBlocks">Turn it into blocks</ElButton>
    <ElButton v-if="asset" link @click="emit('write', isBehind ? 'none' : undefined)">Take it off</ElButton>
  </div>
  <p v-else class="soft">Select one block to choose its picture.</p>
</template>

<style scoped>
.picture {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 10px;
  align-items: center;
}
img {
  width: 56px;
  height: 40px;
  object-fit: cover;
  border: 1px solid var(--edge);
}
</style>
