<script setup lang="ts">
import { ElRadioButton, ElRadioGroup } from 'element-plus'
import { computed, reactive, ref } from 'vue'
import { bandAt } from '@nolvex/core/grid/band'
import { eachBox, PageLayouter } from '@nolvex/core/layout/pageLayout'
import { sizedPage } from '@nolvex/core/layout/sizedPage'
import { bandsOf, PageResolver } from '@nolvex/core/resolve/resolvePage'
import { SIZINGS, type Sizing } from '@nolvex/core/site/gridPlan'
import { gridOfPage } from '@nolvex/core/site/pageGrid'
import { pagesInOrder } from '@nolvex/core/site/treeOrder'
import { rootFontSize, usualEnvironment } from '@nolvex/core/units/environment'
import TroubleNote from '../forms/TroubleNote.vue'
import SliderField from '../forms/SliderField.vue'
import FigureField from '../forms/FigureField.vue'
import { useFontLibrary } from '../fonts/useFontLibrary'
import { useProject } from '../session/projectStore'
import SizedWindow from './SizedWindow.vue'
import UnitConverter from './UnitConverter.vue'

/** Fixed, fluid, elastic and hybrid pages by doing: the same page in a pulled window, with larger text, and zoomed. */
const project = useProject()
const library = useFontLibrary()
const trouble = ref('')

const settings = computed(() => project.site.records.settings.site)
const sizing = computed<Sizing>(() => settings.value.sizing ?? 'hybrid')
const rootSize = computed(() => settings.value.rootSize ?? 100)
const bands = computed(() => bandsOf(project.site))
const lead = computed(
  () => bands.value.inOrder.find(({ id }) => id === bands.value.lead) ?? bands.value.inOrder[0],
)
const drawn = computed(
  () => pagesInOrder(project.site.records.pages).find(({ page: { id } }) => project.drawing(id))?.page,
)

const figures = reactive({ pulled: 1000, enlarged: 150, zoomed: 200 })
const SLIDERS = {
  pulled: { label: 'Window width', least: 320, most: 1920 },
  enlarged: { label: 'Text size', least: 100, most: 300, step: 10 },
  zoomed: { label: 'Page zoom', least: 50, most: 500, step: 10 },
}

const SAYS: Record<Sizing, string> = {
  fixed:
    'Columns and text keep their px. A narrow window scrolls sideways; a wide one leaves the sides empty.',
  fluid:
    'Columns share the window, text keeps its px. Lines grow long in wide windows, and enlarged text does not grow.',
  elastic:
    'Everything is measured by the text. Enlarged text enlarges columns too, until the page is wider than the window.',
  hybrid:
    'Columns share the window up to a width measured by the text. Enlarged text grows and lines keep their measure.',
}

const layouters = new Map<string, PageLayouter>()
/** The page laid out for one window. @param zoom of the whole page: a narrower viewport, painted larger */
function laidOut(key: string, windowWidth: number, textZoom: number, zoom: number) {
  const page = drawn.value
  const drawing = page && project.drawing(page.id)
  if (!library.value || !page || !drawing) return undefined
  const environment = {
    ...usualEnvironment,
    viewportWidth: Math.round(windowWidth / zoom),
    textZoom,
    rootSize: rootSize.value,
  }
  const band = bandAt(bands.value.inOrder, environment.viewportWidth)
  const tree = new PageResolver().resolve(project.sources(page.id), band.id)
  const grid = gridOfPage(project.site.records, page.id, band.id)
  const layouter = layouters.get(key) ?? new PageLayouter(library.value)
  layouters.set(key, layouter)
  const layout = layouter.layout(sizedPage(tree, sizing.value, grid, band.drawnAt, environment), environment)
  let widest = layout.width
  eachBox(layout, (box, x) => (widest = Math.max(widest, x + box.w)))
  return { layout, band, environment, windowWidth, zoom, over: Math.round(widest - layout.width) }
}
const overWords = (over: number) => (over > 1 ? `, ${over} px wider than its window` : '')
const windows = computed(() => {
  const all = [
    { key: 'pulled' as const, title: 'The window is pulled', made: laidOut('pulled', figures.pulled, 1, 1) },
    {
      key: 'enlarged' as const,
      title: 'The visitor enlarges text',
      made: laidOut('enlarged', lead.value.drawnAt, figures.enlarged / 100, 1),
    },
    {
      key: 'zoomed' as const,
      title: 'The visitor zooms the page',
      made: laidOut('zoomed', lead.value.drawnAt, 1, figures.zoomed / 100),
    },
  ]
  return all.flatMap(({ made, ...rest }) => (made ? [{ ...rest, ...made }] : []))
})
function saysOf({ key, environment, band, over }: (typeof windows.value)[number]): string {
  const root = Math.round(rootFontSize(environment) * 100) / 100
  if (key === 'pulled')
    return `A window of ${figures.pulled} px is in the band ${band.name}${overWords(over)}.`
  if (key === 'enlarged') return `1 rem is ${root} px now; the window and its band stay${overWords(over)}.`
  return `The viewport is ${environment.viewportWidth} px now, in the band ${band.name}${overWords(over)}.`
}

