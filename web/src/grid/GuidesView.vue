<script setup lang="ts">
import { ElButton, ElCheckbox } from 'element-plus'
import { computed, ref } from 'vue'
import type { Json } from '@nolvex/core/document/types'
import { clearGuides, putGuides, type GuideScope } from '@nolvex/core/edit/guideChanges'
import { ImpossibleGrid } from '@nolvex/core/grid/columnGrid'
import {
  guideApplies,
  guideWords,
  readGuides,
  type Guide,
  type GuideSet,
  type SetGuide,
} from '@nolvex/core/grid/guide'
import { LONGEST_GUIDE_FILE, readGuideSet, writeGuideSet } from '@nolvex/core/formats/guideSetFile'
import { ImportError } from '@nolvex/core/formats/importedPages'
import { bandsOf } from '@nolvex/core/resolve/resolvePage'
import { pagesInOrder } from '@nolvex/core/site/treeOrder'
import TroubleNote from '../forms/TroubleNote.vue'
import FilePick from '../forms/FilePick.vue'
import AddLine from '../forms/AddLine.vue'
import ChoiceField from '../forms/ChoiceField.vue'
import { saveFile } from '../forms/saveFile'
import TextField from '../forms/TextField.vue'
import { newId } from '../session/newId'
import { useProject } from '../session/projectStore'
import GuideMaker from './GuideMaker.vue'

/** All guides of the project, made by typing or as whole sets, and the sets kept under a name. */
const project = useProject()
const records = computed(() => project.site.records)
const bands = computed(() => bandsOf(project.site).inOrder)
const pageChoices = computed(() =>
  Object.fromEntries(
    pagesInOrder(records.value.pages)
      .filter(({ page }) => page.kind !== 'external')
      .map(({ page }) => [page.id, page.title || 'Untitled']),
  ),
)
const bandChoices = computed(() => Object.fromEntries(bands.value.map(({ id, name }) => [id, name])))

/** Where new guides and sets go; without a page on all pages, without a band at all bands. */
const page = ref<string>()
const band = ref<string>()
const axis = ref<'x' | 'y'>('x')
const trouble = ref('')
const scoped = computed((): GuideScope => ({ page: page.value, band: band.value }))
const ground = computed(() => {
  const at = bands.value.find(({ id }) => id === band.value) ?? bands.value[bands.value.length - 1]
  return { width: at.drawnAt, height: at.grid.rows?.height ?? 900 }
})

const guides = computed(() =>
  Object.values(records.value.guides).sort(
    (a, b) => where(a).localeCompare(where(b)) || a.axis.localeCompare(b.axis),
  ),
)
function where({ page: onPage, band: atBand }: Pick<Guide, 'page' | 'band'>): string {
  const pages = onPage ? (pageChoices.value[onPage] ?? 'a page') : 'all pages'
  return atBand ? `${pages}, ${bandChoices.value[atBand] ?? 'a band'}` : pages
}
/** Guides that stand where new ones would. */
const standing = computed(() =>
  guides.value.filter((guide) => guide.page === page.value && guide.band === band.value),
)

function add(made: SetGuide[], label: string, replacing = false) {
  const before = replacing ? clearGuides(standing.value) : []
  project.changeSite(label, [...before, ...putGuides(made, scoped.value, newId)])
}

function addTyped(text: string) {
  trouble.value = ''
  const read = readGuides(text, axis.value)
  if ('error' in read) trouble.value = read.error
  else
    add(
      read.places.map((at) => ({ axis: axis.value, at })),
      read.places.length === 1 ? 'Add a guide' : `Add ${read.places.length} guides`,
    )
}
function move(guide: Guide, text: string | undefined) {
  trouble.value = ''
  const read = readGuides(text ?? '', guide.axis)
  if ('error' in read) trouble.value = read.error
  else project.setSite('Move a guide', 'guides', guide.id, ['at'], read.places[0] as Json)
}
const TOGGLES = { locked: ['Lock a guide', 'Unlock a guide'], hidden: ['Hide a guide', 'Show a guide'] }
const toggle = (guide: Guide, field: 'locked' | 'hidden') =>
  project.setSite(
    TOGGLES[field][guide[field] ? 1 : 0],
    'guides',
    guide.id,
    [field],
    guide[field] ? undefined : true,
  )

const sets = computed(() => Object.values(records.value.guideSets))
function keep(set: Omit<GuideSet, 'id'>) {
  const id = newId()
  const record = { id, name: set.name, guides: set.guides as unknown as Json }
  project.changeSite(`Keep the guides ${set.name}`, [{ type: 'put', collection: 'guideSets', id, record }])
}
function keepStanding(name: string) {
  const here = guides.value.filter((guide) =>
    page.value || band.value
      ? guideApplies(guide, { page: page.value ?? '', band: band.value ?? '' })
      : !guide.page && !guide.band,
  )
  trouble.value = here.length ? '' : 'No guide stands there yet.'
  if (here.length)
    keep({ name, guides: here.slice(0, 400).map(({ axis: along, at }) => ({ axis: along, at })) })
}
async function readFile([file]: File[]) {
  trouble.value = ''
  if (!file) return
  try {
    if (file.size > 1_000_000) throw new ImportError('It is larger than a set of guides can be.')
    keep(readGuideSet(await file.slice(0, LONGEST_GUIDE_FILE + 1).text()))
  } catch (error) {
    if (!(error instanceof ImportError)) throw error
    trouble.value = `${file.name}: ${error.message}`
  }
}
function make(work: () => SetGuide[], replacing: boolean) {
  trouble.value = ''
  try {
    const made = work()
    if (made.length === 0) return (trouble.value = 'Ask for columns, rows or margins.')
    if (made.length > 400)
      return (trouble.value = `That would be ${made.length} guides; at most 400 are made at once.`)
    add(made, `Make ${made.length} guides`, replacing)
  } catch (error) {
    if (!(error instanceof ImpossibleGrid)) throw error
    trouble.value = error.message
  }
}
</script>

