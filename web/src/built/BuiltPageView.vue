<script setup lang="ts">
import { ElButton } from 'element-plus'
import { useElementSize } from '@vueuse/core'
import { computed, ref, watch } from 'vue'
import { DIFFERENCES, type DifferenceKind } from '@nolvex/core/review/built/builtDifferences'
import { pagesInOrder } from '@nolvex/core/site/treeOrder'
import ChoiceField from '../forms/ChoiceField.vue'
import FilePick from '../forms/FilePick.vue'
import SideEntry from '../forms/SideEntry.vue'
import TroubleNote from '../forms/TroubleNote.vue'
import { readPageFiles } from '../found/readPageFiles'
import { useProject } from '../session/projectStore'
import { useStages } from '../stages/useStages'
import { useBuiltPage } from './useBuiltPage'

/** What a developer made of a drawing: laid out at every band, with what differs from it. */
const project = useProject()
const { isDrawn } = useStages()
const frame = ref<HTMLIFrameElement>()
const drawn = computed(() =>
  pagesInOrder(project.site.records.pages)
    .map(({ page }) => page)
    .filter(({ id }) => isDrawn(id)),
)
const page = ref(drawn.value.at(0)?.id)
const pages = computed(() =>
  Object.fromEntries(drawn.value.map(({ id, title }) => [id, title || 'Untitled'])),
)
const { files, found, isReading, trouble, bands, band, width, open, close } = useBuiltPage(page, frame)

const kind = ref<DifferenceKind>()
const current = computed(() => found.value.get(band.value))
const shown = computed(() =>
  (current.value?.differences ?? []).filter((one) => !kind.value || one.kind === kind.value),
)
const kinds = computed(() => {
  const counts = new Map<DifferenceKind, number>()
  for (const one of current.value?.differences ?? []) counts.set(one.kind, (counts.get(one.kind) ?? 0) + 1)
  return Object.fromEntries([...counts].map(([name, count]) => [name, `${DIFFERENCES[name]} (${count})`]))
})
const countWords = (count: number) =>
  count === 0 ? 'as drawn' : count === 1 ? '1 difference' : `${count} differences`

const chosen = ref<number>()
watch([band, kind, found], () => (chosen.value = undefined))
const pointed = computed(() => (chosen.value === undefined ? undefined : shown.value[chosen.value]))

const board = ref<HTMLElement>()
const { width: room } = useElementSize(board)
const scale = computed(() => Math.min(1, room.value / width.value) || 1)
const height = computed(() => Math.min(20_000, current.value?.height ?? 900))

/** Shows a difference where it is. */
function show(index: number) {
  chosen.value = index
  const rect = pointed.value?.built ?? pointed.value?.drawn
  if (rect) board.value?.scrollTo({ top: Math.max(0, rect.y * scale.value - 120), behavior: 'smooth' })
}

async function take(list: File[]) {
  if (list.length === 0) return
  trouble.value = ''
  try {
    await open(await readPageFiles(list))
  } catch (error) {
    trouble.value = (error as Error).message
  }
}
</script>

<template>
  <div
    ref="board"
    class="board built"
    tabindex="0"
    aria-label="The built page"
    @dragover.prevent
    @drop.prevent="take([...($event.dataTransfer?.files ?? [])])"
  >
    <div v-if="!files" class="invitation">
      <h2>Was it built as it was drawn?</h2>
      <p>
        Choose the page’s drawing at the right, then the HTML a developer made of it, with its CSS, fonts and
        pictures: a file, a zip or a folder. It is laid out at every band, its parts are matched with the
        drawing’s, and what differs is listed, the largest first. Nothing in it runs and nothing is fetched.
      </p>
      <p class="pickers">
        <FilePick
          class="main"
          words="An HTML file or a zip…"
          label="Built page"
          accept=".html,.htm,.zip"
          @files="take"
        />
        <FilePick words="A folder…" label="Folder of the built page" accept="" several folder @files="take" />
      </p>
    </div>
    <div
      v-show="files"
      class="opened-page"
      :style="{ width: `${width}px`, height: `${height}px`, transform: `scale(${scale})` }"
    >
      <iframe
        ref="frame"
        sandbox="allow-same-origin"
        title="The built page"
        tabindex="-1"
        :style="{ height: `${height}px` }"
      />
      <svg :width="width" :height="height" aria-hidden="true">
        <template v-for="(one, index) in shown" :key="index">
          <rect
            v-if="one.built"
            class="as-built"
            :class="{ pointed: index === chosen }"
            v-bind="{ x: one.built.x, y: one.built.y, width: one.built.w, height: one.built.h }"
          />
        </template>
        <rect
          v-if="pointed?.drawn"
          class="as-drawn"
          v-bind="{
            x: pointed.drawn.x,
            y: pointed.drawn.y,
            width: pointed.drawn.w,
            height: pointed.drawn.h,
          }"
        />
      </svg>
    </div>
  </div>
  <aside class="side-panel built-list" aria-label="What differs">
    <ChoiceField
      v-if="drawn.length"
      label="Compared with the drawing of"
      :value="page"
      :choices="pages"
      @change="page = $event"
    />
    <p v-else class="soft">No page is drawn yet: there is nothing to compare with.</p>
    <TroubleNote :says="trouble" />
    <p v-if="isReading" class="soft" role="status">Laying it out at every band…</p>
    <template v-else-if="found.size">
      <h3>At each band</h3>
      <SideEntry v-for="one in bands.inOrder" :key="one.id" :current="one.id === band" @click="band = one.id">
        <b>{{ one.name }}</b>
        <span class="soft"
          >{{ one.drawnAt }} px: {{ countWords(found.get(one.id)?.differences.length ?? 0) }}</span
        >
      </SideEntry>
      <h3>What differs</h3>
      <p v-if="!current?.differences.length" class="soft">Nothing: it is built as it was drawn.</p>
      <template v-else>
        <ChoiceField
          label="Of which kind"
          hide-label
          :value="kind"
          :choices="kinds"
          none="Everything"
          @change="kind = $event"
        />
        <SideEntry
          v-for="(one, index) in shown"
          :key="index"
          :current="index === chosen"
          @click="show(index)"
        >
          <span class="kind">{{ DIFFERENCES[one.kind] }}</span>
          <span dir="auto">{{ one.says }}</span>
        </SideEntry>
        <p class="soft legend">
          <span class="key as-drawn" /> where it was drawn <span class="key as-built" /> where it was built
        </p>
      </template>
    </template>
    <ElButton v-if="files" link @click="close">Open another</ElButton>
  </aside>
</template>

<style scoped>
.pickers {
  display: flex;
  gap: 8px;
}
iframe {
  pointer-events: none;
}
rect.as-built {
  fill: none;
  stroke: var(--brick);
  stroke-width: 1.5;
  vector-effect: non-scaling-stroke;
}
rect.as-built.pointed {
  fill: var(--brick);
  fill-opacity: 0.12;
  stroke-width: 3;
}
rect.as-drawn {
  fill: none;
  stroke: var(--pine);
  stroke-width: 3;
  stroke-dasharray: 7 4;
  vector-effect: non-scaling-stroke;
}
.built-list {
  width: 320px;
  overflow: auto;
}
.kind {
  color: var(--slate);
  font-size: 11px;
}
.legend {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 6px;
  align-items: center;
}
.key {
  width: 20px;
  height: 0;
  border-top: 3px dashed var(--pine);
}
.key.as-built {
  margin-left: 8px;
  border-top: 2px solid var(--brick);
}
</style>
