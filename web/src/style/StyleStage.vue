<script setup lang="ts">
import { computed } from 'vue'
import { isPlainStyle } from '@nolvex/core/style/plainStyle'
import { useProject } from '../session/projectStore'
import ViewedStage from '../stages/ViewedStage.vue'
import ColourView from './ColourView.vue'
import KitsView from './kits/KitsView.vue'
import LooseView from './LooseView.vue'
import MarksView from './MarksView.vue'
import MoodView from './MoodView.vue'
import PartsView from './PartsView.vue'
import QuickStartView from './QuickStartView.vue'
import SheetView from './SheetView.vue'
import SpaceView from './SpaceView.vue'
import { styleViews, type StyleViewName } from './styleViews'
import TypeView from './TypeView.vue'

/** The style guide: what every drawing, export and review computes with. */
const project = useProject()
/** a guide nobody decided anything of begins with the quick start */
const first = computed<StyleViewName>(() => (isPlainStyle(project.style) ? 'start' : 'colour'))
</script>

<template>
  <ViewedStage v-slot="{ view }" stage="style" :views="styleViews" :first="first" of="the style guide">
    <QuickStartView v-if="view === 'start'" />
    <ColourView v-else-if="view === 'colour'" />
    <TypeView v-else-if="view === 'type'" />
    <SpaceView v-else-if="view === 'space'" />
    <PartsView v-else-if="view === 'parts'" />
    <MarksView v-else-if="view === 'marks'" />
    <MoodView v-else-if="view === 'mood'" />
    <KitsView v-else-if="view === 'kits'" />
    <LooseView v-else-if="view === 'loose'" />
    <SheetView v-else />
  </ViewedStage>
</template>
