<script setup lang="ts">
import { ElButton, ElMessage } from 'element-plus'
import { computed, ref, watch } from 'vue'
import { kindNamed } from '@nolvex/core/block/kinds'
import { PART_STATES, type PartState } from '@nolvex/core/style/part'
import AddLine from '../forms/AddLine.vue'
import ChoiceField from '../forms/ChoiceField.vue'
import SideEntry from '../forms/SideEntry.vue'
import { newId } from '../session/newId'
import PartParticulars from './PartParticulars.vue'
import PartSpecimen from './PartSpecimen.vue'
import PartTrials from './PartTrials.vue'
import { DRESSED_KINDS, variantsOf } from './partsOfKinds'
import { useGuide } from './useGuide'
import { useGuideBand } from './useGuideBand'

/** How the guide dresses each kind of block: its variants, states and pieces, each on a live specimen. */
const { project, change } = useGuide()
const kind = ref(DRESSED_KINDS[0].kind)
const variant = ref<string>()
const piece = ref<string>()
const state = ref<PartState>()

const dressed = computed(() => DRESSED_KINDS.find((one) => one.kind === kind.value) ?? DRESSED_KINDS[0])
const parts = computed(() => project.style.records.parts)
const variants = computed(() => variantsOf(kind.value, parts.value))
watch(kind, () => (variant.value = piece.value = state.value = undefined))
watch(variants, (now) => {
  if (!now.some(({ key }) => key === variant.value)) variant.value = undefined
})

const { band: shownBand, choices: bandChoices, choose: chooseBand } = useGuideBand()
const known = computed(() => kindNamed(kind.value).states ?? [])
const stateChoices = computed(
  () => Object.fromEntries(known.value.map((one) => [one, PART_STATES[one]])) as Record<PartState, string>,
)
/** every state it may be in, at rest first */
const states = computed((): (PartState | undefined)[] => [undefined, ...known.value])

const partsOf = (of: string) => Object.values(parts.value).filter((part) => part.kind === of)
const used = (of: string, key: string | undefined) =>
  Object.values(project.view.documents).reduce((sum, { kind: document, records }) => {
    if (document !== 'drawing') return sum
    const blocks = Object.values(records.blocks ?? {})
    return (
      sum + blocks.filter((block) => block.kind === of && (key === undefined || block.variant === key)).length
    )
  }, 0)

function addVariant(name: string) {
  const key = name
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '-')
    .slice(0, 40)
  if (!key || variants.value.some((one) => one.key === key))
    return void ElMessage({ message: `There is a variant “${name}” already. Give it another name.` })
  const id = newId()
  const order = `b${Object.keys(parts.value).length.toString(36).padStart(4, '0')}`
  change(`Add the variant ${name}`, [
    { type: 'put', collection: 'parts', id, record: { id, order, kind: kind.value, variant: key, name } },
  ])
  variant.value = key
}
const isOwn = computed(() =>
  Object.values(parts.value).some(
    (part) => part.kind === kind.value && part.variant === variant.value && part.name,
  ),
)
function removeVariant() {
  const own = partsOf(kind.value).filter((part) => part.variant === variant.value)
  change(
    `Delete the variant ${variant.value}`,
    own.map(({ id }) => ({ type: 'remove', collection: 'parts', id })),
  )
}
</script>

<template>
  <nav class="kinds" aria-label="Kinds of block">
    <SideEntry
      v-for="one in DRESSED_KINDS"
      :key="one.kind"
      :current="one.kind === kind"
      @click="kind = one.kind"
    >
      <b>{{ one.label }}</b>
      <span class="soft">{{ used(one.kind, undefined) }} drawn</span>
    </SideEntry>
  </nav>
  <div class="board">
    <div class="variants" role="group" aria-label="Variants">
      <ElButton
        v-for="one in variants"
        :key="one.key ?? ''"
        :aria-pressed="one.key === variant"
        @click="variant = one.key"
        >{{ one.label }} ({{ used(kind, one.key) }})</ElButton
      >
      <AddLine class="add" label="Add a variant" placeholder="Add a variant" :max="40" @add="addVariant" />
      <ElButton v-if="isOwn" link @click="removeVariant">Delete this variant</ElButton>
    </div>
    <div class="specimens">
      <figure v-for="one in states" :key="one ?? 'rest'" :class="{ chosen: one === state }">
        <figcaption>
          <ElButton link :aria-pressed="one === state" @click="state = one">{{
            one ? PART_STATES[one] : 'at rest'
          }}</ElButton>
        </figcaption>
        <PartSpecimen :kind="dressed" :variant="variant" :state="one" :band="shownBand" />
      </figure>
      <figure>
        <figcaption class="soft">at rest, in the dark set</figcaption>
        <PartSpecimen :kind="dressed" :variant="variant" :band="shownBand" set="dark" />
      </figure>
    </div>
    <PartTrials :kind="dressed" :variant="variant" :band="shownBand" />
  </div>
  <aside class="side-panel broad" aria-label="Particulars of the part">
    <h3>
      {{ dressed.label }}<template v-if="variant">, {{ variant }}</template>
    </h3>
    <div class="what">
      <ChoiceField
        v-if="Object.keys(dressed.pieces).length"
        label="Piece"
        :value="piece"
        :choices="dressed.pieces"
        none="the whole"
        @change="piece = $event"
      />
      <ChoiceField
        v-if="known.length"
        label="State"
        :value="state"
        :choices="stateChoices"
        none="at rest"
        @change="state = $event"
      />
      <ChoiceField label="Band" :value="shownBand.id" :choices="bandChoices" @change="chooseBand" />
    </div>
    <PartParticulars :kind="dressed" :variant="variant" :piece="piece" :state="state" :band="shownBand.id" />
  </aside>
</template>

<style scoped>
.kinds {
  flex: none;
  width: 168px;
  padding: 12px 8px;
  overflow: auto;
  background: var(--paper);
  border-right: 1px solid var(--hairline);
}
.board {
  display: grid;
  gap: 16px;
  align-content: start;
}
.variants {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
  align-items: center;
}
.variants .el-button {
  margin-left: 0;
}
.add {
  width: 190px;
}
.specimens {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(280px, 1fr));
  gap: 12px;
}
figure {
  margin: 0;
  padding: 4px;
  border: 1px solid transparent;
}
figure.chosen {
  border-color: var(--pine);
}
figcaption {
  padding: 2px 0 4px;
}
.side-panel.broad {
  width: 340px;
}
.what {
  display: grid;
  gap: 6px;
}
</style>
