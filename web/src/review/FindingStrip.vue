<script setup lang="ts">
import { ElButton } from 'element-plus'
import { storeToRefs } from 'pinia'
import { computed, onScopeDispose, watch } from 'vue'
import { SEVERITIES } from '@nolvex/core/review/finding'
import { paintedRules } from '@nolvex/core/review/paintedFindings'
import { useDraftingPage } from '../drafting/useDraftingPage'
import { useProject } from '../session/projectStore'
import LeaveFinding from './LeaveFinding.vue'
import OwnWord from './OwnWord.vue'
import { reviewRules } from '@nolvex/core/review/allRules'
import { useReview } from './useReview'
import { useFindingWalk } from './useFindingWalk'

/** The finding one came here for: what it says, its measures drawn on the page, its change shown before it is made. */
const project = useProject()
const page = useDraftingPage()
const walk = useFindingWalk()
const { chosen, current, left, index } = storeToRefs(walk)

const isHere = computed(() => chosen.value?.place.page === page.page.value)
const rule = computed(() => reviewRules.find(({ id }) => id === chosen.value?.rule))
const { watchOrder, isPainted } = useReview()
const isOfPixels = computed(() => paintedRules.some(({ id }) => id === chosen.value?.rule))
watchOrder(() => isHere.value && isOfPixels.value)
/** what is said before it, where it is not found as the page stands */
const before = computed(() => {
  if (current.value) return ''
  return isOfPixels.value && !isPainted(page.page.value) ? 'Looking again: ' : 'Mended, or found no longer: '
})

/** Its measures, at the width they were taken at. */
const measures = computed(() => {
  const { place, marks = [] } = current.value ?? {}
  const band = page.bands.value.inOrder.find(({ id }) => id === place?.band)
  const isAsMeasured = isHere.value && (!band || band.drawnAt === page.width.value)
  return isAsMeasured ? marks.map(({ rect, says }, at) => ({ id: `finding ${at}`, rect, says })) : []
})
watch(
  measures,
  (now, before = []) => {
    // What other lists point at is theirs.
    if (now.length || before.length) page.marked.value = now
  },
  { immediate: true },
)
onScopeDispose(() => (page.marked.value = []))

/** The page as it would stand, where the change is one of what is drawn. */
function preview(isShown: boolean) {
  const parts = current.value?.fix?.parts ?? []
  const own = parts.filter(({ document }) => document === page.document.value)
  page.landing.value = isShown && own.length ? own.flatMap(({ operations }) => operations) : undefined
}
function mend() {
  const fix = current.value?.fix
  preview(false)
  if (fix) project.change(fix.label, fix.parts)
}
function close() {
  preview(false)
  walk.leave()
}
</script>

<template>
  <div v-if="isHere && chosen" class="finding" role="status">
    <span class="severity" :class="chosen.severity">{{ SEVERITIES[chosen.severity] }}</span>
    <span class="says" dir="auto" :title="rule?.why">{{ before }}{{ chosen.says }}</span>
    <ElButton
      v-if="current?.fix"
      type="primary"
      @mouseenter="preview(true)"
      @mouseleave="preview(false)"
      @focus="preview(true)"
      @blur="preview(false)"
      @click="mend"
      >{{ current.fix.label }}</ElButton
    >
    <OwnWord v-if="current?.word" :word="current.word" />
    <LeaveFinding v-if="current" :finding="current" />
    <template v-if="left.length">
      <ElButton @click="walk.step(-1)">Previous</ElButton>
      <span class="soft">{{ index < 0 ? left.length : `${index + 1} of ${left.length}` }}</span>
      <ElButton @click="walk.step(1)">Next</ElButton>
    </template>
    <ElButton link @click="close">Close</ElButton>
  </div>
</template>

<style scoped>
.finding {
  display: flex;
  flex: none;
  gap: 10px;
  align-items: center;
  padding: 4px 16px;
  background: var(--desk);
  border-bottom: 1px solid var(--hairline);
}
.says {
  flex: 1;
  min-width: 0;
}
.severity {
  color: var(--slate);
  font-size: 11px;
  white-space: nowrap;
}
.severity.serious {
  color: var(--brick);
  font-weight: 700;
}
.severity.fair {
  color: var(--ochre-text);
}
</style>
