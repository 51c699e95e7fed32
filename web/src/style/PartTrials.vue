<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed } from 'vue'
import { putAmong } from '@nolvex/core/document/placing'
import { inOrder } from '@nolvex/core/document/tree'
import type { Json, Operation, StoredRecord } from '@nolvex/core/document/types'
import type { Trial } from '@nolvex/core/style/part'
import type { Band } from '@nolvex/core/site/site'
import type { StyleDocument } from '@nolvex/core/style/style'
import { newId } from '../session/newId'
import GuideSection from './GuideSection.vue'
import PartSpecimen from './PartSpecimen.vue'
import type { DressedKind } from './partsOfKinds'
import { useGuide } from './useGuide'
import { useRealCopy } from './useRealCopy'

/** Several versions of a part beside each other on the project's own words, of which one is taken. */
const props = defineProps<{ kind: DressedKind; variant: string | undefined; band: Band }>()
const { project, change } = useGuide()
const { copyFor } = useRealCopy()
const trials = computed(() =>
  inOrder(Object.values(project.style.records.trials)).filter(
    (one) => one.kind === props.kind.kind && one.variant === props.variant,
  ),
)
const words = computed(() => (props.kind.specimen.text ? copyFor(props.kind.kind) : undefined))

/** Ways a first few versions differ from what there is; each can be gone on with in the particulars once it is taken. */
const WAYS: { name: string; look: () => Trial['look']; arrange?: () => Trial['arrange'] }[] = [
  { name: 'Outlined', look: () => ({ fill: 'none', colour: colour('text'), border: ring() }) },
  { name: 'Round', look: () => ({ radius: corners(999) }) },
  { name: 'Square', look: () => ({ radius: corners(0) }) },
  {
    name: 'Larger',
    look: () => ({}),
    arrange: () => ({ padding: { top: px(18), right: px(34), bottom: px(18), left: px(34) } }),
  },
  {
    name: 'Raised',
    look: () => ({ shadow: [{ x: 0, y: 3, blur: 10, spread: 0, colour: { hex: '#00000040' } }] }),
  },
  { name: 'Tinted', look: () => ({ fill: colour('tint'), colour: colour('text') }) },
]
const px = (value: number) => ({ value, unit: 'px' as const })
const colour = (role: 'text' | 'tint') => ({ role, hex: role === 'text' ? '#17211e' : '#eceeea' })
function ring() {
  const edge = { width: px(2), line: 'solid' as const, colour: colour('text') }
  return { top: edge, right: edge, bottom: edge, left: edge }
}
function corners(radius: number) {
  const one = px(radius)
  return { topLeft: one, topRight: one, bottomRight: one, bottomLeft: one }
}

function begin() {
  const { kind } = props.kind
  const variant = props.variant === undefined ? {} : { variant: props.variant }
  const made = WAYS.map(({ name, look, arrange }) => {
    const record = {
      id: newId(),
      name,
      kind,
      ...variant,
      look: look(),
      ...(arrange && { arrange: arrange() }),
    }
    return JSON.parse(JSON.stringify(record)) as { id: string; [field: string]: Json }
  })
  change('Try versions', putAmong('trials', trials.value, trials.value.length, made))
}

/** The guide with a trial in place of what there is. */
function styleWith({ look, arrange, place }: Trial): StyleDocument {
  const id = 'trialpart0000000'
  const part = { id, order: 'zz', kind: props.kind.kind, variant: props.variant, look, arrange, place }
  return {
    ...project.style,
    records: { ...project.style.records, parts: { ...project.style.records.parts, [id]: part } },
  }
}

const leaves = (value: unknown, path: string[]): [string[], Json][] =>
  typeof value === 'object' && value !== null && !Array.isArray(value) && isBranch(path)
    ? Object.entries(value).flatMap(([key, below]) => leaves(below, [...path, key]))
    : [[path, value as Json]]
const isBranch = (path: string[]) =>
  path.length < 2 || (path.length === 2 && ['padding', 'border', 'radius'].includes(path[1]))

/** What a version says becomes what the part says; all versions go. */
function take(trial: Trial) {
  const parts = Object.values(project.style.records.parts)
  const known = parts.find(
    (one) => one.kind === trial.kind && one.variant === trial.variant && !one.piece && !one.state,
  )
  const id = known?.id ?? newId()
  const order = `b${parts.length.toString(36).padStart(4, '0')}`
  const record = JSON.parse(
    JSON.stringify({ id, order, kind: trial.kind, variant: trial.variant }),
  ) as StoredRecord
  const said = (
    [
      ['look', trial.look],
      ['arrange', trial.arrange],
      ['place', trial.place],
    ] as const
  ).flatMap(([key, value]) => (value ? leaves(value, [key]) : []))
  change(`Take the version ${trial.name}`, [
    ...(known ? [] : [{ type: 'put', collection: 'parts', id, record } as Operation]),
    ...said.map(([path, value]): Operation => ({ type: 'set', collection: 'parts', id, path, value })),
    ...drops(),
  ])
}
const drops = (): Operation[] => trials.value.map(({ id }) => ({ type: 'remove', collection: 'trials', id }))
</script>

<template>
  <GuideSection title="Versions tried">
    <template #acts>
      <ElButton v-if="trials.length === 0" @click="begin">Try several versions</ElButton>
      <ElButton v-else @click="change('Drop the versions', drops())">Keep what there is</ElButton>
    </template>
    <p v-if="trials.length === 0" class="soft">
      Sets several versions beside each other on the project’s own words, to choose one.
    </p>
    <div v-else class="versions">
      <figure>
        <PartSpecimen :kind="kind" :variant="variant" :band="band" :words="words" />
        <figcaption>As it is</figcaption>
      </figure>
      <figure v-for="trial in trials" :key="trial.id" :data-trial="trial.name">
        <PartSpecimen :kind="kind" :variant="variant" :band="band" :style="styleWith(trial)" :words="words" />
        <figcaption>{{ trial.name }} <ElButton link @click="take(trial)">Take this one</ElButton></figcaption>
      </figure>
    </div>
  </GuideSection>
</template>

<style scoped>
.versions {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(240px, 1fr));
  gap: 12px;
}
figure {
  margin: 0;
}
</style>