<template>
  <div class="board">
    <section class="scope">
      <b>New guides stand on</b>
      <ChoiceField
        label="Page"
        hide-label
        :value="page"
        :choices="pageChoices"
        none="all pages"
        @change="page = $event"
      />
      <ChoiceField
        label="Band"
        hide-label
        :value="band"
        :choices="bandChoices"
        none="all bands"
        @change="band = $event"
      />
      <ChoiceField
        label="Direction"
        hide-label
        :value="axis"
        :choices="{ x: 'from the left', y: 'from the top' }"
        @change="axis = $event ?? 'x'"
      />
      <AddLine
        label="Where the guide lies"
        :placeholder="axis === 'x' ? '120, 50 %, column 3 end' : '600, centre, row 2'"
        @add="addTyped"
      />
    </section>
    <TroubleNote :says="trouble" />
    <GuideMaker :ground="ground" @make="make" />
    <table v-if="guides.length" class="ruled">
      <thead>
        <tr>
          <th scope="col">Guide</th>
          <th scope="col">Lies at</th>
          <th scope="col">Stands on</th>
          <th scope="col">Locked</th>
          <th scope="col">Hidden</th>
          <th><span class="visually-hidden">Clear</span></th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="guide in guides" :key="guide.id">
          <td>{{ guide.axis === 'x' ? 'from the left' : 'from the top' }}</td>
          <td>
            <TextField
              label="Where it lies"
              hide-label
              :value="guideWords(guide.at)"
              :max="60"
              @change="move(guide, $event)"
            />
          </td>
          <td>{{ where(guide) }}</td>
          <td>
            <ElCheckbox :model-value="guide.locked" aria-label="Locked" @change="toggle(guide, 'locked')" />
          </td>
          <td>
            <ElCheckbox :model-value="guide.hidden" aria-label="Hidden" @change="toggle(guide, 'hidden')" />
          </td>
          <td>
            <ElButton
              link
              @click="
                project.changeSite('Clear a guide', [{ type: 'remove', collection: 'guides', id: guide.id }])
              "
            >
              Clear
            </ElButton>
          </td>
        </tr>
      </tbody>
    </table>
    <p v-else class="soft">
      No guide yet. Type one above, make a whole set, or pull one out of a ruler while you draw.
    </p>
  </div>
  <aside class="side-panel sets">
    <h3>Kept sets</h3>
    <p v-if="sets.length === 0" class="soft">
      None yet. Keep the guides that stand on the page and band chosen, and put them on others.
    </p>
    <div v-for="set in sets" :key="set.id" class="set">
      <TextField
        label="Name of the set"
        hide-label
        :value="set.name"
        :max="100"
        @change="$event && project.setSite('Rename a set', 'guideSets', set.id, ['name'], $event)"
      />
      <span class="soft">{{ set.guides.length === 1 ? '1 guide' : `${set.guides.length} guides` }}</span>
      <span class="do">
        <ElButton link @click="add(set.guides, `Put the guides ${set.name}`)">Put</ElButton>
        <ElButton link @click="add(set.guides, `Put the guides ${set.name}`, true)"> Put instead </ElButton>
        <ElButton link @click="saveFile(`${set.name}.guides.json`, writeGuideSet(set), 'application/json')">
          Take away
        </ElButton>
        <ElButton
          link
          :aria-label="`Delete the set ${set.name}`"
          @click="
            project.changeSite('Delete a set of guides', [
              { type: 'remove', collection: 'guideSets', id: set.id },
            ])
          "
        >
          Delete
        </ElButton>
      </span>
    </div>
    <AddLine label="Keep these guides as" placeholder="Name of the set" :max="100" @add="keepStanding" />
    <FilePick words="From a file…" label="File of guides" accept=".json,application/json" @files="readFile" />
  </aside>
</template>

<style scoped>
.board {
  display: grid;
  gap: 14px;
  align-content: start;
}
.scope {
  display: flex;
  gap: 10px;
  align-items: center;
}
.scope :deep(.add-line) {
  flex: 1;
  max-width: 340px;
}
.set {
  display: grid;
  gap: 2px;
  padding-bottom: 6px;
  border-bottom: 1px solid var(--hairline);
}
.do {
  display: flex;
  gap: 12px;
}
.pick {
  align-self: start;
  line-height: 26px;
}
</style>
