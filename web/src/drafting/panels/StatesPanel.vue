<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed, ref } from 'vue'
import { kindOf } from '@nolvex/core/block/block'
import type { PartState } from '@nolvex/core/block/partState'
import { PART_STATES } from '@nolvex/core/style/part'
import StatesDialog from '../StatesDialog.vue'
import StateSpecimen from '../StateSpecimen.vue'
import { useDraftingPage } from '../useDraftingPage'

/** What is selected in every state it may come into, below one another; one is chosen to be shown and changed. */
const page = useDraftingPage()
const isOnAll = ref(false)
const key = computed(() => page.selection.value[0])
const states = computed((): (PartState | undefined)[] => [
  undefined,
  ...(page.one.value ? (kindOf(page.one.value).states ?? []) : []),
])
const ROOM = 236

function change(state: PartState | undefined) {
  page.blockState.value = state
  page.panel.value = undefined
}
</script>

<template>
  <p v-if="!page.one.value" class="soft">Select one block to see it in all its states.</p>
  <p v-else-if="states.length === 1" class="soft">
    A {{ kindOf(page.one.value).label.toLowerCase() }} has no states but this one.
  </p>
  <template v-else>
    <p class="soft">Choose one to show it on the page and to change how it looks there.</p>
    <figure v-for="state in states" :key="state ?? 'rest'">
      <figcaption>
        <ElButton link :aria-pressed="page.blockState.value === state" @click="change(state)">{{
          state ? PART_STATES[state] : 'at rest'
        }}</ElButton>
      </figcaption>
      <StateSpecimen :of="key" :state="state" :room="ROOM" />
    </figure>
  </template>
  <ElButton class="all" @click="isOnAll = true">All blocks of this page…</ElButton>
  <StatesDialog v-if="isOnAll" v-model="isOnAll" />
</template>

<style scoped>
figure {
  margin: 0 0 8px;
}
.all {
  align-self: start;
}
</style>
