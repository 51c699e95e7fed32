<script setup lang="ts">
import { useElementSize, useFullscreen, useIdle, useScroll, useWindowSize } from '@vueuse/core'
import { ElButton } from 'element-plus'
import { computed, onScopeDispose, provide, ref } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { bandAt } from '@nolvex/core/grid/band'
import { asScrolled } from '@nolvex/core/layout/sticking'
import { bandsOf, PageResolver } from '@nolvex/core/resolve/resolvePage'
import { pagesInOrder } from '@nolvex/core/site/treeOrder'
import type { ColourSet } from '@nolvex/core/style/token'
import { usualEnvironment } from '@nolvex/core/units/environment'
import ChoiceField from '../forms/ChoiceField.vue'
import PickField from '../forms/PickField.vue'
import { drawnAs } from '../drafting/drawnAs'
import PageDrawing from '../drafting/PageDrawing.vue'
import { usePresentation } from '../drafting/camera/usePresentation'
import { keptLayouter, useFontLibrary } from '../fonts/useFontLibrary'
import { useProject } from '../session/projectStore'
import { useStages } from '../stages/useStages'
import { useFollowedPage } from './useFollowedPage'

/**
 * A page and nothing else, as wide as its window and at the size it will have, following every change: for a second
 * screen, a tablet, or somebody in the room. Without a page of its own it is the one that is being drawn on.
 */
const route = useRoute()
const router = useRouter()
const project = useProject()
const { isDrawn } = useStages()
const { isAlone } = usePresentation()
isAlone.value = true
onScopeDispose(() => (isAlone.value = false))
provide(drawnAs, ref('mockup'))

const followed = useFollowedPage()
const FOLLOW = 'follow'
const chosen = computed(() => String(route.params.page || FOLLOW))
const id = computed(() => (chosen.value === FOLLOW ? followed.value : chosen.value))
const choices = computed(() => ({
  [FOLLOW]: 'the page that is drawn on',
  ...Object.fromEntries(
    pagesInOrder(project.site.records.pages)
      .filter(({ page }) => isDrawn(page.id))
      .map(({ page, depth }) => [page.id, `${'\u2003'.repeat(depth)}${page.title || 'Untitled'}`]),
  ),
}))
const choose = (page: string | undefined) =>
  router.replace({
    name: 'live',
    params: { project: project.id, ...(page && page !== FOLLOW ? { page } : {}) },
  })

const NARROWEST = 320
const { width: windowWidth } = useWindowSize({ includeScrollbar: true })
const width = computed(() => Math.max(NARROWEST, windowWidth.value))
const desk = ref<HTMLElement>()
const { width: inner, height } = useElementSize(desk)
const { y: top } = useScroll(desk)
/** Bands go by the whole window, the page stands beside its scroll bar. */
const scrollBar = computed(() => (inner.value ? Math.max(0, windowWidth.value - inner.value) : 0))
const band = computed(() => bandAt(bandsOf(project.site).inOrder, width.value))
const set = ref<ColourSet>('light')
const SETS = { light: 'light set', dark: 'dark set' }
const library = useFontLibrary()
const layouter = keptLayouter()
const resolver = computed(() => new PageResolver({ withHidden: false, as: 'mockup', set: set.value }))
const layout = computed(() => {
  if (!library.value || !id.value) return undefined
  const page = resolver.value.resolve(project.sources(id.value), band.value.id)
  return layouter(library.value).layout(page, {
    ...usualEnvironment,
    viewportWidth: width.value,
    viewportHeight: height.value || usualEnvironment.viewportHeight,
    scrollBar: scrollBar.value,
  })
})
/** What sticks keeps to its edge of the window. */
const seen = computed(
  () => layout.value && asScrolled(layout.value, { top: top.value, height: height.value }),
)
const { isSupported, isFullscreen, toggle } = useFullscreen()
/** ms after which what is shown is the page alone */
const { idle } = useIdle(3000)
</script>

<template>
  <main ref="desk" class="live" tabindex="0" aria-label="The page, live">
    <div class="bar" :class="{ away: idle }">
      <PickField label="Page" hide-label :value="chosen" :choices="choices" @change="choose" />
      <ChoiceField
        label="Colours"
        hide-label
        :value="set"
        :choices="SETS"
        @change="set = $event ?? 'light'"
      />
      <span class="soft">{{ band.name }}, {{ width }} px</span>
      <ElButton v-if="isSupported" @click="toggle">{{
        isFullscreen ? 'Leave full screen' : 'Full screen'
      }}</ElButton>
    </div>
    <svg
      v-if="layout"
      class="drawing"
      :width="layout.width"
      :height="layout.height"
      :style="{ background: layout.ground }"
      role="img"
      :aria-label="project.site.records.pages[id ?? '']?.title ?? 'Page'"
    >
      <PageDrawing v-if="seen" :layout="seen" :until="layout.height" />
    </svg>
    <p v-else-if="!id" class="none">No page is drawn yet. As soon as one is, it stands here.</p>
    <p v-else class="none soft" role="status">Loading the fonts…</p>
  </main>
</template>

<style scoped>
.live {
  flex: 1;
  min-height: 0;
  overflow: auto;
  background: #fff;
  outline: none;
}
.drawing {
  display: block;
}
.bar {
  position: fixed;
  z-index: 1;
  top: 0;
  right: 0;
  left: 0;
  display: flex;
  gap: 10px;
  align-items: center;
  padding: 8px 14px;
  background: var(--paper);
  border-bottom: 1px solid var(--hairline);
  transition: opacity 0.15s;
}
.bar.away:not(:hover, :focus-within) {
  opacity: 0;
}
.bar > :first-child {
  width: 240px;
}
.none {
  padding: 64px;
  text-align: center;
}
</style>
