<script setup lang="ts">
import { ElButton, ElDialog } from 'element-plus'
import { computed, ref } from 'vue'
import { useProject } from '../session/projectStore'

const project = useProject()
const isOpen = ref(false)

/** Changes that wait, and would be lost with the tab. */
const isAtRisk = computed(() => project.view.waiting > 0 && !project.view.isKept)

const words = computed(() => {
  const { connection, waiting } = project.view
  if (isAtRisk.value) return `Keep this tab open · ${waiting} not kept here`
  if (connection === 'gone') return 'This project was deleted'
  if (connection === 'offline') {
    return waiting ? `No connection · ${waiting} kept here` : 'No connection'
  }
  return connection === 'saving' ? 'Saving…' : 'Saved'
})

/** Said only where nothing else is to be said. */
const isPlain = computed(() => project.view.connection === 'saved')

const EXPLANATIONS = {
  gone: 'Somebody deleted this project. What you see is as you had it last; nothing is saved any more.',
  offline:
    'The server or its database does not answer. Your work is kept in this browser and sent as soon as it does.',
  saving: 'Every change is saved by itself.',
  saved: 'Every change is saved by itself.',
}
const explanation = computed(() =>
  isAtRisk.value
    ? 'This browser has no room to keep your changes, so closing the tab before they are saved would lose them. Make room on the disk.'
    : EXPLANATIONS[project.view.connection],
)

function close() {
  isOpen.value = false
  project.dismissNotSaved()
}
</script>

<template>
  <div class="saving">
    <span
      class="state"
      :class="[
        project.view.connection,
        { risk: isAtRisk, 'visually-hidden': isPlain && project.view.notSaved.length },
      ]"
      role="status"
      :title="explanation"
      >{{ words }}</span
    >
    <ElButton v-if="project.view.notSaved.length" class="not" @click="isOpen = true">
      Not saved: {{ project.view.notSaved.length }}
    </ElButton>
    <ElDialog v-model="isOpen" title="Not saved" width="520">
      <p>These changes did not take effect, or not wholly. Nothing else was touched.</p>
      <ul>
        <li v-for="(item, index) in project.view.notSaved" :key="index">
          <b>{{ item.label }}</b>
          <span v-for="(outcome, at) in item.outcomes" :key="at">{{ outcome.reason }}</span>
          <ElButton v-if="item.parts" class="again" @click="project.retryNotSaved(item)">
            Try again
          </ElButton>
        </li>
      </ul>
      <ElButton @click="close">Understood, clear the list</ElButton>
    </ElDialog>
  </div>
</template>

<style scoped>
.saving {
  display: flex;
  gap: 8px;
  align-items: center;
}
.state {
  color: var(--soft);
  white-space: nowrap;
}
.state.offline,
.state.gone,
.state.risk {
  color: var(--brick);
  font-weight: 600;
}
.not {
  border-color: var(--brick);
  color: var(--brick);
}
ul {
  margin: 12px 0;
  padding: 0;
  list-style: none;
}
li {
  display: grid;
  border-top: 1px solid var(--hairline);
  padding: 6px 0;
}
.again {
  justify-self: start;
  margin-top: 4px;
}
</style>
