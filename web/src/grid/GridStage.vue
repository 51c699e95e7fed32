<script setup lang="ts">
import { computed } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { useCommands } from '../commands/commandStore'
import { useProject } from '../session/projectStore'
import StageViews from '../stages/StageViews.vue'
import AudienceView from '../audience/AudienceView.vue'
import BandsView from './BandsView.vue'
import GuidesView from './guides/GuidesView.vue'
import ScreensView from '../screens/ScreensView.vue'
import SizingView from './SizingView.vue'
import FoundGridView from '../found/FoundGridView.vue'
import AgreementView from './AgreementView.vue'
import { gridViews, type GridViewName } from './gridViews'

/** Widths, grids, guides, screens and audience, before anything is drawn and while it is. */
const route = useRoute()
const router = useRouter()
const project = useProject()
const view = computed<GridViewName>(() => {
  const asked = String(route.params.view)
  return asked in gridViews ? (asked as GridViewName) : 'bands'
})

useCommands().offer(
  Object.entries(gridViews).map(([name, label], index) => ({
    id: `grid-${name}`,
    label: `Show ${label} of the grid`,
    keys: [`Alt+${index + 1}`],
    run: () => void router.push({ name: 'grid', params: { project: project.id, view: name } }),
  })),
)
</script>

<template>
  <main class="grid-stage">
    <div class="stage-strip">
      <StageViews stage="grid" :views="gridViews" :current="view" label="Views of the grid" />
    </div>
    <div class="body">
      <BandsView v-if="view === 'bands'" />
      <GuidesView v-else-if="view === 'guides'" />
      <ScreensView v-else-if="view === 'screens'" />
      <AudienceView v-else-if="view === 'audience'" />
      <SizingView v-else-if="view === 'sizing'" />
      <FoundGridView v-else-if="view === 'found'" />
      <AgreementView v-else />
    </div>
  </main>
</template>

<style scoped>
.grid-stage {
  display: flex;
  flex: 1;
  flex-direction: column;
  min-height: 0;
}
.body {
  display: flex;
  flex: 1;
  min-height: 0;
}
</style>
