<script setup lang="ts">
import { ElButton, ElCheckbox, ElMessage } from 'element-plus'
import { computed, ref, toRef } from 'vue'
import { tokenColour } from '@nolvex/core/style/token'
import { REASONS, type Becoming } from '@nolvex/core/kit/becoming'
import { valuesOf } from '@nolvex/core/resolve/scope'
import SelectField from '../../forms/SelectField.vue'
import TroubleNote from '../../forms/TroubleNote.vue'
import { choiceOf, type KitItem } from './kitItems'
import KitNewsList from './KitNewsList.vue'
import type { OpenedKit } from './kitWorker'
import { useTaking } from './useTaking'

/** What was chosen of a kit: what comes along with it, what that becomes here, and taking it. */
const props = defineProps<{ opened: OpenedKit; chosen: KitItem[]; current?: KitItem }>()
const emit = defineEmits<{ taken: [] }>()
const choice = computed(() => choiceOf(props.chosen))
const { isLinked, needs, list, become, trouble, working, take, takeNewer } = useTaking(
  toRef(props, 'opened'),
  choice,
)
const about = computed(() => props.opened.kit.about)
const along = computed(() => {
  const more = needs.value.shared.filter((id) => !choice.value.shared.includes(id))
  return more.map((id) => props.opened.kit.style.records.shared[id].name)
})
const files = computed(() => needs.value.files.length)
/** What copies of the block that is looked at may say otherwise. */
const values = computed(() =>
  props.current?.sort === 'shared' ? valuesOf(props.opened.kit.style, props.current.records[0]) : [],
)

/** What is the same here is only counted, until somebody wants to see it. */
const showsAll = ref(false)
const isPlain = ({ why }: Becoming) => why === 'same' || why === 'taken'
const rank = (one: Becoming) => (one.into === undefined ? 0 : isPlain(one) ? 2 : 1)
const shownList = computed(() =>
  [...list.value].sort((a, b) => rank(a) - rank(b)).filter((one) => showsAll.value || !isPlain(one)),
)
const hiddenCount = computed(() => list.value.filter(isPlain).length)

const COMES = 'comes along'
const optionsOf = ({ choices }: Becoming) => ({ '': COMES, ...choices })
const whyOf = ({ into, why }: Becoming) =>
  into === undefined ? 'new here' : why ? REASONS[why] : 'as chosen'
const colourOf = ({ of, id }: Becoming) =>
  of === 'tokens' ? tokenColour(props.opened.kit.style.records.tokens, id) : undefined
const SORT_NAMES = { tokens: 'token', levels: 'level', variants: 'variant' } as const

async function takeChosen() {
  const count = props.chosen.length
  const what = count === 1 ? props.chosen[0].name : `${count} of them`
  if (!(await take(`Take ${what} from ${about.value.name}`))) return
  ElMessage({
    message: `${what} from ${about.value.name}: shared blocks and patterns stand on the shelf now.`,
  })
  emit('taken')
}
</script>

<template>
  <h3 dir="auto">{{ about.name }}</h3>
  <p class="soft">
    Version {{ about.version }}<template v-if="about.licence">, {{ about.licence }}</template>
  </p>
  <p v-if="about.note" dir="auto">{{ about.note }}</p>
  <KitNewsList :kit="opened.kit" @take="takeNewer" />
  <template v-if="values.length">
    <h4>{{ current?.name }}: copies may differ in</h4>
    <p dir="auto">{{ values.map(({ label }) => label).join(', ') }}</p>
  </template>
  <template v-if="chosen.length">
    <h4>{{ chosen.length === 1 ? chosen[0].name : `${chosen.length} chosen` }}</h4>
    <p v-if="along.length" dir="auto">Comes along, as it shows in it: {{ along.join(', ') }}.</p>
    <p v-if="files">{{ files === 1 ? '1 file comes' : `${files} files come` }} along.</p>
    <div
      v-if="list.length"
      class="becoming"
      role="list"
      aria-label="What it names, and what that becomes here"
    >
      <div v-for="one in shownList" :key="`${one.of} ${one.id}`" class="one" role="listitem">
        <span v-if="colourOf(one)" class="swatch" :style="{ background: colourOf(one) }" />
        <span class="name" dir="auto" :title="SORT_NAMES[one.of]">{{ one.name }}</span>
        <SelectField
          :label="`What the ${SORT_NAMES[one.of]} ${one.name} becomes`"
          :value="one.into ?? ''"
          :options="optionsOf(one)"
          @change="become(one.id, $event)"
        />
        <span class="soft why">{{ whyOf(one) }}</span>
      </div>
    </div>
    <ElButton v-if="hiddenCount" link class="more" @click="showsAll = !showsAll">{{
      showsAll ? 'Show only what differs' : `${hiddenCount} more are the same here: show them`
    }}</ElButton>
    <p v-if="list.length === 0" class="soft">It names nothing of the kit’s guide: it is dressed in yours.</p>
    <ElCheckbox v-if="choice.shared.length" v-model="isLinked"
      >Go on following the kit: a newer one offers its changes</ElCheckbox
    >
    <ElButton type="primary" :disabled="!!working" @click="takeChosen"
      >Take {{ chosen.length === 1 ? 'it' : `these ${chosen.length}` }}</ElButton
    >
  </template>
  <p v-else class="soft">
    Choose what you want: its tick, or Space. Here stands then what comes along with it, and what of your own
    guide it is dressed in.
  </p>
  <p v-if="working" role="status">{{ working }}</p>
  <TroubleNote :says="trouble" />
</template>

<style scoped>
h4 {
  margin: 6px 0 0;
}
.more {
  align-self: start;
}
.becoming {
  display: grid;
  gap: 6px;
}
.one {
  display: grid;
  grid-template-columns: 16px minmax(0, 1fr) 132px;
  gap: 0 6px;
  align-items: center;
}
.one .name {
  grid-column: 2;
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}
.one .why {
  grid-column: 3;
  font-size: 12px;
}
.swatch {
  grid-column: 1;
  width: 14px;
  height: 14px;
  border: 1px solid var(--edge);
}
.el-checkbox {
  height: auto;
  white-space: normal;
}
</style>
