<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed } from 'vue'
import { useRouter } from 'vue-router'
import type { ShownAs } from '@nolvex/core/resolve/resolvePage'
import { useCommands } from '../commands/commandStore'
import { useMap } from '../map/mapStore'
import { useProject } from '../session/projectStore'

/** Other ways to see the page that is drawn, below its name; each is a command, too. */
const props = defineProps<{ page: string; as: ShownAs }>()
/** all bands beside one another */
const isBeside = defineModel<boolean>('beside', { required: true })
const project = useProject()
const router = useRouter()
const map = useMap()

/** Shows the page where it stands on the map. */
function showOnMap() {
  map.selected = props.page
  void router.push({ name: 'map', params: { project: project.id, view: 'tree' } })
}
/** A window of its own for a second screen; the same one each time. */
function openLive() {
  const { href } = router.resolve({ name: 'live', params: { project: project.id } })
  window.open(href, `nolvex-live-${project.id}`, 'popup,width=1280,height=800')
}
const goTo = (name: string) => () => router.push({ name, params: { project: project.id } })

interface Way {
  id: string
  words: string
  label: string
  title: string
  keys?: string[]
  isPressed?: boolean
  run: () => unknown
}
const ways = computed((): Way[] => [
  {
    id: 'beside',
    words: isBeside.value ? 'one band' : 'all bands',
    label: 'Show all bands side by side, or this one',
    title: 'All bands side by side (V)',
    keys: ['V'],
    isPressed: isBeside.value,
    run: () => (isBeside.value = !isBeside.value),
  },
  {
    ...{ id: 'on-map', words: 'map', keys: ['O'], run: showOnMap },
    ...{ label: 'Show the page on the map', title: 'The page on the map (O)' },
  },
  ...(props.as === 'mockup' ? ofMockups : []),
])
const ofMockups: Way[] = [
  {
    ...{ id: 'live', words: 'live', run: openLive },
    label: 'Open the live view in a window of its own',
    title: 'The page alone in a window of its own, which follows every change',
  },
  {
    ...{ id: 'boards', words: 'boards', run: goTo('boards') },
    label: 'Boards: pages in their frames…',
    title: 'Pages side by side in their frames, to send or to show',
  },
  {
    ...{ id: 'artwork', words: 'artwork', run: goTo('artwork') },
    label: 'Artwork: compose a picture of solids…',
    title: 'Pictures composed of solids, to lay behind what stands on a page',
  },
]
useCommands().offer(ways)
</script>

<template>
  <span class="page-ways soft">
    <template v-for="(way, index) in ways" :key="way.id"
      ><template v-if="index"> · </template
      ><ElButton link :aria-pressed="way.isPressed" :title="way.title" @click="way.run">{{
        way.words
      }}</ElButton></template
    >
  </span>
</template>

<style scoped>
.page-ways,
.page-ways .el-button {
  font-size: 11px;
  line-height: 14px;
  white-space: nowrap;
}
</style>
