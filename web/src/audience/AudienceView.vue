<script setup lang="ts">
import { ElButton, ElCheckbox, ElInput } from 'element-plus'
import { computed, ref } from 'vue'
import {
  foldCurve,
  histogram,
  readSizes,
  shareWhoSee,
  type ViewportSize,
} from '@nolvex/core/viewport/audience'
import { proposedBands, representativeWidths } from '@nolvex/core/viewport/representativeWidths'
import { withoutRarest } from '@nolvex/core/viewport/withoutRarest'
import { bandsOf } from '@nolvex/core/resolve/resolvePage'
import TroubleNote from '../forms/TroubleNote.vue'
import CountField from '../forms/CountField.vue'
import ChoiceField from '../forms/ChoiceField.vue'
import FigureField from '../forms/FigureField.vue'
import { useBandChanges } from '../grid/useBandChanges'
import { api } from '../session/api'
import { useProject } from '../session/projectStore'
import { useViewport } from '../screens/useViewport'
import AudienceChart from './AudienceChart.vue'
import ImportAudience from './ImportAudience.vue'
import { percent, useAudience } from './useAudience'

/** Who comes with which window: brought in, shown, and what bands it speaks for. */
const project = useProject()
const audience = useAudience()
const changes = useBandChanges()
const { folds } = useViewport()
const { sizes, total, byWidth, byHeight, perBand, record } = audience
const isImporting = ref(false)
const importer = ref<InstanceType<typeof ImportAudience>>()
const typed = ref('')
const trouble = ref('')
const isAsking = ref(false)
const days = ref(28)

const MOST_WIDTHS = 8
const STEP = 40
/** px: a page is drawn up to here */
const WIDEST = 1920

const bands = computed(() => bandsOf(project.site).inOrder)
const widthPoints = computed(() =>
  histogram(
    byWidth.value.filter(({ px }) => px <= WIDEST),
    STEP,
  ).map(({ from, visits }): [number, number] => [from + STEP / 2, visits / total.value]),
)
const heightPoints = computed(() =>
  histogram(byHeight.value, STEP).map(({ from, visits }): [number, number] => [
    from + STEP / 2,
    visits / total.value,
  ]),
)
const bandMarks = computed(() => bands.value.slice(1).map(({ name, from }) => ({ x: from, label: name })))
const curve = computed(() => foldCurve(sizes.value).map(({ px, share }): [number, number] => [px, share]))
const foldMarks = computed(() => folds.value.map(({ name, height }) => ({ x: height, label: name })))
const asked = ref(600)
const seeing = computed(() => shareWhoSee(sizes.value, asked.value))

/** Share of visits that may go at each end where the rarest are left out. */
const RARE = 0.02
const leavesRarest = ref(true)
const trimmed = computed(() =>
  leavesRarest.value ? withoutRarest(byWidth.value, RARE) : { kept: byWidth.value },
)
const leftOutWords = computed(() => {
  const { below, above } = trimmed.value as ReturnType<typeof withoutRarest>
  const parts = [
    below && `${percent(below.share)} narrower than ${below.keptAt} px`,
    above && `${percent(above.share)} wider than ${above.keptAt} px`,
  ].filter(Boolean)
  return parts.length ? `Left out: ${parts.join(', ')}.` : 'None is rare enough to be left out.'
})
const best = computed(() => representativeWidths(trimmed.value.kept, MOST_WIDTHS))
/** Visits with windows wider than a page is ever drawn. */
const wider = computed(() => byWidth.value.filter(({ px }) => px > WIDEST))
const widerShare = computed(() => wider.value.reduce((sum, { visits }) => sum + visits, 0) / total.value)
/** How far, in px, a visitor is on average from the width that stands for them. */
const misfit = (index: number) => Math.sqrt(best.value[index].misfit)
const misfitPoints = computed(() =>
  best.value.map((_, index): [number, number] => [index + 1, misfit(index)]),
)
const chosen = ref(3)
const clusters = computed(() => best.value[Math.min(chosen.value, best.value.length) - 1]?.clusters ?? [])
const widthChoices = computed(() =>
  Object.fromEntries(
    best.value.map((_, index) => [
      String(index + 1),
      `${index === 0 ? '1 width' : `${index + 1} widths`}, off by ${Math.round(misfit(index))} px`,
    ]),
  ),
)
const proposal = computed(() => proposedBands(clusters.value))

function takeTyped() {
  trouble.value = ''
  const read = readSizes(typed.value)
  if ('error' in read) return (trouble.value = read.error)
  audience.set(read.sizes, 'typed')
  typed.value = ''
}

async function ask() {
  trouble.value = ''
  isAsking.value = true
  try {
    const answer = await api.viewportCounts(days.value)
    const found = answer.map(({ width, height, visits }): ViewportSize => [width, height, visits])
    audience.set(found, `analytics service, ${days.value} days`)
  } catch (error) {
    trouble.value = (error as Error).message
  } finally {
    isAsking.value = false
  }
}

const takeProposal = () =>
  changes.use(`Take ${proposal.value.length} bands from the audience`, proposal.value)
function drop(event: DragEvent) {
  if (!event.dataTransfer?.files.length) return
  isImporting.value = true
  void importer.value?.take([...event.dataTransfer.files])
}
</script>

