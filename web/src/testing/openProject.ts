import { createPinia, setActivePinia } from 'pinia'
import { effectScope, nextTick } from 'vue'
import type { Documents } from '@nolvex/core/document/types'
import { useProject } from '../session/projectStore'
import { until } from './pretendBrowser'
import { PretendServer } from './pretendServer'

let opened = 0

/** A project open in a page of its own, without the page: what views build upon, ready to be used. */
export async function openProject(documents: Documents) {
  const server = new PretendServer(documents)
  server.install()
  setActivePinia(createPinia())
  const scope = effectScope()
  const project = useProject()
  await project.open(`opened${opened++}`)
  return {
    server,
    project,
    /** Sets up a composable as a view would. */
    use: <T>(composable: () => T): T => scope.run(composable) as T,
    /** Waits until everything is saved and what follows from it is computed. */
    saved: async () => {
      await until(() => project.view.connection === 'saved' && project.view.waiting === 0, 'saving')
      await nextTick()
    },
    close: () => scope.stop(),
  }
}

export type OpenProject = Awaited<ReturnType<typeof openProject>>
