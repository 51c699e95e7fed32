<script setup lang="ts">
import { ElButton } from 'element-plus'
import { ref } from 'vue'
import { COLOUR_NOTATIONS, type ColourNotation } from '@nolvex/core/colour/writeColour'
import ChoiceField from '../forms/ChoiceField.vue'
import AlikeColours from './AlikeColours.vue'
import ColourAdder from './ColourAdder.vue'
import ColourTokens from './ColourTokens.vue'
import ContrastTable from './ContrastTable.vue'
import DeficiencyRows from './DeficiencyRows.vue'
import GuideBoard from './GuideBoard.vue'
import GuideSection from './GuideSection.vue'

/** Colours with their roles, how they contrast and how much of the pages they cover. */
const notation = ref<ColourNotation>('hex')
const NOTATIONS = Object.fromEntries(COLOUR_NOTATIONS.map((one) => [one, one])) as Record<
  ColourNotation,
  string
>
const isAdding = ref(false)
</script>

<template>
  <GuideBoard>
    <GuideSection title="Colours">
      <template #acts>
        <ChoiceField
          label="Written as"
          hide-label
          :value="notation"
          :choices="NOTATIONS"
          @change="notation = $event ?? 'hex'"
        />
        <ElButton :aria-expanded="isAdding" @click="isAdding = !isAdding">Add colours</ElButton>
      </template>
      <ColourAdder v-if="isAdding" />
      <ColourTokens :notation="notation" />
    </GuideSection>
    <GuideSection title="Contrast"><ContrastTable /></GuideSection>
    <GuideSection title="Nearly the same"><AlikeColours /></GuideSection>
    <GuideSection title="As others see them"><DeficiencyRows /></GuideSection>
  </GuideBoard>
</template>
