<script setup lang="ts">
import { ElButton, ElCheckbox } from 'element-plus'
import { computed, ref } from 'vue'
import AddLine from '../forms/AddLine.vue'
import ColourPicker from '../forms/ColourPicker.vue'
import FigureField from '../forms/FigureField.vue'
import LineInput from '../forms/LineInput.vue'
import SideEntry from '../forms/SideEntry.vue'
import TroubleNote from '../forms/TroubleNote.vue'
import { useProject } from '../session/projectStore'
import { useExport } from '../session/useExport'
import BoardItems from './BoardItems.vue'
import BoardPicture from './BoardPicture.vue'
import { useBoards } from './useBoards'

/** Finished pages for others to look at, side by side in their frames: kept, named, shown full screen and taken away. */
const project = useProject()
const { boards, board, items, show, add, remove, set } = useBoards()
const { running, trouble, take, cancel } = useExport()
const stage = ref<HTMLElement>()
const present = () => stage.value?.requestFullscreen().catch(() => undefined)

const figure = (leaf: 'gap' | 'radius', most: number) => (value: number | undefined) =>
  set(
    'Change the board',
    leaf,
    value === undefined ? undefined : Math.round(Math.min(most, Math.max(0, value))),
  )
const shadow = computed(() => Math.round(100 * (board.value?.shadow ?? 0.35)))
const setShadow = (percent: number | undefined) =>
  set(
    'Change the board',
    'shadow',
    percent === undefined ? undefined : Math.min(100, Math.max(0, percent)) / 100,
  )

const takeAway = (file: 'pdf' | 'svg' | 'png', scale = 1) =>
  board.value &&
  take(`${board.value.name} as ${file.toUpperCase()}`, {
    format: 'board',
    board: board.value.id,
    file,
    scale,
  })
</script>

<template>
  <main class="boards">
    <nav class="list" aria-label="Boards">
      <h1>Boards</h1>
      <SideEntry v-for="one in boards" :key="one.id" :current="one.id === board?.id" @click="show(one.id)">
        <b dir="auto">{{ one.name }}</b>
        <span class="soft">{{ one.items?.length ?? 0 }} on it</span>
      </SideEntry>
      <AddLine label="Add a board" placeholder="Name of a board" :max="100" @add="add($event)" />
      <RouterLink class="back" :to="{ name: 'mockup', params: { project: project.id } }"
        >Back to the mockup</RouterLink
      >
    </nav>
    <div v-if="board" ref="stage" class="stage" tabindex="0" :aria-label="`The board ${board.name}`">
      <BoardPicture v-if="items.length" :board="board" />
      <div v-else class="invitation">
        <h2>Nothing stands on this board yet</h2>
        <p>Choose a page at the right: it is put on the board at all bands, each in a frame that fits.</p>
      </div>
    </div>
    <div v-else class="stage">
      <div class="invitation">
        <h2>Show pages side by side</h2>
        <p>
          A board holds finished pages in browser windows, tablets and telephones on one ground: to send, to
          print, or to show in a meeting. Name the first one at the left.
        </p>
      </div>
    </div>
    <aside v-if="board" class="side-panel" aria-label="Particulars of the board">
      <LineInput
        label="Name of the board"
        :value="board.name"
        @change="$event && set('Rename the board', 'name', $event)"
      />
      <BoardItems />
      <h3>Looks</h3>
      <div class="ground">
        <span class="soft">ground</span>
        <ColourPicker
          label="Ground of the board"
          :value="board.ground ?? '#ece9e0'"
          @change="set('Change the ground of the board', 'ground', $event)"
        />
      </div>
      <div class="three">
        <FigureField label="gap" :value="board.gap ?? 80" @change="figure('gap', 400)($event)" />
        <FigureField label="corners" :value="board.radius ?? 14" @change="figure('radius', 80)($event)" />
        <FigureField label="shadow, %" :value="shadow" @change="setShadow" />
      </div>
      <ElCheckbox
        :model-value="board.captions ?? true"
        @change="set('Change the board', 'captions', $event ? undefined : false)"
        >Names of the pages</ElCheckbox
      >
      <h3>Take it away</h3>
      <div class="files">
        <ElButton :disabled="!!running || !items.length" @click="takeAway('pdf')">PDF</ElButton>
        <ElButton :disabled="!!running || !items.length" @click="takeAway('png')">PNG</ElButton>
        <ElButton :disabled="!!running || !items.length" @click="takeAway('png', 2)">PNG 2×</ElButton>
        <ElButton :disabled="!!running || !items.length" @click="takeAway('svg')">SVG</ElButton>
      </div>
      <p v-if="running" role="status">
        {{ running.label }}: {{ running.percent ?? 0 }} %
        <ElButton link @click="cancel">Stop</ElButton>
      </p>
      <TroubleNote :says="trouble" />
      <ElButton :disabled="!items.length" @click="present">Show it full screen</ElButton>
      <div class="files">
        <ElButton link @click="add(`${board.name} 2`, board)">Duplicate</ElButton>
        <ElButton link @click="remove">Delete</ElButton>
      </div>
    </aside>
  </main>
</template>

<style scoped>
.boards {
  display: flex;
  flex: 1;
  min-height: 0;
}
.list {
  display: flex;
  flex: none;
  flex-direction: column;
  gap: 6px;
  width: 200px;
  padding: 14px 10px;
  overflow: auto;
  background: var(--paper);
  border-right: 1px solid var(--hairline);
}
h1 {
  margin: 0 0 4px 6px;
  font-size: 15px;
}
.back {
  margin: 10px 6px;
  color: var(--pine);
}
.stage {
  flex: 1;
  min-width: 0;
  padding: 20px;
  overflow: auto;
  background: var(--desk);
}
.stage:fullscreen {
  display: grid;
  padding: 0;
  place-items: center;
}
.side-panel {
  width: 300px;
}
.ground {
  display: flex;
  gap: 10px;
  align-items: center;
}
.three {
  display: grid;
  grid-template-columns: repeat(3, 1fr);
  gap: 6px;
}
.files {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
}
.files .el-button {
  margin: 0;
}
</style>
