<script setup lang="ts">
import { computed, onUnmounted, ref, watch } from 'vue'
import type { ShownAs } from '@nolvex/core/resolve/resolvePage'
import type { Band } from '@nolvex/core/site/site'
import { useProject } from '../session/projectStore'
import { paintPicture } from './paintPicture'

const props = defineProps<{ page: string; band: Band; as?: ShownAs }>()
const project = useProject()
const source = ref('')

const drawing = computed(() => project.drawing(props.page))
const isDrawn = computed(() => Object.keys(drawing.value?.records.blocks ?? {}).length > 0)
const size = computed(() => ({ width: `${Math.round(16 + props.band.drawnAt / 46)}px` }))

let isPainting = false
let isStale = false
let isGone = false
watch(
  [drawing, () => project.site.records.bands, () => project.style, () => project.around],
  () => (isPainting ? (isStale = true) : void paint()),
  { immediate: true },
)
onUnmounted(() => {
  isGone = true
  release()
})

/** Changes that come while it is painted are painted together afterwards: a colour that is dragged leaves no queue. */
async function paint() {
  isPainting = true
  try {
    do {
      isStale = false
      if (isDrawn.value) show(await painted())
    } while (isStale)
  } finally {
    isPainting = false
  }
}

function painted(): Promise<string> {
  const page = { sources: project.sources(props.page), project: project.id, as: props.as }
  return paintPicture(page, props.band.id, props.band.drawnAt)
}

function show(svg: string) {
  if (isGone) return
  release()
  source.value = URL.createObjectURL(new Blob([svg], { type: 'image/svg+xml' }))
}

function release() {
  if (source.value) URL.revokeObjectURL(source.value)
}
</script>

<template>
  <span class="picture" :class="{ undrawn: !isDrawn }" :style="size">
    <img v-if="isDrawn && source" :src="source" :alt="`${band.name}: drawn`" />
    <span v-else class="visually-hidden"
      >{{ band.name }}: {{ isDrawn ? 'being painted' : 'not drawn yet' }}</span
    >
  </span>
</template>

<style scoped>
.picture {
  display: inline-block;
  height: 40px;
  overflow: hidden;
  background: #fff;
  border: 1px solid var(--soft);
}
.picture.undrawn {
  background: none;
  border: 1px dashed var(--edge);
}
img {
  display: block;
  width: 100%;
}
</style>
