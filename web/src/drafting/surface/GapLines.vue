<script setup lang="ts">
import { roundTo } from '@nolvex/core/units/length'
import LengthInput from '../../forms/LengthInput.vue'
import { useGapsAmong } from '../measures/useGapsAmong'
import { useDraftingPage } from '../useDraftingPage'
import SpanLine from './SpanLine.vue'

/** The gaps between several blocks that are selected; those that differ are marked, and typing one makes all so. */
defineProps<{ zoom: number }>()
const page = useDraftingPage()
const { among, typeGaps } = useGapsAmong(page)
</script>

<template>
  <div v-if="among" @pointerdown.stop @dblclick.stop>
    <SpanLine
      v-for="gap in among.gaps"
      :key="gap.before + gap.after"
      :axis="gap.axis"
      :span="gap"
      :zoom="zoom"
      :tone="among.areEqual ? 'measure' : 'warning'"
    >
      <LengthInput
        class="figure"
        is-light
        :label="`Gap between ${page.nameOf(gap.before)} and ${page.nameOf(gap.after)}`"
        :value="String(roundTo(gap.size, 2))"
        :spell="page.spelled"
        :title="
          among.areEqual
            ? 'Equal gaps. Type another figure for all of them.'
            : 'These gaps are not equal. Type a figure and all of them are.'
        "
        @change="typeGaps"
        @trouble="page.trouble.value = $event"
      />
      <span v-if="!among.areEqual" class="sign" aria-hidden="true">≠</span>
    </SpanLine>
  </div>
</template>

<style scoped>
.figure {
  width: 34px;
  padding: 0;
  background: transparent;
  border: 0;
  border-bottom: 1px solid var(--edge);
  color: inherit;
  font: inherit;
  text-align: center;
  pointer-events: auto;
}
.sign {
  margin-left: 2px;
}
</style>
