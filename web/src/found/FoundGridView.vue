<script setup lang="ts">
import { ElButton } from 'element-plus'
import { useElementSize } from '@vueuse/core'
import { computed, nextTick, ref, shallowRef } from 'vue'
import { columnPositions } from '@nolvex/core/grid/columnGrid'
import { inferGrids, type InferredGrid } from '@nolvex/core/grid/inferGrid'
import { gridAt, type BandGrid } from '@nolvex/core/grid/bandGrid'
import { bandsOf } from '@nolvex/core/resolve/resolvePage'
import { pagesInOrder } from '@nolvex/core/site/treeOrder'
import type { Json } from '@nolvex/core/document/types'
import TroubleNote from '../forms/TroubleNote.vue'
import SideEntry from '../forms/SideEntry.vue'
import FilePick from '../forms/FilePick.vue'
import ChoiceField from '../forms/ChoiceField.vue'
import FigureField from '../forms/FigureField.vue'
import { takePicture } from '../session/takePicture'
import { newId } from '../session/newId'
import { useProject } from '../session/projectStore'
import { readPixels } from '../screens/readPixels'
import { layOutPage, type FoundBlock } from './layOutPage'
import MarkedPicture from './MarkedPicture.vue'
import { readPageFiles, type PageFiles } from './readPageFiles'

/** The column grid of a page that exists: from a picture with blocks marked on it, or read off an HTML file. */
const project = useProject()
const bands = computed(() => bandsOf(project.site))
const trouble = ref('')
const isBusy = ref(false)
const width = ref(1440)
const blocks = shallowRef<FoundBlock[]>([])
const picture = shallowRef<{ file: File; address: string; width: number; height: number }>()
/** px of the page for each pixel of the picture */
const scale = ref(1)
const html = shallowRef<PageFiles>()
const frame = ref<HTMLIFrameElement>()
const frameHeight = ref(900)
const chosen = ref(0)

const board = ref<HTMLElement>()
const { width: room } = useElementSize(board)
/** An opened page wider than there is room for is shown smaller. */
const openedStyle = computed(() => ({
  height: `${frameHeight.value}px`,
  width: `${width.value}px`,
  transform: `scale(${Math.min(1, room.value / width.value) || 1})`,
}))

const grids = computed(() => inferGrids(blocks.value, width.value))
const grid = computed((): InferredGrid | undefined => grids.value[chosen.value] ?? grids.value[0])
const asBand = computed((): BandGrid | undefined => {
  if (!grid.value) return undefined
  const round = (px: number) => Math.round(px * 100) / 100
  const { columns, gutter, marginLeft, marginRight } = grid.value
  const own = Math.abs(marginLeft - marginRight) > 0.5 ? { marginRight: round(marginRight) } : {}
  return { columns, gutter: round(gutter), margin: round(marginLeft), ...own }
})
const columns = computed(() => {
  try {
    return asBand.value ? columnPositions(gridAt(asBand.value, width.value)) : []
  } catch {
    return []
  }
})
const round = (px: number) => Math.round(px * 100) / 100
const words = ({ columns, columnWidth, gutter, marginLeft, marginRight }: InferredGrid) => {
  const sides =
    Math.abs(marginLeft - marginRight) > 0.5
      ? `${round(marginLeft)} and ${round(marginRight)}`
      : round(marginLeft)
  return `${columns} columns of ${round(columnWidth)}, gutters ${round(gutter)}, margins ${sides}`
}

async function attempt(work: () => Promise<void>) {
  trouble.value = ''
  isBusy.value = true
  try {
    await work()
  } catch (error) {
    trouble.value = (error as Error).message
  } finally {
    isBusy.value = false
  }
}
function begin() {
  blocks.value = []
  chosen.value = 0
  html.value = undefined
  if (picture.value) URL.revokeObjectURL(picture.value.address)
  picture.value = undefined
}

/** Takes files from a picker or a drop: a picture, or HTML with what belongs to it. */
const take = (files: File[]) =>
  attempt(async () => {
    if (files.length === 0) return
    begin()
    const [first] = files
    if (files.length === 1 && /^image\/(png|jpeg|webp)$/.test(first.type)) {
      const { bitmap } = await readPixels(first)
      picture.value = {
        file: first,
        address: URL.createObjectURL(first),
        width: bitmap.width,
        height: bitmap.height,
      }
      scale.value = 1
      width.value = bitmap.width
      return
    }
    html.value = await readPageFiles(files)
    await layOut()
  })
async function layOut() {
  await nextTick()
  if (!html.value || !frame.value) return
  frameHeight.value = 900
  blocks.value = await layOutPage(frame.value, html.value, width.value)
  chosen.value = 0
  frameHeight.value = Math.min(20_000, Math.max(300, ...blocks.value.map(({ bottom }) => bottom)))
}
function setWidth(px: number | undefined) {
  if (px === undefined || px < 200 || px > 4000)
    return (trouble.value = 'A page is between 200 and 4000 px wide.')
  trouble.value = ''
  if (picture.value) scale.value = px / picture.value.width
  width.value = Math.round(px)
  if (html.value) void attempt(layOut)
}
/** The picture is as large as a known distance in it says. */
function setScale(pxForPixel: number) {
  if (!picture.value) return
  scale.value = pxForPixel
  width.value = Math.round(picture.value.width * pxForPixel)
}

