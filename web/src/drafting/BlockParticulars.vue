<script setup lang="ts">
import { ElButton, ElCheckbox, ElRadioButton, ElRadioGroup } from 'element-plus'
import { computed, ref, watch } from 'vue'
import { kindOf, leafShownBy, takesBlocks } from '@nolvex/core/block/block'
import type { FieldGroup } from '@nolvex/core/block/field'
import type { BlockKindName } from '@nolvex/core/block/kinds'
import type { PartState } from '@nolvex/core/block/partState'
import { changeKind, kindsFitting } from '@nolvex/core/edit/changeKind'
import { placeOf, setOwnPlace } from '@nolvex/core/edit/ownPlace'
import { PART_STATES } from '@nolvex/core/style/part'
import { isPlacedFreely } from '@nolvex/core/snap/typedFigure'
import AlternativesDialog from '../alternatives/AlternativesDialog.vue'
import TroubleNote from '../forms/TroubleNote.vue'
import SeenBy from '../audience/SeenBy.vue'
import FilePick from '../forms/FilePick.vue'
import LineInput from '../forms/LineInput.vue'
import ArrangePanel from './arranging/ArrangePanel.vue'
import OverPictureNote from './OverPictureNote.vue'
import PageActions from './panels/PageActions.vue'
import CopyParticulars from './shared/CopyParticulars.vue'
import OriginalParticulars from './shared/OriginalParticulars.vue'
import SelectField from '../forms/SelectField.vue'
import { newId } from '../session/newId'
import { useProject } from '../session/projectStore'
import { useFields, type FieldState } from './fields/useFields'
import LeafRow from './LeafRow.vue'
import { useDraftingPage } from './useDraftingPage'

const emit = defineEmits<{
  loose: []
  fill: [files: File[]]
  pictures: [files: File[], block: string | undefined, path: string[]]
}>()
const page = useDraftingPage()
const { one } = page
const { chosen, groups, write } = useFields(page)
const trouble = ref('')
watch(page.records, () => (trouble.value = ''))

const TITLES: Record<FieldGroup, string> = {
  is: '',
  says: 'Says',
  shows: 'Shows',
  leads: 'Leads',
  arranges: 'Arranges',
  stands: 'Stands',
  looks: 'Looks',
  tells: 'Tells',
}

/** groups whose rare fields are asked for */
const opened = ref<FieldGroup[]>([])
const isShown = ({ field, value, isMixed }: FieldState) =>
  !field.isRare ||
  opened.value.includes(field.group) ||
  (!field.isShortcut && (value !== undefined || isMixed))
const shown = computed(() =>
  groups.value.map(({ group, states }) => {
    const some = states.filter(isShown)
    return { group, states: some, more: states.length - some.length }
  }),
)

const project = useProject()
const isOnAlternatives = ref(false)
/** For a section of the page: which one of the map it is. */
const onMap = computed(() => {
  if (!one.value || one.value.parent) return ''
  const section = project.site.records.sections[one.value.section ?? '']
  if (!section) return 'No section of the map'
  const common = section.page ? '' : ', common to all pages'
  return `On the map: ${section.name || 'Untitled'}${common}`
})
/** In an original, one of its blocks may be the place for what copies put in. */
const shared = computed(() => page.original.value?.shared.id)
const mayBePlace = computed(
  () => shared.value !== undefined && one.value !== undefined && takesBlocks(one.value),
)
const isPlace = computed(
  () => shared.value !== undefined && placeOf(project.style, shared.value) === one.value?.id,
)
function setPlace(isOn: boolean) {
  if (!shared.value || !one.value) return
  const parts = setOwnPlace(project.view.documents, shared.value, isOn ? one.value : undefined, newId)
  project.change(isOn ? 'Let copies put their own blocks' : 'Let copies put no blocks', parts)
}
/** Its series takes files: rows, lines for a text that is selected, pictures for the rows. */
const isInSeries = computed(() => {
  for (let here = one.value; here; here = here.parent ? page.blocks.value[here.parent] : undefined)
    if (kindOf(here).expands === 'rows') return true
  return false
})
/** Several blocks, or one that stands freely. */
const mayArrange = computed(
  () =>
    chosen.value.length > 1 || page.selected.value.some((found) => isPlacedFreely(page.drawn.value, found)),
)
const isCopy = computed(() => one.value !== undefined && kindOf(one.value).expands === 'shared')

