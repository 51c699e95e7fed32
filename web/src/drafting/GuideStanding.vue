<script setup lang="ts">
import { computed } from 'vue'
import { isPlainStyle } from '@nolvex/core/style/plainStyle'
import { useProject } from '../session/projectStore'
import { useVersions } from '../versions/versionStore'

/** Said quietly above a mockup: that the style guide it is dressed by is not there, not approved, or not as approved. */
const project = useProject()
const versions = useVersions()
const standing = computed(() => {
  const { style: gate } = versions.gates
  if (isPlainStyle(project.style))
    return { says: 'There is no style guide yet to dress this page by.', view: 'start', words: 'Begin one' }
  if (!gate)
    return {
      says: 'The style guide is not approved yet: what is finished here may still change with it.',
      view: 'sheet',
      words: 'Look at it',
    }
  if (gate.since.length)
    return {
      says: 'The style guide has changed since it was approved.',
      view: 'sheet',
      words: 'Look at what changed',
    }
  return undefined
})
</script>

<template>
  <p v-if="standing" class="standing" role="note">
    {{ standing.says }}
    <RouterLink :to="{ name: 'style', params: { project: project.id, view: standing.view } }">{{
      standing.words
    }}</RouterLink>
  </p>
</template>

<style scoped>
.standing {
  flex: none;
  margin: 0;
  padding: 3px 16px;
  color: var(--soft);
  font-size: 12px;
  background: var(--desk);
  border-bottom: 1px solid var(--hairline);
}
a {
  color: var(--pine);
}
</style>
