<script setup lang="ts">
import { ElButton, ElCheckbox } from 'element-plus'
import { useElementSize } from '@vueuse/core'
import { computed, ref, watch } from 'vue'
import { inOrder } from '@nolvex/core/document/tree'
import { bandsOf } from '@nolvex/core/resolve/resolvePage'
import { homePage, pageAddresses } from '@nolvex/core/site/address'
import { pagesInOrder } from '@nolvex/core/site/treeOrder'
import { frameTakes } from '@nolvex/core/viewport/frame'
import ChoiceField from '../forms/ChoiceField.vue'
import PickField from '../forms/PickField.vue'
import BrowserFrame from '../screens/BrowserFrame.vue'
import { useViewport } from '../screens/useViewport'
import { useProject } from '../session/projectStore'
import { useStages } from '../stages/useStages'

/** The drawn pages played as the HTML they become, at any band and viewport, with journeys to start from. */
const project = useProject()
const { isDrawn } = useStages()
const { frame } = useViewport()

const drawn = computed(() =>
  pagesInOrder(project.site.records.pages).filter(({ page }) => page.kind !== 'external' && isDrawn(page.id)),
)
const choices = computed(() =>
  Object.fromEntries(
    drawn.value.map(({ page, depth }) => [page.id, `${'\u2003'.repeat(depth)}${page.title || 'Untitled'}`]),
  ),
)
const bands = computed(() => bandsOf(project.site))
const widths = computed(() =>
  Object.fromEntries(bands.value.inOrder.map(({ id, name, drawnAt }) => [id, `${name}, ${drawnAt} px`])),
)
const band = ref(bands.value.lead)
const isFramed = ref(true)
const page = ref<string>()
/** Shown anew when it counts on: the frame does not tell where a visitor went. */
const turn = ref(0)
const isLoaded = ref(false)

const shown = computed(() => {
  const ids = drawn.value.map(({ page: one }) => one.id)
  const home = homePage(project.site.records.pages)?.id
  return [page.value, home, ids[0]].find((id) => id !== undefined && ids.includes(id))
})
const addresses = computed(() => pageAddresses(project.site.records.pages))
const address = computed(() => addresses.value.get(shown.value ?? '') ?? '/')
const source = computed(() => {
  const path = address.value.split('/').filter(Boolean).map(encodeURIComponent).join('/')
  return `/api/projects/${project.id}/walk/${path ? `${path}/` : ''}index.html?${turn.value}`
})
const title = computed(() => project.site.records.pages[shown.value ?? '']?.title ?? '')

const journeys = computed(() =>
  inOrder(Object.values(project.site.records.journeys)).map((journey) => ({
    journey,
    stops: inOrder(
      Object.values(project.site.records.stops).filter((stop) => stop.journey === journey.id),
    ).flatMap((stop) => {
      const found = project.site.records.pages[stop.page]
      return found ? [{ id: stop.id, page: found }] : []
    }),
  })),
)

const desk = ref<HTMLElement>()
const { width: deskWidth, height: deskHeight } = useElementSize(desk)
const size = computed(() => {
  const { drawnAt } = bands.value.inOrder.find(({ id }) => id === band.value) ?? bands.value.inOrder[0]
  const height = drawnAt < 600 ? 740 : drawnAt < 1000 ? 1000 : 800
  const { left, right, top, bottom } = frameTakes(isFramed.value ? frame.value : { parts: [] })
  const zoom = Math.min(
    1,
    (deskWidth.value - 40) / (drawnAt + left + right),
    (deskHeight.value - 40) / (height + top + bottom),
  )
  return { width: drawnAt, height, zoom: Math.max(0.1, zoom || 1) }
})
const frameProps = computed(() =>
  isFramed.value
    ? {
        frame: frame.value,
        ...size.value,
        title: title.value,
        address: framedAddress.value,
        scrollBars: false,
        scrolled: 0,
        share: 1,
      }
    : {},
)

