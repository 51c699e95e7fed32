import { onUnmounted, ref } from 'vue'
import { api } from './api'
import { useProject } from './projectStore'

const POLL_MS = 200

/** An export the server makes: begun, watched, taken when it is done, or stopped. */
export function useExport() {
  const project = useProject()
  const running = ref<{ label: string; job?: string; percent?: number }>()
  const trouble = ref('')
  let gone = false

  async function take(label: string, input: object) {
    trouble.value = ''
    running.value = { label }
    try {
      let job = await api.startExport(project.id, input)
      running.value = { label, job: job.id }
      while (!gone && (job.state === 'waiting' || job.state === 'running')) {
        await new Promise((resolve) => setTimeout(resolve, POLL_MS))
        job = await api.exportJob(project.id, job.id)
        running.value = { label, job: job.id, percent: Math.round(100 * job.progress) }
      }
      if (job.state === 'failed') trouble.value = job.error ?? 'The export failed.'
      if (job.state === 'done') download(`/api/projects/${project.id}/exports/${job.id}/file`)
    } catch (error) {
      trouble.value = (error as Error).message
    }
    running.value = undefined
  }

  async function cancel() {
    if (running.value?.job) await api.cancelExport(project.id, running.value.job)
  }

  onUnmounted(() => (gone = true))
  return { running, trouble, take, cancel }
}

/** Has the browser save what stands at an address. */
export function download(address: string, name = '') {
  const link = document.createElement('a')
  link.href = address
  link.download = name
  link.click()
}
