<script setup lang="ts">
import { ElButton, ElCheckbox } from 'element-plus'
import { computed, ref } from 'vue'
import type { Json } from '@nolvex/core/document/types'
import { bandGridSchema, type BandGrid } from '@nolvex/core/grid/bandGrid'
import { OVERLAYS, type OverlayName } from '@nolvex/core/site/gridPlan'
import { departures, gridOfPage } from '@nolvex/core/site/pageGrid'
import type { Band } from '@nolvex/core/site/site'
import { cutText } from '@nolvex/core/text/cutText'
import TroubleNote from '../forms/TroubleNote.vue'
import ColourPicker from '../forms/ColourPicker.vue'
import ChoiceField from '../forms/ChoiceField.vue'
import FigureField from '../forms/FigureField.vue'
import TextField from '../forms/TextField.vue'
import { api } from '../session/api'
import { newId } from '../session/newId'
import { useProject } from '../session/projectStore'
import BandEquation from './BandEquation.vue'
import { OVERLAY_KEYS, useOverlays } from './useOverlays'

/** Beside the bands: overlays, kept grids, grids of other projects, and pages that depart from the project's grid. */
const props = defineProps<{ page?: string; bands: Band[] }>()
const project = useProject()
const { shown, looks, setLook } = useOverlays()
const overlays = Object.keys(OVERLAYS) as OverlayName[]
const trouble = ref('')

const kept = computed(() => Object.values(project.site.records.savedGrids))
const words = ({ columns, gutter, margin }: BandGrid) =>
  `${columns} columns, gutters ${gutter}, margins ${margin}`

const keep = (name: string, grid: BandGrid) => {
  const id = newId()
  const record = { id, name: cutText(name, 100), grid: grid as unknown as Json }
  project.changeSite(`Keep the grid ${name}`, [{ type: 'put', collection: 'savedGrids', id, record }])
}
const forget = (id: string) =>
  project.changeSite('Forget a kept grid', [{ type: 'remove', collection: 'savedGrids', id }])

const others = ref<Record<string, string>>({})
const theirs = ref<{ name: string; grid: BandGrid }[]>([])

async function attempt(work: () => Promise<void>) {
  trouble.value = ''
  try {
    await work()
  } catch (error) {
    trouble.value = (error as Error).message
  }
}
const listOthers = () =>
  attempt(async () => {
    const { projects } = await api.projects()
    others.value = Object.fromEntries(
      projects.filter(({ id }) => id !== project.id).map(({ id, name }) => [id, name]),
    )
    if (projects.length < 2) trouble.value = 'There is no other project yet.'
  })
const look = (id: string | undefined) =>
  attempt(async () => {
    theirs.value = []
    if (!id) return
    const { site } = (await api.documents(id)).documents
    const records = [...Object.values(site.records.bands), ...Object.values(site.records.savedGrids ?? {})]
    theirs.value = records.flatMap(({ name, grid }) => {
      const read = bandGridSchema.safeParse(grid)
      return read.success ? [{ name: String(name), grid: read.data }] : []
    })
  })

const departing = computed(() => departures(project.site.records))
const titleOf = (id: string) => project.site.records.pages[id]?.title || 'Untitled'
const bandName = (id: string) => props.bands.find((band) => band.id === id)?.name ?? ''
const departAt = ref<string>()
const ownGrid = computed(() => {
  const band = props.bands.find(({ id }) => id === departAt.value)
  return (
    props.page &&
    band && { page: props.page, band, grid: gridOfPage(project.site.records, props.page, band.id) }
  )
})
const setOwn = (page: string, band: string, label: string, grid: BandGrid | undefined) =>
  project.setSite(label, 'pages', page, ['grids', band], grid as unknown as Json | undefined)

const setStrength = (name: OverlayName, strength: number | undefined) =>
  strength !== undefined &&
  setLook(name, { ...looks.value[name], strength: Math.min(100, Math.max(2, Math.round(strength))) })
</script>

