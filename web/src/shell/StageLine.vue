<script setup lang="ts">
import { computed } from 'vue'
import { useRoute } from 'vue-router'
import { isPlainStyle } from '@nolvex/core/style/plainStyle'
import type { Stage } from '../stages/stages'
import { useHandedOver } from '../handoff/useHandedOver'
import { useReview } from '../review/useReview'
import { useStages } from '../stages/useStages'
import { useVersions } from '../versions/versionStore'
import { useProject } from '../session/projectStore'

const project = useProject()
const route = useRoute()

const { inProfile, drawable, done } = useStages()
const store = useVersions()
const { last } = useHandedOver()
const { findings } = useReview()

/** What is done of what is due: words, and a share from 0 to 1 for the mark. */
function progress({ name }: Stage): { words: string; share: number } {
  const gate = store.gates[name]
  if (gate)
    return { words: gate.since.length ? 'changed since' : 'approved', share: gate.since.length ? 0.5 : 1 }
  const count = drawable.value.length
  if (name === 'map') return { words: count === 1 ? '1 page' : `${count} pages`, share: count ? 1 : 0 }
  if (name === 'grid') return { words: `${Object.keys(project.site.records.bands).length} bands`, share: 1 }
  if (name === 'style') {
    const tokens = Object.keys(project.style.records.tokens).length
    return isPlainStyle(project.style)
      ? { words: 'not begun', share: 0 }
      : { words: tokens === 1 ? '1 token' : `${tokens} tokens`, share: 0.5 }
  }
  if (name === 'handoff') return { words: last.value ? 'handed over' : 'not yet', share: last.value ? 1 : 0 }
  if (name === 'review') {
    const found = findings.value.length
    if (count === 0) return { words: 'not begun', share: 0 }
    return { words: found ? `${found} found` : 'nothing found', share: found ? 0.5 : 1 }
  }
  const ready = done(name)
  if (name === 'wireframe' || ready)
    return { words: `${ready} of ${count}`, share: count ? ready / count : 0 }
  return { words: 'not begun', share: 0 }
}

const line = computed(() => inProfile.value.map((stage) => ({ stage, ...progress(stage) })))
/** Boards and artworks belong to the mockup. */
const OF_MOCKUP = ['boards', 'artwork']
const current = (stage: Stage) =>
  (OF_MOCKUP.includes(String(route.name)) ? 'mockup' : route.name) === stage.name

/** The page one is on stays the same between the stages it is drawn in. */
function target({ name }: Stage) {
  const isDrawn = (one: unknown) => one === 'wireframe' || one === 'mockup'
  const page = isDrawn(name) && isDrawn(route.name) ? route.params.page : undefined
  return { name, params: { project: project.id, ...(page ? { page } : {}) } }
}
</script>

<template>
  <nav class="stages" aria-label="Stages">
    <RouterLink
      class="ledger"
      :class="{ current: route.name === 'ledger' }"
      :to="{ name: 'ledger', params: { project: project.id } }"
    >
      Ledger
    </RouterLink>
    <ol>
      <li v-for="{ stage, words, share } in line" :key="stage.name" :class="{ begun: share > 0 }">
        <RouterLink
          :to="target(stage)"
          :class="{ current: current(stage) }"
          :aria-current="current(stage) ? 'page' : undefined"
        >
          <span class="name">{{ stage.label }}</span>
          <span class="mark" aria-hidden="true"><span :style="{ width: `${share * 100}%` }" /></span>
          <span class="words">{{ words }}</span>
        </RouterLink>
      </li>
    </ol>
  </nav>
</template>

<style scoped>
.stages {
  display: flex;
  align-items: flex-start;
  gap: 28px;
}
a {
  color: var(--ink);
  text-decoration: none;
  font-weight: 600;
}
.ledger {
  padding: 5px 0;
}
.current {
  color: var(--pine);
}
.ledger.current,
.current .name {
  text-decoration: underline;
  text-decoration-thickness: 2px;
  text-underline-offset: 3px;
}
ol {
  display: flex;
  margin: 0;
  padding: 0;
  list-style: none;
}
li {
  position: relative;
  width: 96px;
}
li::before {
  content: '';
  position: absolute;
  top: 28px;
  left: -41px;
  width: 82px;
  border-top: 1px dotted var(--edge);
}
li:first-child::before {
  display: none;
}
li.begun::before {
  border-top: 1px solid var(--pine);
}
li a {
  display: grid;
  justify-items: center;
  padding-top: 2px;
}
.mark {
  width: 12px;
  height: 10px;
  margin: 2px 0;
  border: 1px solid var(--pine);
  background: var(--paper);
}
.mark span {
  display: block;
  height: 100%;
  background: var(--pine);
}
.words {
  color: var(--soft);
  font-weight: 400;
  font-size: 11px;
  line-height: 14px;
}
</style>