const title = computed(() => {
  const labels = new Set(chosen.value.map((block) => kindOf(block).label.toLowerCase()))
  if (one.value) return kindOf(one.value).label.toLowerCase()
  return labels.size === 1 ? `each a ${[...labels][0]}` : [...labels].join(', ')
})

/** States it may come into, of which one may be shown and changed: in mockups, as wireframes have no looks. */
const REST = 'rest'
const mayBeIn = computed(() =>
  page.as.value === 'mockup' && one.value ? (kindOf(one.value).states ?? []) : [],
)
const stateChoices = computed((): Record<string, string> => ({
  [REST]: 'at rest',
  ...Object.fromEntries(mayBeIn.value.map((state) => [state, PART_STATES[state]])),
}))

/** What the block is, and what it may become. */
const becomes = computed((): Record<string, string> => {
  if (!one.value) return {}
  const kinds = [one.value.kind, ...kindsFitting(page.blocks.value, one.value)]
  return Object.fromEntries(kinds.map((kind) => [kind, kindOf({ kind }).label.toLowerCase()]))
})

function become(kind: string) {
  if (!one.value || kind === one.value.kind) return
  const label = `Make ${page.nameOf(page.selection.value[0])} a ${becomes.value[kind]}`
  page.change(label, changeKind(page.blocks.value, one.value.id, kind as BlockKindName))
}

function rename(name: string) {
  const id = one.value?.id
  if (!id) return
  const operation = { type: 'set' as const, collection: 'blocks', id, path: ['name'] }
  page.change('Rename block', [name ? { ...operation, value: name } : operation])
}
</script>

<template>
  <aside class="particulars" aria-label="Particulars">
    <template v-if="chosen.length">
      <LineInput
        v-if="one"
        class="name"
        label="Name of the block"
        :value="one.name ?? ''"
        :placeholder="kindOf(one).label"
        @change="rename"
      />
      <h2 v-else>{{ chosen.length }} blocks</h2>
      <div class="kind">
        <SelectField
          v-if="Object.keys(becomes).length > 1"
          label="Kind of block"
          :value="one?.kind"
          :options="becomes"
          @change="become"
        />
        <span v-else class="soft">{{ title }}</span>
      </div>
      <ElRadioGroup v-model="page.forAllBands.value" class="counts" aria-label="What changes count for">
        <ElRadioButton :value="false"
          >{{ page.band.value.name }}{{ page.isLead.value ? ', the lead' : '' }}</ElRadioButton
        >
        <ElRadioButton :value="true">All bands</ElRadioButton>
      </ElRadioGroup>
      <div v-if="mayBeIn.length" class="state">
        <SelectField
          label="State it is shown in"
          :value="page.blockState.value ?? REST"
          :options="stateChoices"
          @change="page.blockState.value = $event === REST ? undefined : ($event as PartState)"
        />
        <ElButton link @click="page.panel.value = 'states'">All of them</ElButton>
      </div>
      <p v-if="page.blockState.value" class="note">
        What you change in its looks holds while it is {{ stateChoices[page.blockState.value] }}; ≠ marks what
        differs from rest.
      </p>
      <OverPictureNote v-if="one && page.as.value === 'mockup' && leafShownBy(one, 'richText')" />
      <p v-if="onMap" class="soft">
        {{ onMap }} ·
        <ElButton link @click="isOnAlternatives = true">alternatives</ElButton>
      </p>
      <AlternativesDialog
        v-if="isOnAlternatives && one"
        v-model="isOnAlternatives"
        :of="{ page: page.page.value, section: one.id }"
        :what="page.nameOf(page.selection.value[0])"
      />
      <ElCheckbox v-if="mayBePlace" :model-value="isPlace" @change="setPlace($event as boolean)">
        Copies put blocks of their own here
      </ElCheckbox>
      <TroubleNote :says="trouble" />
      <CopyParticulars v-if="one && isCopy" :copy="one" @loose="emit('loose')" @trouble="trouble = $event" />
      <ArrangePanel v-if="mayArrange" />
      <section
        v-for="{ group, states, more } in shown"
        :key="group"
        :inert="page.isLocked.value && group === 'stands'"
      >
        <h3 v-if="TITLES[group]">{{ TITLES[group] }}</h3>
        <p v-if="page.isLocked.value && group === 'stands'" class="soft">Locked: place and size stay.</p>
        <LeafRow
          v-for="state in states"
          :key="state.field.label"
          :state="state"
          @write="write(state.field, $event)"
          @trouble="trouble = $event"
          @pictures="emit('pictures', $event, one?.id, state.field.path)"
        />
        <ElButton v-if="more" class="more" link @click="opened.push(group)">{{ more }} more</ElButton>
      </section>
      <FilePick
        v-if="isInSeries"
        words="Fill the series from a file…"
        accept=".csv,.tsv,.txt,image/*"
        several
        @files="emit('fill', $event)"
      />
      <SeenBy v-if="one" :drawing="page.drawing.value" :block="one.id" />
      <p v-if="!page.isLead.value && !page.forAllBands.value" class="note">
        What you change here holds for {{ page.band.value.name }}. <b>≠</b> marks what differs.
      </p>
    </template>
    <OriginalParticulars
      v-else-if="page.original.value"
      :shared="page.original.value.shared"
      :blocks="page.blocks.value"
    />
    <template v-else>
      <h2>Nothing selected</h2>
      <p class="soft">
        Click a block on the page or in the outline. Double-click a text to write in it. Shift adds to the
        selection; hold A to pull a rectangle around some.
      </p>
      <PageActions />
    </template>
  </aside>
