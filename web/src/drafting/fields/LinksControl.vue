<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed, ref } from 'vue'
import { linkSchema, type BlockLink } from '@nolvex/core/block/block'
import FilePick from '../../forms/FilePick.vue'
import LineInput from '../../forms/LineInput.vue'
import { FILE_TYPES } from '../../pictures/pictureTypes'
import { api, assetAddress } from '../../session/api'
import { useProject } from '../../session/projectStore'
import { addressTyped } from './addressTyped'
import type { ControlEmits, ControlProps } from './control'

/** Addresses and files that belong to a block. */
const props = defineProps<ControlProps>()
const emit = defineEmits<ControlEmits>()
const project = useProject()
const links = computed(() => (props.state.value ?? []) as BlockLink[])
const MOST = 20
/** made anew once what was typed is in the list */
const turn = ref(0)

const write = (next: BlockLink[]) => emit('write', next.length ? next : undefined)

function add(typed: string) {
  if (!typed.trim()) return
  const address = addressTyped(typed)
  const link = linkSchema.safeParse({ label: typed.trim().slice(0, 200), address })
  if (!link.success)
    return emit('trouble', `“${typed}” is no address. Write one such as https://… or /fares.`)
  emit('trouble', '')
  turn.value++
  write([...links.value, link.data])
}

async function addFile([file]: File[]) {
  try {
    const { id } = await api.addFile(project.id, file)
    write([...links.value, { label: file.name.slice(0, 200), asset: id }])
  } catch (error) {
    emit('trouble', (error as Error).message)
  }
}
const without = (index: number) => write(links.value.filter((_, at) => at !== index))
const leadsTo = (link: BlockLink) => ('asset' in link ? assetAddress(project.id, link.asset) : link.address)
</script>

<template>
  <div class="links">
    <div v-for="(link, index) in links" :key="index" class="link">
      <a :href="leadsTo(link)" target="_blank" rel="noopener" dir="auto">{{ link.label || leadsTo(link) }}</a>
      <ElButton link :aria-label="`Take out ${link.label}`" @click="without(index)">×</ElButton>
    </div>
    <template v-if="links.length < MOST">
      <LineInput
        :key="turn"
        is-light
        label="Address that belongs to it"
        placeholder="https://…"
        value=""
        :max="2000"
        @change="add"
      />
      <FilePick words="Add a file…" :accept="FILE_TYPES" @files="addFile" />
    </template>
  </div>
</template>

<style scoped>
.links {
  display: grid;
  gap: 4px;
}
.link {
  display: flex;
  gap: 4px;
}
a {
  flex: 1;
  overflow: hidden;
  color: var(--pine);
  text-overflow: ellipsis;
  white-space: nowrap;
}
</style>
