<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed, ref } from 'vue'
import type { BandGrid } from '@nolvex/core/grid/bandGrid'
import type { Band } from '@nolvex/core/site/site'
import TroubleNote from '../forms/TroubleNote.vue'
import CountField from '../forms/CountField.vue'
import ChoiceField from '../forms/ChoiceField.vue'
import FigureField from '../forms/FigureField.vue'
import TextField from '../forms/TextField.vue'
import { newId } from '../session/newId'
import { useProject } from '../session/projectStore'
import BandEquation from './BandEquation.vue'
import RowsEquation from './RowsEquation.vue'
import type { BandChanges } from './useBandChanges'

/** One band: its name, where it begins, what it is drawn at, and its grid. */
const props = defineProps<{ band: Band; bands: Band[]; lead: string; changes: BandChanges }>()
const project = useProject()
const splitAt = ref<number>()
const figureTrouble = ref('')

const index = computed(() => props.bands.findIndex(({ id }) => id === props.band.id))
const end = computed(() => props.bands[index.value + 1]?.from)
const isLead = computed(() => props.band.id === props.lead)
const neighbours = computed(() =>
  [props.bands[index.value - 1], props.bands[index.value + 1]].filter((one) => one !== undefined),
)
const range = computed(() => {
  const { from } = props.band
  if (end.value === undefined) return from === 0 ? 'all widths' : `from ${from} px`
  return from === 0 ? `up to ${end.value - 1} px` : `${from} to ${end.value - 1} px`
})
const says = computed(
  () =>
    figureTrouble.value ||
    (props.changes.trouble.value?.band === props.band.id ? props.changes.trouble.value.says : ''),
)

function setDrawnAt(px: number | undefined) {
  figureTrouble.value = ''
  const [least, most] = [Math.max(200, props.band.from), (end.value ?? 10_001) - 1]
  if (px === undefined || !Number.isInteger(px) || px < least || px > most)
    return (figureTrouble.value = `${props.band.name} is drawn at a width between ${least} and ${most} px.`)
  project.setSite(`Draw ${props.band.name} at ${px} px`, 'bands', props.band.id, ['drawnAt'], px)
}

function split() {
  if (splitAt.value !== undefined && props.changes.split(props.band, splitAt.value)) splitAt.value = undefined
}

const setGrid = (label: string, grid: BandGrid) => props.changes.setGrid(props.band, label, grid)

const savedGrids = computed(() => Object.values(project.site.records.savedGrids))
const gridChoices = computed(() => ({
  ...Object.fromEntries(
    props.bands.filter(({ id }) => id !== props.band.id).map(({ id, name }) => [id, `as ${name}`]),
  ),
  ...Object.fromEntries(savedGrids.value.map(({ id, name }) => [id, name])),
}))

function takeGrid(id: string | undefined) {
  const from = props.bands.find((band) => band.id === id) ?? savedGrids.value.find((saved) => saved.id === id)
  if (from) setGrid(`Apply the grid ${from.name}`, from.grid)
}

function keepGrid() {
  const id = newId()
  const name = `${props.band.name}, ${props.band.grid.columns} columns`
  project.changeSite(`Keep the grid of ${props.band.name}`, [
    { type: 'put', collection: 'savedGrids', id, record: { id, name, grid: props.band.grid } as never },
  ])
}
</script>

<template>
  <section :data-band="band.id">
    <header>
      <TextField
        class="name"
        label="Name of the band"
        hide-label
        :value="band.name"
        :max="60"
        @change="$event && project.setSite('Rename band', 'bands', band.id, ['name'], $event)"
      />
      <span class="soft">{{ range }}</span>
      <b v-if="isLead" class="lead" title="Drawn first; the others take its values where they have none"
        >lead</b
      >
      <ElButton v-else link title="Draw this band first; no page changes" @click="changes.lead(band)">
        Make it the lead
      </ElButton>
      <span v-if="band.from > 0" class="labelled">
        <span class="soft">begins at</span>
        <FigureField
          class="short"
          :label="`Where ${band.name} begins`"
          hide-label
          :value="band.from"
          @change="$event !== undefined && changes.move(band, $event)"
          @trouble="figureTrouble = $event"
        />
      </span>
      <span class="labelled">
        <span class="soft">drawn at</span>
        <FigureField
          class="short"
          :label="`Width ${band.name} is drawn at`"
          hide-label
          :value="band.drawnAt"
          @change="setDrawnAt"
          @trouble="figureTrouble = $event"
        />
      </span>
      <span class="do">
        <form v-if="splitAt !== undefined" @submit.prevent="split">
          <CountField
            class="short"
            label="Width to split at"
            hide-label
            :value="splitAt"
            :least="1"
            :most="10000"
            @change="splitAt = $event"
          />
          <ElButton native-type="submit">Split</ElButton>
          <ElButton link @click="splitAt = undefined">Cancel</ElButton>
        </form>
        <template v-else>
          <ElButton link @click="splitAt = Math.round((band.from + (end ?? band.from + 960)) / 2)">
            Split…
          </ElButton>
          <template v-if="!isLead">
            <ElButton
              v-for="neighbour in neighbours"
              :key="neighbour.id"
              link
              :title="`${neighbour.name} takes its widths; its values go outward`"
              @click="changes.merge(band, neighbour)"
            >
              Join with {{ neighbour.name }}
            </ElButton>
          </template>
        </template>
      </span>
    </header>
    <TroubleNote :says="says" />
    <BandEquation :name="band.name" :grid="band.grid" :width="band.drawnAt" @change="setGrid" />
    <RowsEquation :name="band.name" :grid="band.grid" @change="setGrid" />
    <footer>
      <ChoiceField
        label="Apply another grid"
        hide-label
        :choices="gridChoices"
        none="Apply another grid…"
        @change="takeGrid"
      />
      <ElButton link @click="keepGrid">Keep this grid under a name</ElButton>
    </footer>
  </section>
</template>

<style scoped>
section {
  display: grid;
  gap: 10px;
  padding: 14px 16px;
  background: var(--paper);
  border: 1px solid var(--hairline);
}
header,
footer,
.labelled,
.do,
form {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 12px;
  align-items: center;
}
.labelled {
  gap: 6px;
}
.name {
  width: 128px;
}
.name :deep(.el-input__inner) {
  font-weight: 700;
}
.lead {
  padding: 0 6px;
  background: var(--pine);
  color: #fff;
}
.short {
  width: 68px;
}
.do {
  margin-left: auto;
}
</style>
