<script setup lang="ts">
import { ElButton, ElInput, ElRadioButton, ElRadioGroup } from 'element-plus'
import { computed, ref, watch } from 'vue'
import { copiesByShared } from '@nolvex/core/edit/sharedUses'
import { becoming } from '@nolvex/core/kit/becoming'
import { needsOf } from '@nolvex/core/kit/needs'
import { takeFromKit } from '@nolvex/core/kit/takeFromKit'
import type { SiteDocument } from '@nolvex/core/site/site'
import type { StyleDocument } from '@nolvex/core/style/style'
import { drawingIn } from '@nolvex/core/resolve/pageSources'
import FilePick from '../../forms/FilePick.vue'
import SideEntry from '../../forms/SideEntry.vue'
import SliderField from '../../forms/SliderField.vue'
import TroubleNote from '../../forms/TroubleNote.vue'
import { newId } from '../../session/newId'
import { useProject } from '../../session/projectStore'
import KitBlock from './KitBlock.vue'
import KitGrid from './KitGrid.vue'
import { choiceOf, isFound, kitItems, SORTS, type KitItem, type Sort } from './kitItems'
import type { KitSource } from './kitSource'
import KitTaking from './KitTaking.vue'
import type { OpenedKit } from './kitWorker'
import { useOpenKits } from './openKits'
import OwnBlocks from './OwnBlocks.vue'
import { holdDocuments, useOwnSource } from './useOwnSource'

/** What is carried between projects: the shared blocks, patterns, parts and tokens of this one, and of kits that are opened. */
const project = useProject()
const { kits, working, trouble, openFile, openShipped } = useOpenKits()
const own = useOwnSource()

/** id of the kit that is shown; without one, the project's own blocks */
const shown = ref<string>()
const opened = computed(() => kits.value.find(({ kit }) => kit.about.id === shown.value))
const source = computed((): KitSource =>
  opened.value
    ? { key: opened.value.key, site: opened.value.kit.site, style: opened.value.kit.style, stamp: 0 }
    : own.value,
)
const items = computed(() => kitItems(source.value.style))
const sort = ref<Sort>('shared')
const counts = computed(() => {
  const all: Partial<Record<Sort, number>> = {}
  for (const item of items.value) all[item.sort] = (all[item.sort] ?? 0) + 1
  return all
})
const sorts = computed(() => (Object.keys(SORTS) as Sort[]).filter((one) => counts.value[one]))
watch(
  () => source.value.key,
  () => {
    chosen.value = new Set()
    current.value = looked.value = undefined
    if (!counts.value[sort.value]) sort.value = sorts.value.at(0) ?? 'shared'
  },
)
const search = ref('')
const size = ref(220)
const found = computed(() =>
  items.value.filter((item) => item.sort === sort.value && isFound(item, search.value.trim())),
)

const chosen = ref<ReadonlySet<string>>(new Set())
const current = ref<string>()
const looked = ref<string>()
const chosenItems = computed(() => items.value.filter(({ id }) => chosen.value.has(id)))
const currentItem = computed(() => items.value.find(({ id }) => id === current.value))
const lookedItem = computed(() => items.value.find(({ id }) => id === looked.value))
function choose({ id }: KitItem, isChosen: boolean) {
  const next = new Set(chosen.value)
  if (isChosen) next.add(id)
  else next.delete(id)
  chosen.value = next
}
const look = ({ id }: KitItem) => (looked.value = current.value = id)
function step(by: number) {
  const drawn = found.value.filter(({ root }) => root)
  const at = drawn.findIndex(({ id }) => id === looked.value)
  const next = drawn.at((at + by + drawn.length) % drawn.length)
  if (next) look(next)
}
const isAllChosen = computed(
  () => found.value.length > 0 && found.value.every(({ id }) => chosen.value.has(id)),
)
function chooseAll() {
  const next = new Set(chosen.value)
  for (const { id } of found.value)
    if (isAllChosen.value) next.delete(id)
    else next.add(id)
  chosen.value = next
}

const copies = computed(() => copiesByShared(project.view.documents))
const taken = computed(
  () =>
    new Map(
      Object.values(project.style.records.shared).flatMap(({ from }) =>
        from && from.kit === shown.value ? [[from.block, from.version] as const] : [],
      ),
    ),
)
function saysOf({ sort: of, records }: KitItem): string | undefined {
  if (of !== 'shared') return undefined
  if (opened.value) return taken.value.has(records[0]) ? 'taken' : undefined
  const count = copies.value.get(records[0])?.length ?? 0
  return count === 1 ? '1 copy' : `${count} copies`
}

