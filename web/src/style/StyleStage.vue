<script setup lang="ts">
import { computed } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { isPlainStyle } from '@nolvex/core/style/plainStyle'
import { useCommands } from '../commands/commandStore'
import { useProject } from '../session/projectStore'
import StageViews from '../stages/StageViews.vue'
import ColourView from './ColourView.vue'
import LooseView from './LooseView.vue'
import MarksView from './MarksView.vue'
import MoodView from './MoodView.vue'
import PartsView from './PartsView.vue'
import QuickStartView from './QuickStartView.vue'
import SheetView from './SheetView.vue'
import SpaceView from './SpaceView.vue'
import TypeView from './TypeView.vue'
import { styleViews, type StyleViewName } from './styleViews'

/** The style guide: what every drawing, export and review computes with. */
const route = useRoute()
const router = useRouter()
const project = useProject()
/** a guide nobody decided anything of begins with the quick start */
const first = computed<StyleViewName>(() => (isPlainStyle(project.style) ? 'start' : 'colour'))
const view = computed<StyleViewName>(() => {
  const asked = String(route.params.view)
  return asked in styleViews ? (asked as StyleViewName) : first.value
})

useCommands().offer(
  Object.entries(styleViews).map(([name, label], index) => ({
    id: `style-${name}`,
    label: `Show ${label} of the style guide`,
    keys: [`Alt+${index + 1}`],
    run: () => void router.push({ name: 'style', params: { project: project.id, view: name } }),
  })),
)
</script>

<template>
  <main class="style-stage">
    <div class="stage-strip">
      <StageViews stage="style" :views="styleViews" :current="view" label="Views of the style guide" />
    </div>
    <div class="body">
      <QuickStartView v-if="view === 'start'" />
      <ColourView v-else-if="view === 'colour'" />
      <TypeView v-else-if="view === 'type'" />
      <SpaceView v-else-if="view === 'space'" />
      <PartsView v-else-if="view === 'parts'" />
      <MarksView v-else-if="view === 'marks'" />
      <MoodView v-else-if="view === 'mood'" />
      <LooseView v-else-if="view === 'loose'" />
      <SheetView v-else />
    </div>
  </main>
</template>

<style scoped>
.style-stage {
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