</template>

<style scoped>
.state {
  display: flex;
  gap: 8px;
  align-items: center;
}
.state > :first-child {
  flex: 1;
}
.particulars {
  min-height: 100%;
  padding: 12px 14px 24px;
  background: var(--paper);
}
.particulars .name :deep(.el-input__wrapper) {
  padding: 0;
}
.name :deep(.el-input__inner) {
  font-weight: 700;
  font-size: 15px;
}
.counts {
  margin: 6px 0 2px;
}
.counts :deep(.el-radio-button__inner) {
  padding: 0 8px;
  font-size: 12px;
}
.kind {
  display: flex;
  gap: 6px;
  align-items: center;
}
.kind > .select-field {
  width: 116px;
}
h3 {
  margin: 14px 0 4px;
}
section[inert] {
  opacity: 0.6;
}
.more {
  margin-top: 4px;
}
.note {
  margin-top: 12px;
  color: var(--ochre-text);
}
.trouble {
  color: var(--brick);
  font-weight: 600;
}
/* Figures read as words until one goes to them. */
.particulars :deep(.el-input__wrapper),
.particulars :deep(.el-select__wrapper) {
  min-height: 24px;
  padding: 0 6px;
  background: transparent;
  box-shadow: none;
}
.particulars :deep(.el-input__inner) {
  height: 24px;
}
.particulars :deep(.light-input) {
  min-width: 0;
  height: 24px;
  padding: 0 6px;
  background: transparent;
  border: 1px solid transparent;
  border-radius: 2px;
}
.particulars :deep(.light-input:not(.control)) {
  width: 100%;
}
.particulars :deep(.wide .light-input),
.particulars :deep(.light-input:hover),
.particulars :deep(.light-input:focus) {
  background: #fff;
  border-color: var(--edge);
}
.particulars :deep(.leaf:not(.wide) .light-input) {
  font-weight: 600;
  text-align: right;
}
.particulars :deep(.leaf:not(.wide) .el-input__inner),
.particulars :deep(.leaf:not(.wide) .el-select__selected-item) {
  font-weight: 600;
  text-align: right;
}
.particulars :deep(.el-input__wrapper:hover),
.particulars :deep(.el-select__wrapper:hover),
.particulars :deep(.wide .el-input__wrapper),
.particulars :deep(.wide .el-select__wrapper),
.particulars :deep(.el-select__wrapper.is-focused),
.particulars :deep(.el-input__wrapper.is-focus) {
  background: #fff;
  box-shadow: 0 0 0 1px var(--edge) inset;
}
</style>
