<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed, onScopeDispose } from 'vue'
import { ALIKE, CLEAR, saidOfTwo } from '@nolvex/core/review/hierarchy/eyeOrder'
import FoldLines from '../../audience/FoldLines.vue'
import { percent } from '../../audience/useAudience'
import ChoiceField from '../../forms/ChoiceField.vue'
import TroubleNote from '../../forms/TroubleNote.vue'
import { useEyePath } from '../../review/eye/useEyePath'
import { SEEN_AS, useSeenAs } from '../../review/eye/useSeenAs'
import { useDraftingPage } from '../useDraftingPage'

/** What the eye meets first in the page's first window, why, and whether that is what was meant. */
const page = useDraftingPage()
const { order, whole, first, meant, wrong, isLooking, trouble, height, mending, isMending, findMending } =
  useEyePath(page)
const { seenAs } = useSeenAs()
onScopeDispose(() => {
  seenAs.value = 'drawn'
  preview(false)
})

/** Where most of it hangs, where it does not hang evenly. */
const hangs = computed(() => {
  const { left, above } = whole.value
  const across = `${percent(left)} left, ${percent(1 - left)} right`
  return `${across}; ${percent(above)} above, ${percent(1 - above)} below the middle`
})

/** The page as it would stand, before it does. */
function preview(isShown: boolean) {
  const { value: found } = mending
  page.landing.value = isShown && found && found !== 'none' ? found.operations : undefined
}
function mend() {
  const { value: found } = mending
  preview(false)
  if (found && found !== 'none') page.change('Put in order what is met', found.operations)
}

const opening = computed(() => {
  const [one, two] = order.value
  if (!one) return 'There is nothing to meet in the first window yet.'
  if (!two) return `${one.facts.name} is all there is to meet.`
  if (one.lead >= CLEAR) return saidOfTwo(one, two)
  return one.lead < ALIKE ? saidOfTwo(one, two) : `Probably ${saidOfTwo(one, two)}`
})
const meantNames = computed(() => meant.value.keys.map((key) => page.nameOf(key)).join(', then '))
const most = computed(() => Math.max(...first.value.map(({ score }) => score), 1))
const least = computed(() => Math.min(...first.value.map(({ score }) => score), most.value - 1))
const share = (score: number) => 20 + (80 * (score - least.value)) / Math.max(0.01, most.value - least.value)
</script>

<template>
  <p v-if="isLooking" class="soft" role="status">Looking at the page…</p>
  <TroubleNote :says="trouble" />
  <p>{{ opening }}</p>
  <ol>
    <li v-for="{ facts, score } in first" :key="facts.key">
      <ElButton link @click="page.select([facts.key])">{{ facts.name }}</ElButton>
      <span class="bar" :style="{ width: `${share(score)}%` }" />
    </li>
  </ol>
  <h3>What was meant</h3>
  <p v-if="meant.keys.length === 0" class="soft">
    Give blocks a rank at “meant to be met” in their particulars, or the page a main heading.
  </p>
  <template v-else>
    <p class="soft">
      {{ meant.isRanked ? `First ${meantNames}, by their ranks.` : `${meantNames}, each before its like.` }}
    </p>
    <p v-if="wrong.length === 0">That is how it is met.</p>
    <template v-else>
      <ul>
        <li v-for="one in wrong" :key="one.meant">{{ one.says }}</li>
      </ul>
      <p v-if="isMending" class="soft" role="status">Trying changes, and looking at the page after each…</p>
      <p v-else-if="mending === 'none'" class="soft">
        No small change puts it right: give a rank to fewer blocks, or draw the window anew.
      </p>
      <ElButton v-else-if="!mending" @click="findMending">What would put it right?</ElButton>
      <template v-else>
        <p>{{ mending.label }}.</p>
        <ElButton
          type="primary"
          @mouseenter="preview(true)"
          @mouseleave="preview(false)"
          @focus="preview(true)"
          @blur="preview(false)"
          @click="mend"
          >Change it so</ElButton
        >
      </template>
    </template>
  </template>
  <h3>As a whole</h3>
  <dl v-if="order.length">
    <dt>Covered</dt>
    <dd>{{ percent(whole.density) }} of the window</dd>
    <dt>Balance</dt>
    <dd>{{ percent(whole.balance) }}: {{ hangs }}</dd>
  </dl>
  <h3>Without scrolling</h3>
  <FoldLines />
  <h3>See it otherwise</h3>
  <ChoiceField label="Shown" :value="seenAs" :choices="SEEN_AS" @change="seenAs = $event ?? 'drawn'" />
  <p class="soft">
    The first {{ height }} px at {{ page.band.value.name }}, judged by size, type, contrast, colour and what
    is alike; warmth goes by the pixels alone (spectral residual, Hou and Zhang 2007), and was right less
    often. It is what a designer would expect, not where people looked.
  </p>
</template>

<style scoped>
h3 {
  margin: 10px 0 2px;
}
p {
  margin: 4px 0;
}
dl {
  display: grid;
  grid-template-columns: auto 1fr;
  gap: 2px 10px;
  margin: 4px 0;
}
dt {
  color: var(--slate);
}
dd {
  margin: 0;
}
ol,
ul {
  margin: 4px 0;
  padding-left: 20px;
}
li {
  padding: 2px 0;
}
.bar {
  display: block;
  height: 4px;
  background: var(--ochre);
}
</style>
