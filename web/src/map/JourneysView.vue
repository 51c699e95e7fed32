<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed } from 'vue'
import { useRouter } from 'vue-router'
import { childrenOf, inOrder } from '@nolvex/core/document/tree'
import { putAmong } from '@nolvex/core/document/placing'
import { journeyReport, mendGap, type JourneyStop } from '@nolvex/core/site/journeyReport'
import { entryLabel } from '@nolvex/core/site/menuChanges'
import { sectionsOf } from '@nolvex/core/site/pageChanges'
import SideEntry from '../forms/SideEntry.vue'
import AddLine from '../forms/AddLine.vue'
import ChoiceField from '../forms/ChoiceField.vue'
import PickField from '../forms/PickField.vue'
import TextField from '../forms/TextField.vue'
import { newId } from '../session/newId'
import { useProject } from '../session/projectStore'
import { useMap } from './mapStore'

/** The paths visitors must be able to take, each stop checked for a real way from the one before. */
const project = useProject()
const map = useMap()
const router = useRouter()

const journeys = computed(() =>
  inOrder(Object.values(map.site.journeys)).map((journey) => ({
    journey,
    report: journeyReport(map.site, map.ways, journey.id),
  })),
)
const open = computed(
  () => journeys.value.find(({ journey }) => journey.id === map.journey) ?? journeys.value[0],
)

function add(name: string) {
  const there = journeys.value.map(({ journey }) => journey)
  const id = newId()
  project.changeSite('Add journey', putAmong('journeys', there, there.length, [{ id, name }]))
  map.journey = id
}

const remove = (id: string) =>
  project.changeSite('Delete journey', [{ type: 'remove', collection: 'journeys', id }])

/** Adds a stop after another, or as the journey's first; a second one after a stop makes it a decision. */
function addStop(journey: string, after: string | undefined, page: string | undefined) {
  if (!page) return
  const own = Object.fromEntries(
    Object.entries(map.site.stops).filter(([, stop]) => stop.journey === journey),
  )
  const siblings = childrenOf(own, after ?? null)
  const record = { id: newId(), journey, page, ...(after ? { parent: after } : {}) }
  project.changeSite('Add stop', putAmong('stops', siblings, siblings.length, [record]))
}

/** Takes a stop out and lets what follows it follow the one before. */
function removeStop({ stop }: JourneyStop) {
  const after = Object.values(map.site.stops).filter(({ parent }) => parent === stop.id)
  project.changeSite('Remove stop', [
    ...after.map(({ id }) => ({
      type: 'set' as const,
      collection: 'stops',
      id,
      path: ['parent'],
      ...(stop.parent ? { value: stop.parent } : {}),
    })),
    { type: 'remove', collection: 'stops', id: stop.id },
  ])
}

const mend = (gap: JourneyStop) => project.changeSite('Add the missing link', mendGap(gap, newId()))
const set = (label: string, id: string, field: string, value: string | undefined) =>
  project.setSite(label, 'stops', id, [field], value)
const sectionsOn = (page: string) =>
  Object.fromEntries(sectionsOf(map.site.sections, page).map(({ id, name }) => [id, name]))

function wayWords({ way, from }: JourneyStop): string {
  if (!way) return 'begins here'
  if (way.by === 'same page') return 'on the same page'
  if (way.by === 'menu')
    return `by ${map.site.menus[way.entry.menu]?.name ?? 'a menu'}: ${entryLabel(way.entry, map.pages)}`
  if (way.by === 'link') return `by a link on ${map.titleOf(from)}`
  return `no way from ${map.titleOf(from)}`
}

function showOnMap() {
  map.journey = open.value?.journey.id
  void router.push({ name: 'map', params: { project: project.id, view: 'tree' } })
}
const lastStops = computed(() => {
  const report = open.value?.report
  if (!report) return []
  const followed = new Set(report.stops.map(({ stop }) => stop.parent))
  return report.stops.filter(({ stop }) => !followed.has(stop.id))
})
</script>