/** The block that is looked at, as it would be in this project. */
const here = ref<{ source: KitSource; drawing: string; root: string }>()
watch([lookedItem, opened, () => project.style], async ([item, kit]) => {
  here.value = undefined
  if (item?.root && kit) here.value = await asHere(item, kit)
})
async function asHere(item: KitItem, { key, kit, pictures }: OpenedKit) {
  const choice = choiceOf([item])
  const wish = {
    ...{ choice, isLinked: true },
    becoming: becoming(kit, needsOf(kit, choice), project.style),
    files: Object.fromEntries(kit.files.map(({ id }) => [id, id])),
  }
  const { documents, shared, patterns } = takeFromKit(project.view.documents, kit, wish, newId)
  const drawing = shared.get(item.records[0]) ?? patterns.get(item.records[0]) ?? ''
  const { site, style } = documents as unknown as { site: SiteDocument; style: StyleDocument }
  const record = style.records.shared[drawing] ?? style.records.patterns[drawing]
  const needed = Object.fromEntries(
    Object.entries(documents).filter(
      ([id, { kind }]) => kind !== 'drawing' || id in style.records.shared || id === drawing,
    ),
  )
  await holdDocuments(`${key} here`, needed, project.id, pictures)
  const root = drawingIn(documents, drawing)?.records.blocks[record.root]?.id ?? record.root
  return { source: { key: `${key} here`, site, style, stamp: Date.now() }, drawing, root }
}

async function openFiles(files: File[]) {
  for (const file of files) {
    const kit = await openFile(file)
    if (kit) shown.value = kit.kit.about.id
  }
}
async function openOurs() {
  const kit = await openShipped()
  if (kit) shown.value = kit.kit.about.id
}
const dropped = (event: DragEvent) => {
  const files = [...(event.dataTransfer?.files ?? [])]
  if (files.length) void openFiles(files)
}
const isShippedOpen = computed(() => kits.value.some(({ kit }) => kit.about.name === 'Quayside'))
const EMPTY: Partial<Record<Sort, string>> = {
  shared:
    'None yet. In Wireframe, select what stands on several pages and press Alt+S; or open a kit and take some.',
  patterns: 'None yet. In Wireframe, select a section and press Alt+K: it is kept for other pages.',
}
</script>

<template>
  <nav class="side-list" aria-label="Kits" @dragover.prevent @drop.prevent="dropped">
    <SideEntry :current="!opened" @click="shown = undefined">
      <b>This project</b>
      <span class="soft">what others may take</span>
    </SideEntry>
    <SideEntry
      v-for="{ kit } in kits"
      :key="kit.about.id"
      :current="kit.about.id === shown"
      @click="shown = kit.about.id"
    >
      <b dir="auto">{{ kit.about.name }}</b>
      <span class="soft">version {{ kit.about.version }}</span>
    </SideEntry>
    <ElButton v-if="!isShippedOpen" :disabled="!!working" @click="openOurs">Open Quayside</ElButton>
    <FilePick words="Open a kit…" accept=".zip" several :disabled="!!working" @files="openFiles" />
    <p class="soft">A kit file may be dropped here, too.</p>
    <p v-if="working" role="status">{{ working }}</p>
    <TroubleNote :says="trouble" />
  </nav>
  <div class="board kits" @dragover.prevent @drop.prevent="dropped">
    <KitBlock
      v-if="lookedItem"
      :item="lookedItem"
      :source="source"
      :here="here"
      :is-chosen="chosen.has(lookedItem.id)"
      @choose="choose(lookedItem, $event)"
      @back="looked = undefined"
      @step="step"
    />
    <template v-else>
      <div class="ways">
        <ElRadioGroup v-model="sort" aria-label="What is shown">
          <ElRadioButton v-for="one in sorts" :key="one" :value="one"
            >{{ SORTS[one] }} ({{ counts[one] }})</ElRadioButton
          >
        </ElRadioGroup>
        <ElInput
          v-model="search"
          class="search"
          clearable
          aria-label="Find by name"
          placeholder="Find by name"
        />
        <span class="size"
          ><span class="soft">Size</span
          ><SliderField v-model="size" label="Size of the pictures" :least="140" :most="520" :step="20"
        /></span>
        <ElButton v-if="found.length" @click="chooseAll">{{
          isAllChosen ? 'Choose none' : `Choose all ${found.length}`
        }}</ElButton>
      </div>
      <KitGrid
        v-model:current="current"
        :items="found"
        :source="source"
        :chosen="chosen"
        :size="size"
        :says-of="saysOf"
        @choose="choose"
        @look="look"
      >
        <p class="soft">
          {{ search ? `Nothing here is called “${search}”.` : (EMPTY[sort] ?? 'None yet.') }}
        </p>
      </KitGrid>
    </template>
  </div>
  <aside class="side-panel broad" aria-label="Particulars of what is chosen">
    <KitTaking
      v-if="opened"
      :key="opened.key"
      :opened="opened"
      :chosen="chosenItems"
      :current="currentItem"
      @taken="chosen = new Set()"
    />
    <OwnBlocks v-else :current="currentItem" :chosen="chosenItems" />
  </aside>
</template>

<style scoped>
.kits {
  display: flex;
  flex-direction: column;
  gap: 10px;
  overflow: hidden;
}
.ways {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: center;
}
.search {
  width: 160px;
}
.ways .el-radio-group {
  flex: 1 0 100%;
}
.size {
  display: flex;
  flex: 0 1 200px;
  gap: 10px;
  align-items: center;
}
.size > :last-child {
  flex: 1;
}
.side-panel.broad {
  width: 340px;
}
</style>