<template>
  <div class="board" @dragover.prevent @drop.prevent="drop">
    <div v-if="sizes.length === 0" class="invitation">
      <h2>Who comes with which window?</h2>
      <p>
        Viewport sizes with their visits tell which bands to draw and what is seen without scrolling. Bring in
        a file, ask the analytics service, or type a few sizes at the side.
      </p>
    </div>
    <template v-else>
      <section>
        <h3>Visits by width</h3>
        <AudienceChart
          label="Share of visits by viewport width, with where bands begin"
          kind="bar"
          unit="px wide"
          :points="widthPoints"
          :value="percent"
          :marks="bandMarks"
        />
        <p class="shares">
          <span v-for="band in bands" :key="band.id"
            ><b>{{ band.name }}</b> {{ percent(perBand.get(band.id) ?? 0) }}</span
          >
          <span v-if="wider.length" class="soft">
            {{ percent(widerShare) }} wider than {{ WIDEST }} px, up to {{ wider[wider.length - 1].px }}, not
            drawn here
          </span>
        </p>
      </section>
      <section>
        <h3>Visits by height</h3>
        <AudienceChart
          label="Share of visits by viewport height"
          kind="bar"
          unit="px high"
          :points="heightPoints"
          :value="percent"
          :marks="foldMarks"
        />
      </section>
      <section>
        <h3>How much of a page is seen without scrolling</h3>
        <AudienceChart
          label="Share of visits that see at least so many px of a page"
          kind="step"
          unit="px"
          :points="curve"
          :most="1"
          :value="percent"
          :marks="foldMarks"
        />
        <p class="asked">
          <FigureField
            class="short"
            label="px of a page"
            hide-label
            :value="asked"
            @change="$event !== undefined && (asked = $event)"
          />
          px are seen by <b>{{ percent(seeing) }}</b> of visitors.
        </p>
      </section>
      <section>
        <h3>The widths that stand best for them</h3>
        <AudienceChart
          label="How far visitors are from the width that stands for them, by the number of widths"
          kind="line"
          unit="widths"
          :points="misfitPoints"
          :value="(px) => `${Math.round(px)} px`"
        />
        <ElCheckbox v-model="leavesRarest">
          The rarest {{ percent(RARE) }} at each end do not pull
        </ElCheckbox>
        <p v-if="leavesRarest" class="soft">{{ leftOutWords }}</p>
        <p class="asked">
          <ChoiceField
            class="number"
            label="Number of widths"
            hide-label
            :value="String(Math.min(chosen, best.length))"
            :choices="widthChoices"
            @change="chosen = Number($event)"
          />
          <span v-for="cluster in clusters" :key="cluster.from" class="cluster">
            <b>{{ cluster.commonest }}</b>
            <span class="soft"
              >{{ cluster.from }} to {{ cluster.to }}, {{ percent(cluster.visits / total) }}</span
            >
          </span>
        </p>
        <p class="asked">
          <ElButton type="primary" @click="takeProposal">
            Take {{ proposal.length === 1 ? 'this band' : `these ${proposal.length} bands` }}
          </ElButton>
          <span class="soft">{{ proposal.map(({ name, from }) => `${name} from ${from}`).join(', ') }}</span>
        </p>
        <p v-if="changes.trouble.value" class="trouble-text" role="alert">{{ changes.trouble.value.says }}</p>
      </section>
    </template>
  </div>
  <aside class="side-panel sources">
    <h3>Where it comes from</h3>
    <p v-if="record" class="soft">
      {{ total.toLocaleString('en-GB') }} visits in {{ sizes.length }} sizes; {{ record.source }}.
    </p>
    <ElButton @click="isImporting = true">From a file…</ElButton>
    <form @submit.prevent="ask">
      <ElButton native-type="submit" :disabled="isAsking">Ask the analytics service</ElButton>
      <span class="soft days">
        for the last
        <CountField
          label="Days"
          hide-label
          :value="days"
          :least="1"
          :most="365"
          @change="days = $event ?? 30"
        />
        days
      </span>
    </form>
    <form @submit.prevent="takeTyped">
      <label class="soft">
        Typed, a line each
        <ElInput
          v-model="typed"
          type="textarea"
          :rows="4"
          aria-label="Sizes, a line each"
          placeholder="1440 x 900 1200&#10;390 x 844 900"
        />
      </label>
      <ElButton native-type="submit" :disabled="!typed.trim()">Use these sizes</ElButton>
    </form>
    <TroubleNote :says="trouble" />
    <ElButton v-if="record" link @click="audience.clear">Take the audience away</ElButton>
    <p class="soft">
      Beside a selected block, Wireframe says what share of these visitors see it without scrolling.
    </p>
  </aside>
  <ImportAudience ref="importer" v-model="isImporting" />
</template>

<style scoped>
.board {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 16px;
  align-content: start;
}
.invitation {
  grid-column: 1 / -1;
}
section {
  min-width: 0;
  padding: 12px 16px;
  background: var(--paper);
  border: 1px solid var(--hairline);
}
.shares,
.asked {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 14px;
  align-items: center;
  margin-top: 6px;
}
.short {
  width: 72px;
}
.cluster {
  white-space: nowrap;
}
.cluster .soft {
  margin-left: 4px;
  font-size: 12px;
}
.sources {
  width: 232px;
}
form {
  display: grid;
  gap: 6px;
}
form label {
  display: grid;
  gap: 2px;
}
form .days {
  display: flex;
  gap: 6px;
  align-items: center;
}
.days .count-field {
  width: 64px;
}
.number {
  width: 220px;
}
</style>
