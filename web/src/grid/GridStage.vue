<script setup lang="ts">
import AudienceView from '../audience/AudienceView.vue'
import FoundGridView from '../found/FoundGridView.vue'
import ScreensView from '../screens/ScreensView.vue'
import ViewedStage from '../stages/ViewedStage.vue'
import AgreementView from './AgreementView.vue'
import BandsView from './BandsView.vue'
import { gridViews } from './gridViews'
import GuidesView from './guides/GuidesView.vue'
import SizingView from './SizingView.vue'

/** Widths, grids, guides, screens and audience, before anything is drawn and while it is. */
</script>

<template>
  <ViewedStage v-slot="{ view }" stage="grid" :views="gridViews" first="bands" of="the grid">
    <BandsView v-if="view === 'bands'" />
    <GuidesView v-else-if="view === 'guides'" />
    <ScreensView v-else-if="view === 'screens'" />
    <AudienceView v-else-if="view === 'audience'" />
    <SizingView v-else-if="view === 'sizing'" />
    <FoundGridView v-else-if="view === 'found'" />
    <AgreementView v-else />
  </ViewedStage>
</template>
