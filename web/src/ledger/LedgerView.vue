<script setup lang="ts">
import { ElButton, ElCheckbox } from 'element-plus'
import { computed, ref } from 'vue'
import { RouterLink, useRouter } from 'vue-router'
import { bandsOf } from '@nolvex/core/resolve/resolvePage'
import { PAGE_STATES, type Page } from '@nolvex/core/site/page'
import { useCommands } from '../commands/commandStore'
import ChoiceField from '../forms/ChoiceField.vue'
import SortedTable from '../forms/SortedTable.vue'
import type { Column, SortedBy } from '../forms/sortedRows'
import DraftAllDialog from '../draft/DraftAllDialog.vue'
import { useMap } from '../map/mapStore'
import { useProject } from '../session/projectStore'
import { useStages } from '../stages/useStages'
import VersionsPanel from '../versions/VersionsPanel.vue'
import PicturesDialog from '../pictures/PicturesDialog.vue'
import PagePicture from './PagePicture.vue'
import { useLedgerRows, type LedgerRow } from './useLedgerRows'

/** A project's home: pages down, stages across, what is done and what is due. */
const project = useProject()
const map = useMap()
const router = useRouter()
const { inProfile, isDrawn, isDone } = useStages()
const showVersions = ref(false)
const showPictures = ref(false)
const isDrafting = ref(false)

const FILTERS = {
  undrawn: 'Not wireframed yet',
  unchecked: 'Not checked off at every width',
  findings: 'With findings',
  missing: 'With content missing',
  idea: 'Only ideas',
} as const
const filter = ref<keyof typeof FILTERS>()

const bands = computed(() => bandsOf(project.site).inOrder)
const hasWireframe = computed(() => inProfile.value.some(({ name }) => name === 'wireframe'))
const hasMockup = computed(() => inProfile.value.some(({ name }) => name === 'mockup'))
const lead = computed(() => bands.value.find(({ id }) => id === bandsOf(project.site).lead) ?? bands.value[0])

const rows = useLedgerRows()
const keyFor = (band: string) => `wireframe:${band}`
const isChecked = (page: Page, key: string) => Boolean(page.checked?.[key])
const allChecked = (page: Page) => bands.value.every(({ id }) => isChecked(page, keyFor(id)))

const passes: Record<keyof typeof FILTERS, (row: LedgerRow) => boolean> = {
  undrawn: ({ page }) => !isDrawn(page.id),
  unchecked: ({ page }) => !allChecked(page),
  findings: (row) => row.findings > 0,
  missing: (row) => row.content.missing > 0,
  idea: ({ page }) => page.state === 'idea' || page.state === undefined,
}
const shown = computed(() => (filter.value ? rows.value.filter(passes[filter.value]) : rows.value))

const sorted = ref<SortedBy>()
/** px of the pictures of a page, band by band, with their ticks */
const PICTURES = 72
const columns = computed((): Column<LedgerRow>[] => [
  { key: 'page', label: 'Page', track: 'minmax(180px, 3fr)', by: ({ page }) => page.title },
  {
    key: 'map',
    label: 'Map',
    track: 'minmax(84px, 1fr)',
    by: ({ page }) => (page.state ? PAGE_STATES[page.state] : 'Not said'),
  },
  ...(hasWireframe.value
    ? [
        {
          key: 'wireframe',
          label: 'Wireframe, ticked when done',
          track: `minmax(${bands.value.length * PICTURES}px, 3fr)`,
        },
      ]
    : []),
  ...(hasMockup.value ? [{ key: 'mockup', label: 'Mockup', track: 'minmax(84px, 1fr)' }] : []),
  {
    key: 'content',
    label: 'Content',
    track: 'minmax(150px, 1.5fr)',
    by: ({ content: { all, final } }) => (all ? final / all : undefined),
  },
  { key: 'findings', label: 'Findings', track: '80px', by: (row) => row.findings || undefined },
  { key: 'do', label: '', track: '64px' },
])

const next = computed(() => {
  const due = rows.value.filter(({ page }) => !isDone(page.id, 'wireframe'))
  if (rows.value.length === 0 || !hasWireframe.value) return ''
  if (due.length === 0) return 'Every page has a wireframe.'
  const others = due.length - 1
  return `Next: ${due[0].page.title || 'Untitled'}${others ? ` and ${others} more have` : ' has'} no wireframe.`
})

function check({ id }: Page, key: string, what: string, isOn: boolean) {
  const label = isOn ? `Check off ${what}` : `Take back ${what}`
  project.setSite(label, 'pages', id, ['checked', key], isOn ? true : undefined)
}

const draw = (page: string) => router.push({ name: 'wireframe', params: { project: project.id, page } })
const finish = (page: string) => router.push({ name: 'mockup', params: { project: project.id, page } })
function plan(page: string, view: string) {
  map.selected = page
  void router.push({ name: 'map', params: { project: project.id, view } })
}

useCommands().offer([
  {
    id: 'versions',
    label: 'Show or hide versions and gates',
    keys: ['V'],
    run: () => (showVersions.value = !showVersions.value),
  },
  { id: 'draft-all', label: 'Draft all pages…', run: () => (isDrafting.value = true) },
  { id: 'pictures', label: 'Pictures and files of the project…', run: () => (showPictures.value = true) },
])
</script>

