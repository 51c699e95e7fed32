<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed } from 'vue'
import type { Overflow } from '@nolvex/core/snap/overflows'
import PopPanel from '../forms/PopPanel.vue'
import { useDraftingPage } from './useDraftingPage'

/** What runs out at this width, named; pressing one selects it. */
const page = useDraftingPage()
const count = computed(() => page.overflows.value.length)
const words = computed(() => (count.value === 1 ? '1 runs out' : `${count.value} run out`))

const SIDES = { left: 'to the left', right: 'to the right', top: 'at the top', bottom: 'at the foot' }
const MOST = 100

function says({ key, of, side, by, isCut }: Overflow): string {
  const parent = page.placed.value.get(key)?.parent
  const holder =
    of === 'page' ? 'the page' : of === 'itself' ? 'its own box' : parent ? page.nameOf(parent) : ''
  const what = of === 'itself' ? 'its text runs' : 'runs'
  return `${what} out of ${holder} by ${Math.round(by)} px ${SIDES[side]}${isCut ? ', where it is cut off' : ''}`
}
</script>

<template>
  <PopPanel v-if="count" :words="words" label="What runs out at this width" :width="340">
    <h3>At {{ page.width.value }} px</h3>
    <ElButton
      v-for="one in page.overflows.value.slice(0, MOST)"
      :key="one.key"
      class="entry"
      text
      @click="page.select([one.key])"
    >
      <span
        ><b dir="auto">{{ page.nameOf(one.key) }}</b> {{ says(one) }}</span
      >
    </ElButton>
    <p v-if="count > MOST" class="soft">and {{ count - MOST }} more</p>
  </PopPanel>
</template>

<style scoped>
.entry.el-button {
  justify-content: start;
  font-weight: 400;
  text-align: left;
  white-space: normal;
}
</style>
