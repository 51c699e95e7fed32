<script setup lang="ts">
import { ElDialog } from 'element-plus'
import { onUnmounted, ref } from 'vue'
import { api } from '../session/api'
import { useProject } from '../session/projectStore'

const props = defineProps<{ page: string; width: number }>()
const open = defineModel<boolean>({ required: true })
const project = useProject()
const running = ref<{ label: string; job?: string }>()
const trouble = ref('')
let gone = false

const kinds = [
  { label: 'SVG', about: 'The page at this width, words selectable', input: { format: 'svg' } },
  { label: 'PNG', about: 'The page at this width, 1x', input: { format: 'png', scale: 1 } },
  { label: 'PNG 2x', about: 'The same for sharp screens', input: { format: 'png', scale: 2 } },
  {
    label: 'HTML',
    about: 'All bands in one page with its fonts and pictures, in a zip',
    input: { format: 'html' },
  },
]

const POLL = 200

async function take({ label, input }: (typeof kinds)[number]) {
  trouble.value = ''
  running.value = { label }
  try {
    let job = await api.startExport(project.id, { ...input, page: props.page, width: props.width })
    running.value = { label, job: job.id }
    while (!gone && (job.state === 'waiting' || job.state === 'running')) {
      await new Promise((resolve) => setTimeout(resolve, POLL))
      job = await api.exportJob(project.id, job.id)
    }
    if (job.state === 'failed') trouble.value = job.error ?? 'The export failed.'
    if (job.state === 'done') download(`/api/projects/${project.id}/exports/${job.id}/file`)
  } catch (error) {
    trouble.value = (error as Error).message
  }
  running.value = undefined
}

function download(address: string) {
  const link = document.createElement('a')
  link.href = address
  link.download = ''
  link.click()
}

async function cancel() {
  if (running.value?.job) await api.cancelExport(project.id, running.value.job)
}

onUnmounted(() => (gone = true))
</script>

<template>
  <ElDialog v-model="open" title="Take the page away" width="460">
    <ul>
      <li v-for="kind in kinds" :key="kind.label">
        <div>
          <b>{{ kind.label }}</b>
          <span class="soft">{{ kind.about }}</span>
        </div>
        <button
          class="action"
          :disabled="running !== undefined"
          :data-export="kind.label"
          @click="take(kind)"
        >
          Take
        </button>
      </li>
    </ul>
    <p v-if="running" role="status">
      Making the {{ running.label }}… <button class="plain" @click="cancel">Cancel</button>
    </p>
    <p v-if="trouble" class="trouble" role="alert">{{ trouble }}</p>
  </ElDialog>
</template>

<style scoped>
ul {
  margin: 0 0 8px;
  padding: 0;
  list-style: none;
}
li {
  display: flex;
  justify-content: space-between;
  align-items: center;
  padding: 8px 0;
  border-bottom: 1px solid var(--hairline);
}
li div {
  display: grid;
}
.trouble {
  color: var(--brick);
  font-weight: 600;
}
</style>