const framedAddress = computed(() => {
  const { address: site = '' } = project.site.records.settings.site
  return `${site.replace(/^https?:\/\//, '').replace(/\/$/, '')}${address.value}`
})
watch(source, () => (isLoaded.value = false))

function go(to: string) {
  page.value = to
  turn.value++
}
// A page that was changed meanwhile is shown as it is now once it is asked for again.
watch(band, () => turn.value++)
</script>

<template>
  <main v-if="shown" class="walkthrough">
    <div class="stage-strip">
      <PickField
        class="page"
        label="Page"
        hide-label
        :value="shown"
        :choices="choices"
        @change="$event && go($event)"
      />
      <ChoiceField
        label="Width"
        hide-label
        :value="band"
        :choices="widths"
        @change="$event && (band = $event)"
      />
      <ElCheckbox v-model="isFramed">Browser frame</ElCheckbox>
      <span class="end">
        <ElButton @click="turn++">Show it as it is now</ElButton>
        <ElButton tag="a" :href="source" target="_blank">Open in a window of its own</ElButton>
      </span>
    </div>
    <div class="body">
      <aside class="journeys" aria-label="Journeys to start from">
        <h2>Journeys</h2>
        <p v-if="journeys.length === 0" class="soft">
          Journeys of the map stand here as starting points. Add them in Map, Journeys.
        </p>
        <section v-for="{ journey, stops } in journeys" :key="journey.id">
          <h3 dir="auto">{{ journey.name || 'Untitled' }}</h3>
          <ol>
            <li v-for="stop in stops" :key="stop.id">
              <ElButton link :disabled="!isDrawn(stop.page.id)" @click="go(stop.page.id)">
                {{ stop.page.title || 'Untitled' }}
              </ElButton>
              <span v-if="!isDrawn(stop.page.id)" class="soft">not drawn</span>
            </li>
          </ol>
        </section>
      </aside>
      <div ref="desk" class="desk">
        <component :is="isFramed ? BrowserFrame : 'div'" v-bind="frameProps">
          <div
            class="window"
            :class="{ loaded: isLoaded }"
            :style="{ width: `${size.width * size.zoom}px`, height: `${size.height * size.zoom}px` }"
          >
            <p v-if="!isLoaded" class="making soft" role="status">Making the pages…</p>
            <iframe
              :key="source"
              :src="source"
              sandbox="allow-scripts"
              :title="`The page ${title} at ${size.width} px`"
              :style="{
                width: `${size.width}px`,
                height: `${size.height}px`,
                transform: `scale(${size.zoom})`,
              }"
              @load="isLoaded = true"
            />
          </div>
        </component>
      </div>
    </div>
  </main>
  <main v-else class="none">
    <h1>There is nothing to walk through yet</h1>
    <p>A walkthrough plays the pages that are drawn. Draft them from the map first.</p>
    <RouterLink :to="{ name: 'ledger', params: { project: project.id } }">Go to the Ledger</RouterLink>
  </main>
</template>

<style scoped>
.walkthrough {
  display: flex;
  flex: 1;
  flex-direction: column;
  min-height: 0;
}
.page {
  width: 220px;
}
.body {
  display: flex;
  flex: 1;
  min-height: 0;
}
.journeys {
  flex: 0 0 220px;
  padding: 14px;
  overflow: auto;
  background: var(--paper);
  border-right: 1px solid var(--hairline);
}
h3 {
  margin: 12px 0 2px;
}
ol {
  margin: 0;
  padding-left: 18px;
}
.desk {
  display: grid;
  flex: 1;
  place-items: start center;
  min-width: 0;
  padding: 20px;
  overflow: hidden;
}
.window {
  position: relative;
  overflow: hidden;
  background: #fff;
  box-shadow: 0 0 0 1px var(--hairline);
}
.making {
  position: absolute;
  top: 40px;
  width: 100%;
  text-align: center;
}
li {
  padding: 1px 0;
}
li > .soft {
  margin-left: 6px;
}
iframe {
  display: block;
  border: 0;
  transform-origin: 0 0;
}
.none {
  padding: 64px;
}
</style>