const setSizing = (name: unknown) =>
  project.setSite(
    `Size pages ${SIZINGS[name as Sizing].toLowerCase()}`,
    'settings',
    'site',
    ['sizing'],
    name as Sizing,
  )

function setRoot(percent: number | undefined) {
  trouble.value = ''
  if (percent !== undefined && (percent < 10 || percent > 400))
    return (trouble.value = 'The root’s font size is between 10 and 400 % of the browser’s.')
  project.setSite(
    'Change the root’s font size',
    'settings',
    'site',
    ['rootSize'],
    percent === 100 ? undefined : percent,
  )
}
</script>

<template>
  <div class="board">
    <div class="kinds" role="radiogroup" aria-label="How pages are sized">
      <ElRadioGroup :model-value="sizing" aria-label="How pages are sized" @change="setSizing">
        <ElRadioButton v-for="(words, name) in SIZINGS" :key="name" :value="name">{{ words }}</ElRadioButton>
      </ElRadioGroup>
      <span class="soft">{{ SAYS[sizing] }}</span>
    </div>
    <p v-if="!drawn" class="soft">Draw a page in Wireframe first: it is then shown here in three windows.</p>
    <div class="windows">
      <section v-for="one in windows" :key="one.key">
        <h3>{{ one.title }}</h3>
        <span class="slider">
          <SliderField v-model="figures[one.key]" v-bind="SLIDERS[one.key]" />
          <b>{{ figures[one.key] }} {{ one.key === 'pulled' ? 'px' : '%' }}</b>
        </span>
        <SizedWindow
          :layout="one.layout"
          :window-width="one.windowWidth"
          :zoom="one.zoom"
          :label="one.title"
        />
        <p class="soft">{{ saysOf(one) }}</p>
      </section>
    </div>
  </div>
  <aside class="side-panel units">
    <h3>Root</h3>
    <FigureField
      label="Font size of the root, % of the browser’s 16 px"
      :value="rootSize"
      @change="setRoot"
    />
    <TroubleNote :says="trouble" />
    <p class="soft">
      1 rem is {{ Math.round(16 * rootSize) / 100 }} px; 1.2 em of it
      {{ Math.round(16 * rootSize * 1.2) / 100 }} px.
    </p>
    <UnitConverter v-if="library" :library="library" :root-size="rootSize" />
  </aside>
</template>

<style scoped>
.board {
  display: grid;
  gap: 16px;
  align-content: start;
}
.kinds {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 18px;
  align-items: center;
}
.kinds .soft {
  width: 100%;
}
.windows {
  display: grid;
  grid-template-columns: repeat(3, minmax(0, 1fr));
  gap: 16px;
}
section {
  display: grid;
  gap: 8px;
  align-content: start;
  min-width: 0;
  padding: 12px 14px;
  background: var(--paper);
  border: 1px solid var(--hairline);
}
.slider {
  display: flex;
  gap: 10px;
  align-items: center;
}
.slider .el-slider {
  flex: 1;
  min-width: 0;
}
.slider b {
  width: 60px;
  text-align: right;
}
.units {
  width: 248px;
}
</style>
