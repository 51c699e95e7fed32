<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { useCommands } from '../commands/commandStore'
import { usePresentation } from '../drafting/camera/usePresentation'
import { useProject } from '../session/projectStore'
import { stages } from '../stages/stages'
import SavingState from './SavingState.vue'
import StageLine from './StageLine.vue'

const route = useRoute()
const router = useRouter()
const project = useProject()
const commands = useCommands()
const { isAlone } = usePresentation()

watch(
  () => String(route.params.project),
  (id) => void project.open(id),
  { immediate: true },
)
watch(
  () => project.name,
  (name) => (document.title = name ? `${name} · Nolvex` : 'Nolvex'),
)

const lastStep = computed(() => project.view.history.undo.at(-1)?.label)
const nextStep = computed(() => project.view.history.redo.at(-1)?.label)

commands.offer([
  {
    id: 'undo',
    label: 'Undo',
    keys: ['Ctrl+Z'],
    run: project.undo,
    enabled: () => project.view.history.undo.length > 0,
  },
  {
    id: 'redo',
    label: 'Redo',
    keys: ['Ctrl+Shift+Z', 'Ctrl+Y'],
    run: project.redo,
    enabled: () => project.view.history.redo.length > 0,
  },
  { id: 'projects', label: 'Go to all projects', run: () => void router.push({ name: 'projects' }) },
  { id: 'ledger', label: 'Go to the Ledger', run: () => go('ledger') },
  ...stages.map(({ name, label }) => ({
    id: `stage-${name}`,
    label: `Go to ${label}`,
    run: () => go(name),
  })),
])

const go = (name: string) => void router.push({ name, params: { project: project.id } })

function openCommands() {
  commands.all.find(({ id }) => id === 'commands')?.run()
}
</script>

<template>
  <div class="shell">
    <header v-show="!isAlone">
      <div class="title">
        <RouterLink to="/">Nolvex</RouterLink>
        <span class="soft" :title="project.name">{{ project.name }}</span>
      </div>
      <StageLine v-if="project.isLoaded" />
      <div class="tools">
        <SavingState />
        <ElButton
          class="step"
          :disabled="!lastStep"
          :title="lastStep ? `Undo: ${lastStep}` : 'Nothing to undo'"
          @click="project.undo()"
        >
          Undo
        </ElButton>
        <ElButton
          class="step"
          :disabled="!nextStep"
          :title="nextStep ? `Redo: ${nextStep}` : 'Nothing to redo'"
          @click="project.redo()"
        >
          Redo
        </ElButton>
        <ElButton @click="openCommands">Find or do…</ElButton>
      </div>
    </header>
    <RouterView v-if="project.isLoaded" />
    <main v-else-if="project.opening" class="trouble">
      <h1>This project could not be opened</h1>
      <p>{{ project.opening }}</p>
      <RouterLink to="/">Go to all projects</RouterLink>
    </main>
    <main v-else class="trouble soft">Opening the project…</main>
  </div>
</template>

<style scoped>
.shell {
  display: flex;
  flex-direction: column;
  height: 100%;
}
header {
  display: flex;
  flex: none;
  align-items: center;
  height: 58px;
  padding: 0 16px;
  background: var(--paper);
  border-bottom: 1px solid var(--hairline);
}
.title {
  display: grid;
  flex: none;
  width: 128px;
}
.title a {
  color: var(--ink);
  font-weight: 700;
  font-size: 15px;
  text-decoration: none;
}
.title span {
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
  font-size: 12px;
  line-height: 16px;
}
.tools {
  display: flex;
  gap: 8px;
  align-items: center;
  margin-left: auto;
  padding-left: 8px;
}
.step {
  padding: 0 8px;
}
.trouble {
  padding: 64px;
}
.trouble a {
  color: var(--pine);
}
</style>
