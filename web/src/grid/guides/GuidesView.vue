<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed, ref } from 'vue'
import type { Json } from '@nolvex/core/document/types'
import { clearGuides, putGuides, type GuideScope } from '@nolvex/core/edit/guideChanges'
import { gridAt } from '@nolvex/core/grid/bandGrid'
import { ImpossibleGrid, type ColumnGrid } from '@nolvex/core/grid/columnGrid'
import {
  guideApplies,
  guidePosition,
  readGuides,
  type Guide,
  type GuideSet,
  type SetGuide,
} from '@nolvex/core/grid/guide'
import { LONGEST_GUIDE_FILE, readGuideSet } from '@nolvex/core/formats/guideSetFile'
import { ImportError } from '@nolvex/core/formats/importedPages'
import { bandsOf } from '@nolvex/core/resolve/resolvePage'
import { gridOfPage } from '@nolvex/core/site/pageGrid'
import { pagesInOrder } from '@nolvex/core/site/treeOrder'
import TroubleNote from '../../forms/TroubleNote.vue'
import FilePick from '../../forms/FilePick.vue'
import AddLine from '../../forms/AddLine.vue'
import ChoiceField from '../../forms/ChoiceField.vue'
import { newId } from '../../session/newId'
import { useProject } from '../../session/projectStore'
import { useBandPages } from '../useBandPages'
import GuideList from './GuideList.vue'
import GuideSheet from './GuideSheet.vue'
import KeptGuideSets from './KeptGuideSets.vue'
import TrackEquation from './TrackEquation.vue'
import { useGuideSet } from './useGuideSet'

/** All guides of the project, made by typing or as whole sets, and the sets kept under a name. */
const project = useProject()
const records = computed(() => project.site.records)
const bands = computed(() => bandsOf(project.site).inOrder)
const lead = computed(() => {
  const { inOrder, lead: id } = bandsOf(project.site)
  return inOrder.find((one) => one.id === id) ?? inOrder[inOrder.length - 1]
})
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
const at = computed(() => bands.value.find(({ id }) => id === band.value) ?? lead.value)
const grid = computed(() => (page.value ? gridOfPage(records.value, page.value, at.value.id) : at.value.grid))
const ground = computed(() => ({ width: at.value.drawnAt, height: grid.value.rows?.height ?? 900 }))
const { figures, made, begin } = useGuideSet(grid, ground)
const formTrouble = ref('')
const shownPage = computed(() => page.value ?? Object.keys(pageChoices.value).at(0))
const bandPages = useBandPages(shownPage)
const layout = computed(() => bandPages.value.find((one) => one.band.id === at.value.id)?.layout)

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

/** px of guides that are seen where the set would stand. */
const standingAt = computed(() => {
  let columns: ColumnGrid | undefined
  try {
    columns = gridAt(grid.value, ground.value.width)
  } catch (error) {
    if (!(error instanceof ImpossibleGrid)) throw error
  }
  const seen = { page: shownPage.value ?? '', band: at.value.id }
  const along = (axis: 'x' | 'y') =>
    guides.value
      .filter((guide) => guide.axis === axis && !guide.hidden && guideApplies(guide, seen))
      .map((guide) => guidePosition(guide, { ...ground.value, columns, band: grid.value }))
      .filter((px) => px !== undefined)
  return { x: along('x'), y: along('y') }
})

const checkTyped = (text: string) => {
  const read = readGuides(text, axis.value)
  return 'error' in read ? read.error : ''
}
function addTyped(text: string) {
  const read = readGuides(text, axis.value)
  if ('error' in read) return
  add(
    read.places.map((place) => ({ axis: axis.value, at: place })),
    read.places.length === 1 ? 'Add a guide' : `Add ${read.places.length} guides`,
  )
}
function move(guide: Guide, text: string) {
  trouble.value = ''
  const read = readGuides(text, guide.axis)
  if ('error' in read) trouble.value = read.error
  else project.setSite('Move a guide', 'guides', guide.id, ['at'], read.places[0] as Json)
}
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
const make = (replacing: boolean) =>
  add(made.value.guides, `Make ${made.value.guides.length} guides`, replacing)
const put = (set: GuideSet, replacing: boolean) => add(set.guides, `Put the guides ${set.name}`, replacing)
</script>

<template>
  <div class="board">
    <section class="scope">
      <b>A set of guides on</b>
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
      <span class="soft">drawn at {{ at.name }}, {{ ground.width }} × {{ ground.height }}</span>
      <ElButton class="again" link @click="begin">Begin again from the band’s grid</ElButton>
    </section>
    <section class="making">
      <TrackEquation
        what="columns"
        :length="ground.width"
        :before="figures.margins.left"
        :after="figures.margins.right"
        :tracks="figures.columns"
        @tracks="figures.columns = $event"
        @before="figures.margins.left = $event"
        @after="figures.margins.right = $event"
        @trouble="formTrouble = $event"
      />
      <TrackEquation
        what="rows"
        :length="ground.height"
        :before="figures.margins.top"
        :after="figures.margins.bottom"
        :tracks="figures.rows"
        @tracks="figures.rows = $event"
        @before="figures.margins.top = $event"
        @after="figures.margins.bottom = $event"
        @trouble="formTrouble = $event"
      />
      <TroubleNote :says="formTrouble || made.trouble" />
      <GuideSheet
        :page="ground"
        :layout="layout"
        :standing="standingAt"
        :made="made.guides"
        :margins="figures.margins"
        @margin="(side, px) => (figures.margins[side] = px)"
        @trouble="formTrouble = $event"
      />
      <div class="make">
        <ChoiceField
          v-if="figures.columns.size !== undefined || figures.rows.size !== undefined"
          label="What is left goes"
          :value="figures.rest"
          :choices="{ after: 'after the last', around: 'half to each side' }"
          @change="figures.rest = $event ?? 'after'"
        />
        <ElButton type="primary" :disabled="made.guides.length === 0" @click="make(false)">
          Make these {{ made.guides.length }} guides
        </ElButton>
        <ElButton v-if="standing.length" :disabled="made.guides.length === 0" @click="make(true)">
          In place of the {{ standing.length }} there
        </ElButton>
      </div>
    </section>
  </div>
  <aside class="side-panel there" aria-label="Guides and kept sets">
    <h3>Guides there are</h3>
    <div class="one">
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
        :check="checkTyped"
        @add="addTyped"
      />
    </div>
    <p v-if="guides.length === 0" class="soft">
      None yet. Type one above, make a whole set, or pull one out of a ruler while you draw.
    </p>
    <GuideList v-else :guides="guides" :where="where" @move="move" />
    <TroubleNote :says="trouble" closable @close="trouble = ''" />
    <h3>Kept sets</h3>
    <KeptGuideSets @put="put" />
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
  flex-wrap: wrap;
  gap: 8px 12px;
  align-items: center;
}
.again {
  margin-left: auto;
}
.making {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 10px;
  padding: 12px 16px 16px;
  background: var(--paper);
  border: 1px solid var(--hairline);
}
.make {
  display: flex;
  gap: 10px;
  align-items: end;
}
.there {
  width: 304px;
}
.one {
  display: grid;
  gap: 6px;
}
</style>