<template>
  <aside class="side-list">
    <h3>Journeys</h3>
    <SideEntry
      v-for="{ journey, report } in journeys"
      :key="journey.id"
      :current="open?.journey.id === journey.id"
      @click="map.journey = journey.id"
    >
      <b dir="auto">{{ journey.name || 'Untitled' }}</b>
      <span v-if="report.gaps.length" class="trouble-text">breaks at {{ report.gaps[0].number }}</span>
      <span v-else class="soft">{{ report.clicks }} {{ report.clicks === 1 ? 'click' : 'clicks' }}</span>
    </SideEntry>
    <AddLine label="A new journey" placeholder="Buy, get support, find out…" :max="200" @add="add" />
  </aside>
  <div class="board">
    <div v-if="!open" class="invitation">
      <h2>Which paths must visitors be able to take?</h2>
      <p>
        Name a journey, then list the pages on it. Each step is checked for a menu entry or a link, and the
        missing ones can be added on the spot.
      </p>
    </div>
    <div v-else class="journey">
      <header>
        <TextField
          label="Journey"
          :value="open.journey.name"
          :max="200"
          @change="project.setSite('Rename journey', 'journeys', open.journey.id, ['name'], $event ?? '')"
        />
        <TextField
          label="What the visitor has reached at its end"
          :value="open.journey.goal"
          @change="project.setSite('Change goal of journey', 'journeys', open.journey.id, ['goal'], $event)"
        />
      </header>
      <p>
        <b v-if="open.report.gaps.length" class="trouble-text">
          {{ open.report.gaps.length === 1 ? '1 gap' : `${open.report.gaps.length} gaps` }}: it cannot be
          walked.
        </b>
        <b v-else-if="open.report.stops.length > 1"
          >It can be walked in {{ open.report.clicks === 1 ? '1 click' : `${open.report.clicks} clicks` }}.</b
        >
        <span v-else class="soft">Add the pages on the way, in order.</span>
      </p>
      <ol>
        <li
          v-for="stop in open.report.stops"
          :key="stop.stop.id"
          :class="{ gap: stop.isGone || stop.way?.by === 'none' }"
          :style="{ marginLeft: `${stop.depth * 32}px` }"
        >
          <span class="number">{{ stop.number }}</span>
          <span class="way">
            <TextField
              v-if="/[a-z]$/.test(stop.number)"
              label="In which case"
              hide-label
              :value="stop.stop.when"
              placeholder="in which case?"
              :max="200"
              @change="set('Change case', stop.stop.id, 'when', $event)"
            />
            {{ wayWords(stop) }}
            <ElButton v-if="stop.way?.by === 'none' && !stop.isGone" type="primary" @click="mend(stop)">
              Add the link
            </ElButton>
          </span>
          <PickField
            label="Page"
            hide-label
            :value="stop.isGone ? undefined : stop.stop.page"
            :choices="map.choices"
            :none="stop.isGone ? 'its page is gone' : 'Choose a page'"
            @change="$event && set('Change stop', stop.stop.id, 'page', $event)"
          />
          <ChoiceField
            label="Section"
            hide-label
            :value="stop.stop.section"
            :choices="sectionsOn(stop.stop.page)"
            none="the page"
            @change="set('Change stop', stop.stop.id, 'section', $event)"
          />
          <span class="clicks soft">{{ stop.clicks }} {{ stop.clicks === 1 ? 'click' : 'clicks' }}</span>
          <span class="do">
            <PickField
              class="branch"
              label="Add a stop after this one"
              hide-label
              :value="undefined"
              :choices="map.choices"
              none="Then…"
              @change="addStop(open.journey.id, stop.stop.id, $event)"
            />
            <ElButton link :aria-label="`Remove stop ${stop.number}`" @click="removeStop(stop)">
              Remove
            </ElButton>
          </span>
        </li>
      </ol>
      <PickField
        v-if="lastStops.length <= 1"
        class="next"
        :label="open.report.stops.length ? 'Next stop' : 'First stop'"
        :value="undefined"
        :choices="map.choices"
        none="Choose a page"
        @change="addStop(open.journey.id, lastStops[0]?.stop.id, $event)"
      />
      <p class="soft">
        A second stop after the same one makes it a decision: say in which case each is taken.
      </p>
      <footer>
        <ElButton :disabled="open.report.stops.length === 0" @click="showOnMap">
          Show it on the tree
        </ElButton>
        <ElButton link @click="remove(open.journey.id)">Delete this journey</ElButton>
      </footer>
    </div>
  </div>
</template>

<style scoped>
.side-list {
  width: 248px;
}
.journey {
  display: grid;
  gap: 12px;
  max-width: 960px;
}
header {
  display: grid;
  grid-template-columns: 1fr 2fr;
  gap: 12px;
}
ol {
  margin: 0;
  padding: 0;
  list-style: none;
}
li {
  display: grid;
  grid-template-columns: 40px minmax(120px, 1fr) 170px 120px 56px 164px;
  gap: 8px;
  align-items: center;
  padding: 8px;
  background: var(--paper);
  border: 1px solid var(--hairline);
  border-bottom-width: 0;
}
li:last-child {
  border-bottom-width: 1px;
}
li.gap {
  border-left: 3px solid var(--brick);
}
.gap .way {
  color: var(--brick);
  font-weight: 600;
}
.number {
  padding: 0 4px;
  background: var(--slate);
  color: #fff;
  font-weight: 700;
  text-align: center;
}
.way {
  display: grid;
  gap: 4px;
  justify-items: start;
}
.way .text-field {
  width: 100%;
}
.do {
  display: flex;
  gap: 8px;
  align-items: center;
}
.branch {
  width: 96px;
}
.next {
  width: 240px;
}
footer {
  display: flex;
  gap: 12px;
  align-items: center;
}
</style>
