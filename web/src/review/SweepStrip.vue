<script setup lang="ts">
import { ElButton, ElTooltip } from 'element-plus'
import { computed, watch } from 'vue'
import { CONDITIONS, type Condition } from '@nolvex/core/review/sweep/conditions'
import { SWEPT } from '@nolvex/core/review/sweep/sweepPage'
import type { SweptTrouble } from '@nolvex/core/review/sweep/sweepFindings'
import { GRAVE, TROUBLES } from '@nolvex/core/review/sweep/trouble'
import PickField from '../forms/PickField.vue'
import PopPanel from '../forms/PopPanel.vue'
import { useDraftingPage } from '../drafting/useDraftingPage'
import { useFindingWalk } from './useFindingWalk'
import { useSweep } from './useSweep'

/** Under the width rail: the widths at which something of the page is wrong, each a way to the worst of them. */
const page = useDraftingPage()
const { condition, troubles, isSweeping } = useSweep(page.page)
/** A finding seen only under a condition is shown under it. */
const walk = useFindingWalk()
watch(
  () => walk.chosen?.place,
  (place) => {
    if (place?.condition && place.page === page.page.value) condition.value = place.condition
  },
  { immediate: true },
)
const share = (px: number) => ((px - SWEPT.from) / (SWEPT.to - SWEPT.from)) * 100

/** A stretch of widths with all that is wrong in it: those that overlap are one. */
const stretches = computed(() => {
  const all: { from: number; to: number; isGrave: boolean; troubles: SweptTrouble[] }[] = []
  for (const one of [...troubles.value].sort((a, b) => a.from - b.from)) {
    const last = all.at(-1)
    const isGrave = GRAVE.has(one.trouble)
    if (last && one.from <= last.to + 1 && last.isGrave === isGrave) {
      last.to = Math.max(last.to, one.to)
      last.troubles.push(one)
    } else all.push({ from: one.from, to: one.to, isGrave, troubles: [one] })
  }
  return all
})
const said = ({ name, trouble, from, to }: SweptTrouble) =>
  `${name} ${TROUBLES[trouble]}, ${from} to ${to} px`
const whole = computed(() => {
  if (isSweeping.value) return 'Looking…'
  const count = troubles.value.length
  const under = condition.value === 'drawn' ? '' : `, ${CONDITIONS[condition.value]}`
  return count === 0 ? `Well at all widths${under}` : `${count} at some widths${under}`
})

function goTo({ worst, block, from }: SweptTrouble) {
  page.width.value = Math.max(from, worst.width)
  page.select([page.keyOf(block)])
}
</script>

<template>
  <div class="sweep">
    <div class="widths" :class="{ sweeping: isSweeping }">
      <ElTooltip v-for="one in stretches" :key="one.from" placement="bottom" :show-after="150">
        <template #content>
          <div v-for="(trouble, index) in one.troubles.slice(0, 6)" :key="index">{{ said(trouble) }}</div>
          <div v-if="one.troubles.length > 6">and {{ one.troubles.length - 6 }} more</div>
        </template>
        <ElButton
          text
          class="stretch"
          :class="{ grave: one.isGrave }"
          :style="{ left: `${share(one.from)}%`, width: `max(3px, ${share(one.to) - share(one.from)}%)` }"
          :aria-label="said(one.troubles[0])"
          @click="goTo(one.troubles[0])"
        />
      </ElTooltip>
    </div>
    <div class="list">
      <PopPanel text :words="whole" :width="380" placement="bottom-start">
        <PickField
          label="Laid out"
          :value="condition"
          :choices="CONDITIONS"
          @change="condition = ($event as Condition) ?? 'drawn'"
        />
        <p v-if="isSweeping" class="soft" role="status">Looking at every width from 320 to 1920 px…</p>
        <p v-else-if="!troubles.length" class="soft">
          Nothing runs out, is cut off, overlaps or is squeezed.
        </p>
        <ul v-else>
          <li v-for="(one, index) in troubles.slice(0, 40)" :key="index">
            <ElButton link @click="goTo(one)">{{ said(one) }}</ElButton>
            <span v-if="one.mends" class="soft">
              well if {{ page.bands.value.inOrder.find(({ id }) => id === one.mends?.band)?.name }} began at
              {{ one.mends.from }} px
            </span>
          </li>
        </ul>
      </PopPanel>
    </div>
  </div>
</template>

<style scoped>
.sweep {
  position: absolute;
  right: 0;
  bottom: -2px;
  left: 0;
  height: 5px;
  cursor: default;
}
.widths {
  position: absolute;
  inset: 0;
  background: var(--hairline);
}
.widths.sweeping {
  opacity: 0.5;
}
.stretch.el-button {
  position: absolute;
  top: -3px;
  height: 11px;
  min-width: 0;
  padding: 3px 0;
  background: var(--ochre);
  background-clip: content-box;
  border: 0;
  border-radius: 0;
}
.stretch.el-button.grave {
  background-color: var(--brick);
}
.stretch.el-button:hover,
.stretch.el-button:focus-visible {
  padding: 0;
}
.list {
  position: absolute;
  right: 0;
  bottom: 5px;
}
.list :deep(.el-button) {
  height: 18px;
  padding: 0 4px;
  background: var(--paper);
  font-size: 11px;
  font-weight: 400;
}
ul {
  max-height: 280px;
  margin: 8px 0 0;
  padding: 0;
  overflow: auto;
  list-style: none;
}
li {
  padding: 3px 0;
  border-bottom: 1px dotted var(--edge);
}
li .soft {
  display: block;
}
li .el-button {
  height: auto;
  white-space: normal;
  text-align: left;
}
</style>
