<script setup lang="ts">
import DurationTokens from './DurationTokens.vue'
import GapScale from './GapScale.vue'
import GuideBoard from './GuideBoard.vue'
import GuideSection from './GuideSection.vue'
import LengthTokens from './LengthTokens.vue'
import ShadowTokens from './ShadowTokens.vue'

/** Gaps, corners, widths of lines, shadows and durations. */
</script>

<template>
  <GuideBoard>
    <GuideSection title="Gaps">
      <GapScale />
      <LengthTokens use="space" label="gap" />
    </GuideSection>
    <GuideSection title="Corners"><LengthTokens use="radius" label="corner" /></GuideSection>
    <GuideSection title="Lines"><LengthTokens use="line" label="line" /></GuideSection>
    <GuideSection title="Shadows"><ShadowTokens /></GuideSection>
    <GuideSection title="Durations"><DurationTokens /></GuideSection>
  </GuideBoard>
</template>
