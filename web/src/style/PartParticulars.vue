<script setup lang="ts">
import equal from 'fast-deep-equal'
import { computed, provide, ref } from 'vue'
import { FIELD_GROUPS, type Field } from '@nolvex/core/block/field'
import { paddingFields } from '@nolvex/core/block/arrange'
import { lookFields } from '@nolvex/core/block/looks'
import { kindNamed, type BlockKindName } from '@nolvex/core/block/kinds'
import { valueAt } from '@nolvex/core/document/path'
import type { Json, StoredRecord } from '@nolvex/core/document/types'
import { blockValue } from '@nolvex/core/resolve/blockLayers'
import { foldLeaf, pathAtBand } from '@nolvex/core/resolve/cascade'
import { atBand, bandsOf } from '@nolvex/core/resolve/resolvePage'
import type { PartState } from '@nolvex/core/style/part'
import { readLength } from '@nolvex/core/units/typedLength'
import TroubleNote from '../forms/TroubleNote.vue'
import type { FieldState } from '../drafting/fields/useFields'
import { lengthReading } from '../drafting/fields/lengthReading'
import LeafRow from '../drafting/LeafRow.vue'
import { newId } from '../session/newId'
import { takePicture } from '../session/takePicture'
import type { DressedKind } from './partsOfKinds'
import { useGuide } from './useGuide'

/** What a part says of a kind, a variant or a piece in a state, at a band: with the particulars blocks have. */
const props = defineProps<{
  kind: DressedKind
  variant: string | undefined
  piece: string | undefined
  state: PartState | undefined
  band: string
}>()
const { project, change } = useGuide()
const trouble = ref('')
provide(lengthReading, (text) => readLength(text))

const part = computed(() =>
  Object.values(project.style.records.parts).find(
    (one) =>
      one.kind === props.kind.kind &&
      one.variant === props.variant &&
      one.piece === props.piece &&
      one.state === props.state,
  ),
)
const at = computed(() => atBand(project, props.band))

/** Those of its kind that bear on its look; of a piece all that words and boxes may have; in a state no measures. */
const fields = computed((): Field[] => {
  if (props.piece) return [...(props.state ? [] : paddingFields()), ...lookFields('text')]
  const all = kindNamed(props.kind.kind).particulars
  return all.filter(({ path: [first] }) => first === 'look' || (first === 'arrange' && !props.state))
})

/** a block dressed in the part and nothing else */
const standIn = computed(() => ({
  ...{ id: '', order: '', kind: props.kind.kind as BlockKindName, variant: props.variant },
}))

const stored = computed(() => part.value as unknown as StoredRecord | undefined)
/** What stands there: of the part itself, else what shows without it. */
function valueOf(path: string[]): Json | undefined {
  const own = part.value && foldLeaf(at.value.parts.layersOf(key.value), path).value
  if (own !== undefined || props.piece) return own ?? undefined
  return blockValue(standIn.value, path, at.value).value
}
const key = computed(() => {
  const { kind, variant, piece, state } = props
  return { kind: kind.kind, variant, piece, state }
})
const isOwn = (path: string[]) =>
  stored.value !== undefined && valueAt(stored.value, pathAtBand(path, at.value)) !== undefined

const groups = computed(() =>
  FIELD_GROUPS.map((group) => ({
    group,
    states: fields.value
      .filter(
        (field) => field.group === group && !field.isShortcut && (field.when?.({ value: valueOf }) ?? true),
      )
      .map(stateOf),
  })).filter(({ states }) => states.length),
)
function stateOf(field: Field): FieldState {
  const paths = [field.path, ...(field.also ?? [])]
  const values = paths.map(valueOf)
  const isMixed = values.some((value) => !equal(value, values[0]))
  return {
    field,
    value: isMixed ? undefined : values[0],
    isMixed,
    differs: paths.some(isOwn),
    block: standIn.value,
    valueOf,
  }
}
const TITLES: Partial<Record<Field['group'], string>> = {
  arranges: 'Arranges',
  stands: 'Room inside',
  looks: 'Looks',
}

function write(field: Field, value: Json | undefined) {
  trouble.value = ''
  const id = part.value?.id ?? newId()
  const { kind, variant, piece, state } = key.value
  const order = `b${Object.keys(project.style.records.parts).length.toString(36).padStart(4, '0')}`
  const record = JSON.parse(JSON.stringify({ id, order, kind, variant, piece, state })) as StoredRecord
  const paths = [field.path, ...(field.also ?? [])]
  change(
    `Change ${field.label} of ${props.kind.label.toLowerCase()}`,
    [
      ...(part.value ? [] : [{ type: 'put' as const, collection: 'parts', id, record }]),
      ...paths.map((path) => ({
        type: 'set' as const,
        collection: 'parts',
        id,
        path: pathAtBand(path, at.value),
        ...(value === undefined ? {} : { value }),
      })),
    ],
    `part ${id} ${field.path.join('.')}`,
  )
}
async function choosePicture(field: Field, [file]: File[]) {
  trouble.value = ''
  try {
    const { id: asset, width, height } = await takePicture(project.id, file)
    write(field, { asset, width, height })
  } catch (error) {
    trouble.value = `“${file.name}” was not taken: ${(error as Error).message}`
  }
}
const from = computed(() =>
  bandsOf(project.site).lead === props.band ? 'what the kind gives' : 'the band nearer the lead',
)
</script>

<template>
  <div class="part-particulars">
    <section v-for="{ group, states } in groups" :key="group">
      <h4>{{ TITLES[group] }}</h4>
      <LeafRow
        v-for="one in states"
        :key="one.field.label"
        :state="one"
        :from="from"
        @write="write(one.field, $event)"
        @trouble="trouble = $event"
        @pictures="choosePicture(one.field, $event)"
      />
    </section>
    <TroubleNote :says="trouble" />
  </div>
</template>

<style scoped>
section {
  min-width: 0;
}
.part-particulars {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 10px;
}
h4 {
  margin: 4px 0;
}
.part-particulars :deep(.light-input) {
  min-width: 0;
}
.part-particulars :deep(.control .light-input) {
  width: 100%;
}
</style>
