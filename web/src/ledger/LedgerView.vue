<script setup lang="ts">
import { ElButton, ElCheckbox } from 'element-plus'
import { computed, ref } from 'vue'
import { RouterLink, useRouter } from 'vue-router'
import { bandsOf } from '@nolvex/core/resolve/resolvePage'
import { PAGE_STATES, type Page } from '@nolvex/core/site/page'
import { pagesInOrder } from '@nolvex/core/site/treeOrder'
import { useCommands } from '../commands/commandStore'
import ChoiceField from '../forms/ChoiceField.vue'
import { useMap } from '../map/mapStore'
import { useMapAnalysis } from '../map/useMapAnalysis'
import { useProject } from '../session/projectStore'
import { useStages } from '../stages/useStages'
import VersionsPanel from '../versions/VersionsPanel.vue'
import PicturesDialog from '../pictures/PicturesDialog.vue'
import PagePicture from './PagePicture.vue'

/** A project's home: pages down, stages across, what is done and what is due. */
const project = useProject()
const map = useMap()
const router = useRouter()
const { inProfile, isDrawn, isDone } = useStages()
const { findings } = useMapAnalysis()
const showVersions = ref(false)
const showPictures = ref(false)

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
const later = computed(() => inProfile.value.filter(({ name }) => name === 'mockup'))

const content = computed(() => {
  const counts = new Map<string, { all: number; final: number; missing: number }>()
  for (const { page, state } of Object.values(project.content.records.items)) {
    if (!page) continue
    const count = counts.get(page) ?? { all: 0, final: 0, missing: 0 }
    count.all++
    if (state === 'final') count.final++
    if (state === 'missing') count.missing++
    counts.set(page, count)
  }
  return counts
})
const findingsOn = computed(() => {
  const counts = new Map<string, number>()
  for (const { place } of findings.value) {
    const page =
      place.collection === 'pages'
        ? place.id
        : place.collection === 'items'
          ? project.content.records.items[place.id]?.page
          : undefined
    if (page) counts.set(page, (counts.get(page) ?? 0) + 1)
  }
  return counts
})

const rows = computed(() =>
  pagesInOrder(map.pages)
    .filter(({ page }) => page.kind !== 'external')
    .map(({ page, depth }) => ({
      page,
      depth,
      content: content.value.get(page.id) ?? { all: 0, final: 0, missing: 0 },
      findings: findingsOn.value.get(page.id) ?? 0,
    })),
)
const keyFor = (band: string) => `wireframe:${band}`
const isChecked = (page: Page, key: string) => Boolean(page.checked?.[key])
const allChecked = (page: Page) => bands.value.every(({ id }) => isChecked(page, keyFor(id)))

const passes: Record<keyof typeof FILTERS, (row: (typeof rows.value)[number]) => boolean> = {
  undrawn: ({ page }) => !isDrawn(page.id),
  unchecked: ({ page }) => !allChecked(page),
  findings: (row) => row.findings > 0,
  missing: (row) => row.content.missing > 0,
  idea: ({ page }) => page.state === 'idea' || page.state === undefined,
}
const shown = computed(() => (filter.value ? rows.value.filter(passes[filter.value]) : rows.value))

const next = computed(() => {
  const due = rows.value.filter(({ page }) => !isDone(page.id, 'wireframe'))
  if (rows.value.length === 0 || !hasWireframe.value) return ''
  if (due.length === 0) return 'Every page has a wireframe.'
  const others = due.length - 1
  return `Next: ${due[0].page.title || 'Untitled'}${others ? ` and ${others} more have` : ' has'} no wireframe.`
})

function check(page: Page, key: string, label: string, isOn: boolean) {
  project.setSite(
    isOn ? `Check off ${label}` : `Take back ${label}`,
    'pages',
    page.id,
    ['checked', key],
    isOn ? true : undefined,
  )
}

const draw = (page: string) => router.push({ name: 'wireframe', params: { project: project.id, page } })
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
        <ElButton :aria-pressed="showVersions" @click="showVersions = !showVersions">
          Versions and gates
        </ElButton>
        <ElButton @click="showPictures = true">Pictures and files…</ElButton>
        <ElButton tag="a" :href="`/api/projects/${project.id}/file`">Take the project away</ElButton>
      </span>
    </div>
    <div class="body">
      <div class="board">
        <table v-if="rows.length" class="ruled">
          <thead>
            <tr>
              <th>Page</th>
              <th>Map</th>
              <th v-if="hasWireframe">
                Wireframe: {{ bands.map(({ name }) => name.toLowerCase()).join(', ') }}; ticked when done
              </th>
              <th v-for="stage in later" :key="stage.name">{{ stage.label }}</th>
              <th>Content</th>
              <th>Findings</th>
              <th><span class="visually-hidden">Do</span></th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="row in shown" :key="row.page.id" @dblclick="draw(row.page.id)">
              <td :style="{ paddingLeft: `${12 + row.depth * 20}px` }">
                <b dir="auto">{{ row.page.title || 'Untitled' }}</b>
                <span class="address">{{ map.addresses.get(row.page.id) }}</span>
              </td>
              <td>
                <ElButton text class="state" @click="plan(row.page.id, 'tree')">
                  {{ row.page.state ? PAGE_STATES[row.page.state] : 'Not said' }}
                </ElButton>
              </td>
              <td v-if="hasWireframe">
                <span class="pictures">
                  <span v-for="band in bands" :key="band.id" class="width">
                    <ElButton
                      text
                      class="picture-button"
                      :aria-label="`Draw ${row.page.title} at ${band.name}`"
                      @click="draw(row.page.id)"
                    >
                      <PagePicture :page="row.page.id" :band="band" />
                    </ElButton>
                    <ElCheckbox
                      :model-value="isChecked(row.page, keyFor(band.id))"
                      :disabled="!isDrawn(row.page.id)"
                      :aria-label="`${row.page.title} is done at ${band.name}`"
                      :title="`Done at ${band.name}`"
                      @change="
                        check(
                          row.page,
                          keyFor(band.id),
                          `${row.page.title} at ${band.name}`,
                          $event as boolean,
                        )
                      "
                    />
                  </span>
                </span>
              </td>
              <td v-for="stage in later" :key="stage.name" class="soft">not begun</td>
              <td>
                <ElButton v-if="row.content.all" text class="state" @click="plan(row.page.id, 'content')">
                  <span>
                    {{ row.content.final }} of {{ row.content.all }} final
                    <span v-if="row.content.missing" class="missing"
                      >· {{ row.content.missing }} missing</span
                    >
                  </span>
                </ElButton>
              </td>
              <td>
                <ElButton
                  v-if="row.findings"
                  text
                  class="state missing"
                  @click="plan(row.page.id, 'findings')"
                >
                  {{ row.findings }}
                </ElButton>
              </td>
              <td class="do">
                <ElButton link @click="draw(row.page.id)">
                  {{ isDrawn(row.page.id) ? 'Open' : 'Begin' }}
                </ElButton>
              </td>
            </tr>
            <tr v-if="shown.length === 0">
              <td colspan="8" class="soft">No page is left in “{{ filter && FILTERS[filter] }}”.</td>
            </tr>
          </tbody>
        </table>
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
.ruled td {
  height: 54px;
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
.do {
  text-align: right;
}
</style>
