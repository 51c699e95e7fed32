<script setup lang="ts">
import { useStorage } from '@vueuse/core'
import { ElButton, ElDialog, ElInput } from 'element-plus'
import { computed, onMounted, ref } from 'vue'
import { useRouter } from 'vue-router'
import { useCommands } from '../commands/commandStore'
import ChoiceField from '../forms/ChoiceField.vue'
import FilePick from '../forms/FilePick.vue'
import TroubleNote from '../forms/TroubleNote.vue'
import { api, type ProjectSummary } from '../session/api'
import BeginProject from './BeginProject.vue'
import ProjectCard from './ProjectCard.vue'
import { listed, PROJECT_ORDERS, type ProjectOrder } from './projectList'

const router = useRouter()
const projects = ref<ProjectSummary[]>()
const trouble = ref('')
const leaving = ref<ProjectSummary>()
const begin = ref<InstanceType<typeof BeginProject>>()
const isReading = ref(false)
const copying = ref<string>()
const words = ref('')
const order = useStorage<ProjectOrder>('nolvex-project-order', 'changed')
const shown = computed(() => listed(projects.value ?? [], words.value, order.value))

document.title = 'Nolvex'
onMounted(load)
useCommands().offer([
  { id: 'new-project', label: 'Begin a new project', keys: ['N'], run: () => begin.value?.focus() },
])

async function load() {
  await attempt(async () => (projects.value = (await api.projects()).projects))
}

async function attempt(work: () => Promise<unknown>) {
  trouble.value = ''
  try {
    await work()
  } catch (error) {
    trouble.value = (error as Error).message
  }
}

const open = (id: string) => router.push({ name: 'ledger', params: { project: id } })

const create = (name: string, profile: string[] | undefined) =>
  attempt(async () => {
    const { id } = await api.createProject(name, profile)
    await router.push({ name: 'map', params: { project: id } })
  })

async function openFile(chosen: File | undefined) {
  if (!chosen) return
  isReading.value = true
  await attempt(async () => open((await api.openProjectFile(chosen)).id))
  isReading.value = false
}

async function duplicate({ id }: ProjectSummary) {
  copying.value = id
  await attempt(async () => {
    await api.copyProject(id)
    await load()
  })
  copying.value = undefined
}

async function remove() {
  const { id } = leaving.value as ProjectSummary
  leaving.value = undefined
  await attempt(async () => {
    await api.deleteProject(id)
    await load()
  })
}
</script>

<template>
  <main class="projects" @dragover.prevent @drop.prevent="openFile($event.dataTransfer?.files[0])">
    <header>
      <h1>Nolvex</h1>
      <p>Site map, grid, wireframe, style, mockup, review, walkthrough and handoff: one chain, drawn once.</p>
    </header>
    <section class="start" aria-label="Begin">
      <BeginProject ref="begin" @begin="create" />
      <FilePick
        class="file"
        :words="isReading ? 'Reading the file…' : 'Open a project file…'"
        label="Project file"
        accept=".zip"
        :disabled="isReading"
        @files="openFile($event[0])"
      />
    </section>
    <TroubleNote class="trouble" :says="trouble" closable @close="trouble = ''" />
    <template v-if="projects?.length">
      <div class="above">
        <ElInput
          v-model="words"
          class="find"
          placeholder="Find a project"
          aria-label="Find a project by its name"
          clearable
        />
        <ChoiceField
          label="Order of the projects"
          hide-label
          :value="order"
          :choices="PROJECT_ORDERS"
          @change="order = $event ?? 'changed'"
        />
        <span class="soft">{{ shown.length === 1 ? '1 project' : `${shown.length} projects` }}</span>
      </div>
      <ul class="cards">
        <ProjectCard
          v-for="project in shown"
          :key="`${project.id} ${project.revision}`"
          :project="project"
          :is-busy="copying === project.id"
          @copy="duplicate(project)"
          @delete="leaving = project"
        />
      </ul>
      <p v-if="shown.length === 0" class="soft">No project has these words in its name.</p>
    </template>
    <p v-else-if="projects" class="soft">No project yet. Name one above, or drop a project file here.</p>
    <ElDialog
      :model-value="leaving !== undefined"
      :title="`Delete “${leaving?.name}”?`"
      width="440"
      @update:model-value="leaving = undefined"
    >
      <p>
        Its pages, drawings and pictures are deleted for good. Take the project file away first if you may
        want it again.
      </p>
      <div class="answer">
        <ElButton type="danger" @click="remove">Delete the project</ElButton>
        <ElButton @click="leaving = undefined">Keep it</ElButton>
      </div>
    </ElDialog>
  </main>
</template>

<style scoped>
.projects {
  max-width: 1140px;
  min-height: 100%;
  margin: 0 auto;
  padding: 40px 32px;
}
header h1 {
  font-size: 32px;
  line-height: 40px;
}
header p {
  color: var(--soft);
  font-size: 15px;
}
.start {
  display: flex;
  gap: 16px;
  justify-content: space-between;
  margin: 24px 0;
  padding: 14px 20px 10px;
  background: var(--paper);
  border: 1px solid var(--hairline);
}
.file {
  flex: none;
  margin-top: 22px;
}
.trouble {
  margin-bottom: 16px;
}
.above {
  display: flex;
  gap: 12px;
  align-items: center;
  margin-bottom: 12px;
}
.find {
  width: 240px;
}
.cards {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(300px, 1fr));
  gap: 16px;
  margin: 0;
  padding: 0;
  list-style: none;
}
.answer {
  display: flex;
  gap: 8px;
  margin-top: 16px;
}
</style>
