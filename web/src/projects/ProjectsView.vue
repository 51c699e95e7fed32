<script setup lang="ts">
import { ElButton, ElDialog, ElInput } from 'element-plus'
import { onMounted, ref } from 'vue'
import { useRouter } from 'vue-router'
import TroubleNote from '../forms/TroubleNote.vue'
import { useCommands } from '../commands/commandStore'
import { api, type ProjectSummary } from '../session/api'

const router = useRouter()
const projects = ref<ProjectSummary[]>()
const trouble = ref('')
const name = ref('')
const leaving = ref<ProjectSummary>()
const file = ref<HTMLInputElement>()
const isReading = ref(false)

document.title = 'Nolvex'
onMounted(load)
useCommands().offer([
  { id: 'open-file', label: 'Open a project file', run: () => file.value?.click() },
  {
    id: 'new-project',
    label: 'Begin a new project',
    keys: ['N'],
    run: () => document.getElementById('new-project')?.focus(),
  },
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

function create() {
  if (!name.value.trim()) return (trouble.value = 'Give the project a name first.')
  void attempt(async () => {
    const { id } = await api.createProject(name.value.trim())
    await router.push({ name: 'map', params: { project: id } })
  })
}

async function openFile(chosen: File | undefined) {
  if (!chosen) return
  isReading.value = true
  await attempt(async () => open((await api.openProjectFile(chosen)).id))
  isReading.value = false
  if (file.value) file.value.value = ''
}

async function remove() {
  const { id } = leaving.value as ProjectSummary
  leaving.value = undefined
  await attempt(async () => {
    await api.deleteProject(id)
    await load()
  })
}

const dated = (iso: string) =>
  new Date(iso).toLocaleString('en-GB', {
    day: 'numeric',
    month: 'long',
    year: 'numeric',
    hour: '2-digit',
    minute: '2-digit',
  })
</script>

<template>
  <main class="projects" @dragover.prevent @drop.prevent="openFile($event.dataTransfer?.files[0])">
    <header>
      <h1>Nolvex</h1>
      <p>Site map, grid, wireframe, style, mockup, review, walkthrough and handoff: one chain, drawn once.</p>
    </header>
    <section class="begin" aria-label="Begin">
      <form @submit.prevent="create">
        <label for="new-project">New project</label>
        <ElInput id="new-project" v-model="name" class="name" placeholder="Its name" maxlength="200" />
        <ElButton type="primary" native-type="submit">Begin with its site map</ElButton>
      </form>
      <div>
        <ElButton :disabled="isReading" @click="file?.click()">
          {{ isReading ? 'Reading the file…' : 'Open a project file…' }}
        </ElButton>
        <input
          ref="file"
          class="visually-hidden"
          type="file"
          accept=".zip"
          aria-label="Project file"
          @change="openFile(file?.files?.[0])"
        />
      </div>
    </section>
    <TroubleNote :says="trouble" />
    <table v-if="projects?.length">
      <thead>
        <tr>
          <th>Project</th>
          <th>Begun</th>
          <th>Last changed</th>
          <th>Changes</th>
          <th><span class="visually-hidden">Do</span></th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="project in projects" :key="project.id">
          <td>
            <RouterLink :to="{ name: 'ledger', params: { project: project.id } }">{{
              project.name
            }}</RouterLink>
          </td>
          <td>{{ dated(project.createdAt) }}</td>
          <td>{{ dated(project.updatedAt) }}</td>
          <td>{{ project.revision - 1 }}</td>
          <td class="do">
            <a :href="`/api/projects/${project.id}/file`">Take away</a>
            <ElButton link @click="leaving = project">Delete…</ElButton>
          </td>
        </tr>
      </tbody>
    </table>
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
  max-width: 1040px;
  min-height: 100%;
  margin: 0 auto;
  padding: 56px 32px;
}
header h1 {
  font-size: 32px;
  line-height: 40px;
}
header p {
  color: var(--soft);
  font-size: 15px;
}
.begin {
  display: flex;
  justify-content: space-between;
  align-items: center;
  margin: 32px 0 24px;
  padding: 16px 20px;
  background: var(--paper);
  border: 1px solid var(--hairline);
}
form {
  display: flex;
  gap: 12px;
  align-items: center;
}
label {
  font-weight: 600;
}
.name {
  width: 260px;
}
.trouble {
  margin-bottom: 16px;
  color: var(--brick);
  font-weight: 600;
}
table {
  width: 100%;
  border-collapse: collapse;
  background: var(--paper);
  border: 1px solid var(--hairline);
}
th,
td {
  padding: 12px 20px;
  text-align: left;
  border-bottom: 1px solid var(--hairline);
}
th {
  border-bottom: 1px solid var(--ink);
  color: var(--soft);
  font-weight: 600;
}
td a {
  color: var(--pine);
  font-weight: 600;
}
td:first-child a {
  color: var(--ink);
  font-size: 15px;
}
.do {
  text-align: right;
  white-space: nowrap;
}
.do > * + * {
  margin-left: 16px;
}
.answer {
  display: flex;
  gap: 8px;
  margin-top: 16px;
}
.danger {
  border-color: var(--brick);
  color: var(--brick);
}
</style>
