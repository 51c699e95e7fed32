<script setup lang="ts">
import BuiltPageView from '../built/BuiltPageView.vue'
import ViewedStage from '../stages/ViewedStage.vue'
import OverTimeView from './OverTimeView.vue'
import { reviewViews } from './reviewViews'
import ReviewView from './ReviewView.vue'
import RulesView from './RulesView.vue'

/** What was found wrong, how that went over time, what was made of the drawings, and what is looked for. */
</script>

<template>
  <ViewedStage v-slot="{ view }" stage="review" :views="reviewViews" first="findings" of="review">
    <ReviewView v-if="view === 'findings'" />
    <OverTimeView v-else-if="view === 'time'" />
    <RulesView v-else-if="view === 'rules'" />
    <BuiltPageView v-else />
  </ViewedStage>
</template>