const bandChoices = computed(() => Object.fromEntries(bands.value.inOrder.map(({ id, name }) => [id, name])))
const pageChoices = computed(() =>
  Object.fromEntries(
    pagesInOrder(project.site.records.pages)
      .filter(({ page }) => page.kind !== 'external')
      .map(({ page }) => [page.id, page.title || 'Untitled']),
  ),
)
const done = ref('')
function giveTo(band: string | undefined) {
  if (!band || !asBand.value) return
  const { name, grid: before } = project.site.records.bands[band]
  const kept = {
    ...asBand.value,
    ...(before.rows && { rows: before.rows }),
    ...(before.baseline && { baseline: before.baseline }),
  }
  project.setSite(`Take the found grid for ${name}`, 'bands', band, ['grid'], kept as unknown as Json)
  done.value = `${name} has this grid now.`
}
function keep() {
  if (!asBand.value || !grid.value) return
  const id = newId()
  const record = { id, name: `Found: ${grid.value.columns} columns`, grid: asBand.value as unknown as Json }
  project.changeSite('Keep the found grid', [{ type: 'put', collection: 'savedGrids', id, record }])
  done.value = 'It is kept under Bands.'
}
const putUnder = (page: string | undefined) =>
  attempt(async () => {
    const shown = picture.value
    if (!page || !shown) return
    const { id: asset } = await takePicture(project.id, shown.file)
    const underlay = {
      asset,
      x: 0,
      y: 0,
      width: round(shown.width * scale.value),
      height: round(shown.height * scale.value),
      strength: 40,
    }
    project.setSite('Put a picture under the drawing', 'pages', page, ['underlay'], underlay)
    done.value = `It lies under the drawing of ${pageChoices.value[page]}.`
  })
</script>

<template>
  <div
    ref="board"
    class="board"
    @dragover.prevent
    @drop.prevent="take([...($event.dataTransfer?.files ?? [])])"
  >
    <div v-if="!picture && !html" class="invitation">
      <h2>Which grid does an existing page have?</h2>
      <p>
        Choose a picture of it and mark a few blocks, or open its HTML file (with its CSS and pictures, as a
        zip or a folder): its block edges are read. Nothing in it runs and nothing is fetched.
      </p>
      <p class="pickers">
        <FilePick
          class="main"
          words="A picture, an HTML file or a zip…"
          label="Picture or page"
          accept="image/png,image/jpeg,image/webp,.html,.htm,.zip"
          @files="take"
        />
        <FilePick words="A folder…" label="Folder of a page" accept="" several folder @files="take" />
      </p>
    </div>
    <MarkedPicture
      v-if="picture"
      v-model="blocks"
      :address="picture.address"
      :width="picture.width"
      :height="picture.height"
      :scale="scale"
      :columns="columns"
      :astray="grid?.astray ?? []"
      @scale="setScale"
    />
    <div v-show="html" class="opened-page" :style="openedStyle">
      <iframe
        ref="frame"
        sandbox="allow-same-origin"
        title="The opened page"
        :style="{ height: `${frameHeight}px` }"
      />
      <svg :width="width" :height="frameHeight" aria-hidden="true">
        <rect
          v-for="column in columns"
          :key="column.left"
          class="column"
          :x="column.left"
          :width="column.width"
          :height="frameHeight"
        />
        <rect
          v-for="index in grid?.astray ?? []"
          :key="index"
          class="stray"
          :x="blocks[index].left"
          :y="blocks[index].top"
          :width="blocks[index].right - blocks[index].left"
          :height="blocks[index].bottom - blocks[index].top"
        />
      </svg>
    </div>
  </div>
  <aside class="side-panel found">
    <TroubleNote :says="trouble" />
    <template v-if="picture || html">
      <FigureField
        label="The page is as wide as"
        :value="width"
        @change="setWidth"
        @trouble="trouble = $event"
      />
      <p class="soft">
        {{ blocks.length === 1 ? '1 block' : `${blocks.length} blocks` }}
        {{ picture ? 'marked: pull rectangles over a few.' : 'read.' }}
      </p>
      <h3>The grids that explain them</h3>
      <p v-if="grids.length === 0" class="soft">
        {{ picture ? 'Mark at least two blocks; six or more say it well.' : 'Its blocks stand on no grid.' }}
      </p>
      <SideEntry v-for="(one, index) in grids" :key="index" :current="one === grid" @click="chosen = index">
        <b>{{ words(one) }}</b>
        <span class="soft">
          explains {{ one.explained }} of {{ one.edges }} edges, off by {{ round(one.misfit) }} px<template
            v-if="one.astray.length"
            >, {{ one.astray.length === 1 ? '1 block' : `${one.astray.length} blocks` }} astray</template
          >
        </span>
      </SideEntry>
      <template v-if="grid">
        <ChoiceField label="Use it for" :choices="bandChoices" none="Choose a band" @change="giveTo" />
        <ElButton @click="keep">Keep it under a name</ElButton>
      </template>
      <ChoiceField
        v-if="picture"
        label="Put the picture under the drawing of"
        :choices="pageChoices"
        none="Choose a page"
        @change="putUnder"
      />
      <p v-if="done" role="status">{{ done }}</p>
      <ElButton link @click="begin">Open another</ElButton>
    </template>
    <p v-else class="soft">
      The grid it finds can be used for a band or kept, and a picture can lie under a drawing.
    </p>
    <p v-if="isBusy" class="soft" role="status">Reading…</p>
  </aside>
</template>

<style scoped>
.pickers {
  display: flex;
  gap: 8px;
}
.column {
  fill: var(--pine);
  fill-opacity: 0.12;
}
.stray {
  fill: none;
  stroke: var(--brick);
  stroke-width: 2;
  stroke-dasharray: 4 3;
}
.found {
  width: 288px;
}
</style>