<template>
  <main class="ledger">
    <div class="stage-strip">
      <b>{{ rows.length === 1 ? '1 page' : `${rows.length} pages` }}</b>
      <span class="soft">{{ next }}</span>
      <span class="end">
        <ChoiceField
          v-if="rows.length"
          label="Which pages"
          hide-label
          :value="filter"
          :choices="FILTERS"
          none="All pages"
          @change="filter = $event"
        />
        <ElButton
          v-if="hasWireframe && rows.some(({ id }) => !isDrawn(id))"
          type="primary"
          @click="isDrafting = true"
        >
          Draft all pages…
        </ElButton>
        <ElButton :aria-pressed="showVersions" @click="showVersions = !showVersions">
          Versions and gates
        </ElButton>
        <ElButton @click="showPictures = true">Pictures and files…</ElButton>
        <ElButton tag="a" :href="`/api/projects/${project.id}/file`">Take the project away</ElButton>
      </span>
    </div>
    <div class="body">
      <div class="board">
        <SortedTable
          v-if="rows.length"
          v-model:sorted="sorted"
          label="Pages and how far they are"
          :rows="shown"
          :columns="columns"
          :height="56"
          @open="draw($event.id)"
        >
          <template #page="{ row }">
            <span class="title" :style="{ paddingLeft: `${row.depth * 20}px` }">
              <b dir="auto">{{ row.page.title || 'Untitled' }}</b>
              <span class="address">{{ map.addresses.get(row.id) }}</span>
            </span>
          </template>
          <template #map="{ row }">
            <ElButton text class="state" @click="plan(row.id, 'tree')">
              {{ row.page.state ? PAGE_STATES[row.page.state] : 'Not said' }}
            </ElButton>
          </template>
          <template #wireframe="{ row }">
            <span class="pictures">
              <span v-for="band in bands" :key="band.id" class="width">
                <ElButton
                  text
                  class="picture-button"
                  :aria-label="`Draw ${row.page.title} at ${band.name}`"
                  @click="draw(row.id)"
                >
                  <PagePicture :page="row.id" :band="band" />
                </ElButton>
                <ElCheckbox
                  :model-value="isChecked(row.page, keyFor(band.id))"
                  :disabled="!isDrawn(row.id)"
                  :aria-label="`${row.page.title} is done at ${band.name}`"
                  :title="`Done at ${band.name}`"
                  @change="
                    check(row.page, keyFor(band.id), `${row.page.title} at ${band.name}`, $event as boolean)
                  "
                />
              </span>
            </span>
          </template>
          <template #mockup="{ row }">
            <span class="width">
              <ElButton
                text
                class="picture-button"
                :disabled="!isDrawn(row.id)"
                :aria-label="`Finish ${row.page.title}`"
                @click="finish(row.id)"
              >
                <PagePicture :page="row.id" :band="lead" as="mockup" />
              </ElButton>
              <ElCheckbox
                :model-value="isChecked(row.page, 'mockup')"
                :disabled="!isDrawn(row.id)"
                :aria-label="`The mockup of ${row.page.title} is done`"
                title="Done"
                @change="check(row.page, 'mockup', `the mockup of ${row.page.title}`, $event as boolean)"
              />
            </span>
          </template>
          <template #content="{ row }">
            <ElButton v-if="row.content.all" text class="state" @click="plan(row.id, 'content')">
              <span>
                {{ row.content.final }} of {{ row.content.all }} final
                <span v-if="row.content.missing" class="missing">· {{ row.content.missing }} missing</span>
              </span>
            </ElButton>
          </template>
          <template #findings="{ row }">
            <ElButton v-if="row.findings" text class="state missing" @click="plan(row.id, 'findings')">
              {{ row.findings }}
            </ElButton>
          </template>
          <template #head-do><span class="visually-hidden">Do</span></template>
          <template #do="{ row }">
            <ElButton link @click="draw(row.id)">{{ isDrawn(row.id) ? 'Open' : 'Begin' }}</ElButton>
          </template>
          <template #empty>
            <p class="none soft">No page is left in “{{ filter && FILTERS[filter] }}”.</p>
          </template>
        </SortedTable>
        <div v-else class="invitation">
          <h2>No page yet</h2>
          <p>A project begins with its pages. Add them one by one, or bring in a list you already have.</p>
          <p>
            <ElButton type="primary" :tag="RouterLink" :to="{ name: 'map', params: { project: project.id } }"
              >Plan the site map</ElButton
            >
          </p>
        </div>
      </div>
      <VersionsPanel v-if="showVersions" />
    </div>
    <PicturesDialog v-model="showPictures" />
    <DraftAllDialog v-model="isDrafting" />
  </main>
</template>

<style scoped>
.ledger {
  display: flex;
  flex: 1;
  flex-direction: column;
  min-height: 0;
}
.body {
  display: flex;
  flex: 1;
  min-height: 0;
}
.board {
  display: flex;
  flex-direction: column;
}
.none {
  padding: 16px;
}
.title {
  display: block;
}
.address {
  display: block;
  color: var(--soft);
  font-size: 11px;
  line-height: 14px;
}
.state.el-button {
  font-weight: 400;
}
.missing,
.missing.el-button {
  color: var(--ochre-text);
  font-weight: 600;
}
.pictures {
  display: flex;
  gap: 8px;
}
.width {
  display: flex;
  gap: 3px;
  align-items: end;
}
</style>
