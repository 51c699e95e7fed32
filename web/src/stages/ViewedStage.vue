<script setup lang="ts" generic="View extends string">
import { computed } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { useCommands } from '../commands/commandStore'
import { useProject } from '../session/projectStore'
import StageViews from './StageViews.vue'

/** A stage with several views, one at an address each; keys go to them in their order. */
const props = defineProps<{
  stage: string
  views: Readonly<Record<View, string>>
  /** the view without an address of its own */
  first: View
  /** what the views are of, in words */
  of: string
}>()
defineSlots<{ default: (shown: { view: View }) => unknown }>()
const route = useRoute()
const router = useRouter()
const project = useProject()
const view = computed<View>(() => {
  const asked = String(route.params.view)
  return asked in props.views ? (asked as View) : props.first
})

useCommands().offer(
  (Object.entries(props.views) as [View, string][]).map(([name, label], index) => ({
    id: `${props.stage}-${name}`,
    label: `Show ${label} of ${props.of}`,
    keys: [`Alt+${index + 1}`],
    run: () => void router.push({ name: props.stage, params: { project: project.id, view: name } }),
  })),
)
</script>

<template>
  <main class="viewed-stage">
    <div class="stage-strip">
      <StageViews :stage="stage" :views="views" :current="view" :label="`Views of ${of}`" />
    </div>
    <div class="body"><slot :view="view" /></div>
  </main>
</template>

<style scoped>
.viewed-stage {
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
