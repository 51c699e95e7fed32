<script setup lang="ts">
import { ElButton, ElMessage, ElProgress } from 'element-plus'
import { computed, ref } from 'vue'
import { useRouter } from 'vue-router'
import { layArtwork } from '@nolvex/core/edit/artworkPicture'
import type { Json } from '@nolvex/core/document/types'
import ChoiceField from '../forms/ChoiceField.vue'
import SelectField from '../forms/SelectField.vue'
import TroubleNote from '../forms/TroubleNote.vue'
import { useProject } from '../session/projectStore'
import { takePicture } from '../session/takePicture'
import type { ArtworkDesk } from './useArtwork'
import type { useBehind } from './useBehind'
import ArtworkColours from './ArtworkColours.vue'
import { renderedPicture } from './rendering/renderedPicture'

/** What the artwork is laid behind, and the picture that is kept of it. */
const props = defineProps<{ desk: ArtworkDesk; behind: ReturnType<typeof useBehind> }>()
const { artwork, scene } = props.desk
const { pages, blocks, blocksOf, frame } = props.behind
const project = useProject()
const router = useRouter()

const NOTHING = 'none'
function choosePage(page: string) {
  if (page === NOTHING) return props.desk.set('Lay the artwork behind nothing', ['behind'], undefined)
  const first = Object.values(blocksOf(page)).find(({ parent }) => !parent)
  const all = Object.values(blocksOf(page)).filter(({ kind, parent }) => !parent && kind === 'section')
  const block = all.sort((a, b) => (a.order < b.order ? -1 : 1))[0] ?? first
  if (block) lay(page, block.id)
}
const lay = (page: string, block: string) =>
  props.desk.set('Choose what the artwork is laid behind', ['behind'], { page, block })

/** The picture as large as what it is laid behind. */
const fits = computed(() => {
  const [one, other] = [artwork.value, frame.value]
  return !one || !other || (one.width === Math.round(other.width) && one.height === Math.round(other.height))
})
function takeSize() {
  const { width, height } = frame.value ?? { width: 0, height: 0 }
  const size = (px: number) => Math.min(6000, Math.max(100, Math.round(px)))
  const id = artwork.value?.id ?? ''
  const set = (leaf: string, value: Json) => ({
    type: 'set' as const,
    collection: 'artworks',
    id,
    path: [leaf],
    value,
  })
  project.changeSite('Give the artwork the size of its block', [
    set('width', size(width)),
    set('height', size(height)),
  ])
}

const QUALITIES = { quick: 'quick', final: 'final' }
const SCALES = { '1': '1×', '2': '2×' }
/** pictures laid into one */
const SAMPLES = { quick: 6, final: 40 }
const quality = ref<keyof typeof SAMPLES>('final')
const scale = ref<keyof typeof SCALES>('2')
const done = ref<number>()
const isStopped = ref(false)
const trouble = ref('')

async function render() {
  const [source, one] = [scene.value, artwork.value]
  if (!source || !one) return
  trouble.value = ''
  isStopped.value = false
  done.value = 0
  try {
    const options = { scale: Number(scale.value), samples: SAMPLES[quality.value] }
    const picture = await renderedPicture(source, options, (share) => {
      done.value = share
      return !isStopped.value
    })
    if (picture) await keep(one.id, picture, one.name)
  } catch (error) {
    trouble.value = `The picture was not made, the scene is kept: ${(error as Error).message}`
  }
  done.value = undefined
}

async function keep(id: string, picture: Blob, name: string) {
  const file = new File([picture], `${name.replaceAll(/[\\/:*?"<>|]/g, ' ')}.jpg`, { type: 'image/jpeg' })
  const asset = await takePicture(project.id, file)
  // It may have been changed, or deleted, while it was rendered.
  const now = project.site.records.artworks[id]
  if (!now) return
  project.change(`Render ${now.name}`, layArtwork(project.view.documents, now, { ...asset, asset: asset.id }))
  ElMessage({
    message: now.behind
      ? `“${now.name}” is laid behind its block. Undo takes it away.`
      : `“${now.name}” is kept among the pictures.`,
  })
}
const open = () =>
  artwork.value?.behind &&
  router.push({
    ...{ name: 'mockup', params: { project: project.id, page: artwork.value.behind.page } },
    query: { block: artwork.value.behind.block },
  })
</script>

<template>
  <section v-if="artwork" class="render" aria-label="The picture">
    <h3>Behind</h3>
    <SelectField
      label="Page it is laid on"
      :value="artwork.behind?.page ?? NOTHING"
      :options="{ [NOTHING]: 'no page yet', ...pages }"
      filterable
      @change="choosePage"
    />
    <SelectField
      v-if="artwork.behind"
      label="Block it is laid behind"
      :value="artwork.behind.block"
      :options="blocks"
      filterable
      @change="artwork.behind && lay(artwork.behind.page, $event)"
    />
    <p class="soft">
      {{ artwork.width }} × {{ artwork.height }} px
      <ElButton v-if="!fits" link @click="takeSize"
        >take the block’s {{ Math.round(frame?.width ?? 0) }} × {{ Math.round(frame?.height ?? 0) }}</ElButton
      >
    </p>
    <h3>Picture</h3>
    <div class="two">
      <ChoiceField
        label="Rendered"
        :value="quality"
        :choices="QUALITIES"
        @change="quality = ($event as keyof typeof SAMPLES) ?? 'final'"
      />
      <ChoiceField
        label="Size"
        :value="scale"
        :choices="SCALES"
        @change="scale = ($event as keyof typeof SCALES) ?? '1'"
      />
    </div>
    <template v-if="done === undefined">
      <ElButton type="primary" @click="render">{{
        artwork.rendered ? 'Render it again' : artwork.behind ? 'Render and lay behind' : 'Render and keep'
      }}</ElButton>
    </template>
    <div v-else role="status" class="running">
      <ElProgress :percentage="Math.round(100 * done)" :show-text="false" aria-label="Rendering" />
      <span>Rendering, {{ Math.round(100 * done) }} %</span>
      <ElButton link @click="isStopped = true">Stop</ElButton>
    </div>
    <TroubleNote :says="trouble" />
    <ElButton v-if="artwork.rendered && artwork.behind" link @click="open">See it on its page</ElButton>
    <ArtworkColours v-if="artwork.rendered" :asset="artwork.rendered.asset" />
  </section>
</template>

<style scoped>
.render {
  display: grid;
  gap: 8px;
  justify-items: start;
}
.render > :deep(.select-field),
.running {
  width: 100%;
}
.render p {
  margin: 0;
}
h3 {
  margin: 8px 0 0;
}
.two {
  display: flex;
  gap: 16px;
}
</style>
