<script setup lang="ts">
import { computed, ref } from 'vue'
import { ImpossibleBand, moveBreakpoint, removeBand, splitBand } from '@nolvex/core/draft/bandChanges'
import type { ChangePart } from '@nolvex/core/document/types'
import type { DrawingDocument } from '@nolvex/core/drawing/drawing'
import { bandsOf } from '@nolvex/core/resolve/resolvePage'
import type { Band } from '@nolvex/core/site/site'
import TextField from '../forms/TextField.vue'
import { newId } from '../session/newId'
import { useProject } from '../session/projectStore'
import BandEquation from './BandEquation.vue'
import GridDrawing from './GridDrawing.vue'

/** The bands of the site, each with its column grid written as the equation it is. */
const project = useProject()
const bands = computed(() => bandsOf(project.site).inOrder)
const lead = computed(() => project.site.records.settings.site?.lead)
const splitting = ref<{ band: string; at: string }>()
const trouble = ref<{ band: string; says: string }>()

const endOf = (band: Band) => bands.value[bands.value.indexOf(band) + 1]?.from
const rangeWords = (band: Band) => {
  const end = endOf(band)
  if (end === undefined) return `from ${band.from} px`
  return band.from === 0 ? `up to ${end - 1} px` : `${band.from} to ${end - 1} px`
}
/** All bands are drawn to one scale, the widest filling the view. */
const scale = computed(() => 1 / Math.max(...bands.value.map(({ drawnAt }) => drawnAt)))

/** Makes a change of bands, or says why it cannot be. */
function attempt(band: string, label: string, parts: () => ChangePart[]) {
  trouble.value = undefined
  try {
    project.change(label, parts())
  } catch (error) {
    if (!(error instanceof ImpossibleBand)) throw error
    trouble.value = { band, says: error.message }
  }
}

function setFrom(band: Band, event: Event) {
  const input = event.target as HTMLInputElement
  attempt(band.id, `Move the breakpoint of ${band.name}`, () =>
    moveBreakpoint(project.site, band.id, Number(input.value)),
  )
  input.value = String(project.site.records.bands[band.id].from)
}

function setDrawnAt(band: Band, event: Event) {
  const input = event.target as HTMLInputElement
  const drawnAt = Number(input.value)
  const [least, most] = [Math.max(200, band.from), (endOf(band) ?? 10_001) - 1]
  if (!Number.isInteger(drawnAt) || drawnAt < least || drawnAt > most) {
    trouble.value = {
      band: band.id,
      says: `${band.name} is drawn at a width between ${least} and ${most} px.`,
    }
    input.value = String(band.drawnAt)
    return
  }
  trouble.value = undefined
  project.setSite(`Draw ${band.name} at ${drawnAt} px`, 'bands', band.id, ['drawnAt'], drawnAt)
}

function split(band: Band) {
  const at = Number(splitting.value?.at)
  const name = `${band.name} 2`.slice(0, 60)
  attempt(band.id, `Split ${band.name} at ${at} px`, () =>
    splitBand(project.site, band.id, at, { id: newId(), name }),
  )
  if (!trouble.value) splitting.value = undefined
}

function remove(band: Band) {
  const drawings = Object.values(project.view.documents).filter(({ kind }) => kind === 'drawing')
  attempt(band.id, `Take away the band ${band.name}`, () =>
    removeBand(project.site, project.style, drawings as unknown as DrawingDocument[], band.id),
  )
}
</script>

<template>
  <main class="grid-stage">
    <div class="stage-strip">
      <b>{{ bands.length === 1 ? '1 band' : `${bands.length} bands` }}</b>
      <span class="soft"
        >Type any figure; the doubly underlined one gives way. Arrow keys step, with Shift by ten.</span
      >
    </div>
    <div class="board">
      <section v-for="band in bands" :key="band.id" :data-band="band.id">
        <header>
          <TextField
            label="Name of the band"
            hide-label
            :value="band.name"
            :max="60"
            @change="$event && project.setSite('Rename band', 'bands', band.id, ['name'], $event)"
          />
          <span class="soft">{{ rangeWords(band) }}{{ band.id === lead ? ' · lead' : '' }}</span>
          <label v-if="band.from > 0" class="soft">
            begins at
            <input class="field" type="number" :value="band.from" @change="setFrom(band, $event)" />
          </label>
          <label class="soft">
            drawn at
            <input class="field" type="number" :value="band.drawnAt" @change="setDrawnAt(band, $event)" />
          </label>
          <span class="do">
            <form v-if="splitting?.band === band.id" @submit.prevent="split(band)">
              <input v-model="splitting.at" class="field" type="number" aria-label="Width to split at" />
              <button class="action">Split</button>
              <button class="plain" type="button" @click="splitting = undefined">Cancel</button>
            </form>
            <button
              v-else
              class="action"
              @click="
                splitting = {
                  band: band.id,
                  at: String(Math.round((band.from + (endOf(band) ?? band.from + 960)) / 2)),
                }
              "
            >
              Split this band…
            </button>
            <button v-if="band.id !== lead" class="plain" @click="remove(band)">Take it away</button>
          </span>
        </header>
        <BandEquation :band="band" />
        <p v-if="trouble?.band === band.id" class="trouble-text" role="alert">{{ trouble.says }}</p>
        <GridDrawing :band="band" :scale="scale" />
      </section>
    </div>
  </main>
</template>

<style scoped>
.grid-stage {
  display: flex;
  flex: 1;
  flex-direction: column;
  min-height: 0;
}
section {
  display: grid;
  gap: 12px;
  max-width: 1240px;
  margin-bottom: 16px;
  padding: 14px 16px;
  background: var(--paper);
  border: 1px solid var(--hairline);
}
header,
header label,
.do,
form {
  display: flex;
  gap: 10px;
  align-items: center;
}
header .field {
  color: var(--ink);
  width: 84px;
}
.do {
  margin-left: auto;
}
</style>