<template>
  <aside class="side-panel shelf" aria-label="Lines and kept grids">
    <h3>Lines over the page</h3>
    <div v-for="name in overlays" :key="name" class="overlay">
      <ElCheckbox v-model="shown[name]">{{ OVERLAYS[name] }}</ElCheckbox>
      <kbd>{{ OVERLAY_KEYS[name] }}</kbd>
      <ColourPicker
        :value="looks[name].colour"
        :label="`Colour of ${OVERLAYS[name]}`"
        @change="setLook(name, { ...looks[name], colour: $event })"
      />
      <FigureField
        class="strength"
        :label="`Strength of ${OVERLAYS[name]}, %`"
        hide-label
        :value="looks[name].strength"
        @change="setStrength(name, $event)"
      />
      <span class="soft">%</span>
    </div>
    <h3>Kept grids</h3>
    <p v-if="kept.length === 0" class="soft">
      None yet. Keep a band’s grid under a name and apply it to other bands and projects.
    </p>
    <div v-for="one in kept" :key="one.id" class="kept">
      <TextField
        label="Name of the grid"
        hide-label
        :value="one.name"
        :max="100"
        @change="$event && project.setSite('Rename grid', 'savedGrids', one.id, ['name'], $event)"
      />
      <span class="soft">{{ words(one.grid) }}</span>
      <ElButton link :aria-label="`Forget the grid ${one.name}`" @click="forget(one.id)"> Forget </ElButton>
    </div>
    <ChoiceField
      v-if="Object.keys(others).length"
      label="From another project"
      :choices="others"
      none="Choose a project"
      @change="look"
    />
    <ElButton v-else @click="listOthers">Take from another project…</ElButton>
    <div v-for="(one, index) in theirs" :key="index" class="kept">
      <b>{{ one.name }}</b>
      <span class="soft">{{ words(one.grid) }}</span>
      <ElButton link :aria-label="`Keep the grid ${one.name}`" @click="keep(one.name, one.grid)">
        Keep
      </ElButton>
    </div>
    <TroubleNote :says="trouble" />
    <template v-if="page">
      <h3>Pages with a grid of their own</h3>
      <p v-if="departing.length === 0" class="soft">None: all pages keep to the project’s grid.</p>
      <div v-for="one in departing" :key="one.page" class="kept">
        <b>{{ titleOf(one.page) }}</b>
        <span v-for="band in one.bands" :key="band" class="soft">
          at {{ bandName(band) }}
          <ElButton
            link
            :aria-label="`Give ${titleOf(one.page)} the project’s grid back at ${bandName(band)}`"
            @click="setOwn(one.page, band, 'Give back the grid', undefined)"
          >
            Give back
          </ElButton>
        </span>
      </div>
      <ChoiceField
        :label="`Let ${titleOf(page)} depart`"
        :value="departAt"
        :choices="Object.fromEntries(bands.map(({ id, name }) => [id, `at ${name}`]))"
        none="No"
        @change="departAt = $event"
      />
      <BandEquation
        v-if="ownGrid"
        class="own"
        :name="`${titleOf(ownGrid.page)} at ${ownGrid.band.name}`"
        :grid="ownGrid.grid"
        :width="ownGrid.band.drawnAt"
        @change="(label, grid) => ownGrid && setOwn(ownGrid.page, ownGrid.band.id, label, grid)"
      />
    </template>
  </aside>
</template>

<style scoped>
h3:not(:first-child) {
  margin-top: 10px;
}
.overlay {
  display: flex;
  gap: 6px;
  align-items: center;
}
.overlay > label:first-child {
  flex: 1;
  white-space: nowrap;
}
.overlay {
  --control: 24px;
  --el-component-size: 24px;
}
kbd {
  padding: 0 5px;
  border: 1px solid var(--hairline);
  color: var(--soft);
  font: inherit;
  font-size: 11px;
}
.strength {
  width: 44px;
}
.strength :deep(.el-input__inner) {
  text-align: right;
}
.kept {
  display: grid;
  gap: 2px;
  justify-items: start;
  padding-bottom: 6px;
  border-bottom: 1px solid var(--hairline);
}
.own :deep(.equation) {
  font-size: 15px;
}
.own :deep(.figure) {
  width: 62px;
}
</style>
