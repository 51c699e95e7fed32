<script setup lang="ts">
import { onMounted, shallowRef, watch } from 'vue'
import type { Block } from '@nolvex/core/block/block'
import type { DrawingDocument } from '@nolvex/core/drawing/drawing'
import { drawingKind } from '@nolvex/core/drawing/drawing'
import { paintTop } from '../ledger/paintPicture'
import type { PageTop } from '../ledger/pictureWorker'
import { useProject } from '../session/projectStore'
import { MarkGroup } from '../vector/MarkGroup'

/** Blocks drawn small, as they stand at a band of this project. */
const props = defineProps<{ blocks: Block[]; band: string; width: number; label: string }>()
const project = useProject()
/** px of a section that are shown at most */
const MOST = 900
const top = shallowRef<PageTop>()

async function paint() {
  const records = { blocks: Object.fromEntries(props.blocks.map((block) => [block.id, block])) }
  const drawing = {
    kind: 'drawing',
    id: 'pattern000000000',
    schema: drawingKind.schema,
    records,
  } as DrawingDocument
  const plain = <T,>(value: T) => JSON.parse(JSON.stringify(value)) as T
  const sources = { drawing, site: plain(project.site), style: plain(project.style), around: project.around }
  top.value = await paintTop({ sources, project: project.id }, props.band, props.width, MOST)
}
onMounted(paint)
watch(() => [props.blocks, props.band], paint)
</script>

<template>
  <svg
    v-if="top"
    :viewBox="`0 0 ${width} ${Math.min(MOST, top.tall)}`"
    role="img"
    :aria-label="label"
    preserveAspectRatio="xMidYMin meet"
  >
    <MarkGroup v-for="group in top.groups" :key="group.key" :group="group" />
  </svg>
  <span v-else class="waiting" />
</template>

<style scoped>
svg {
  display: block;
  width: 100%;
  background: #fff;
}
.waiting {
  display: block;
  height: 60px;
}
</style>
