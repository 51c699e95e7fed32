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
  // What tests before this one left to be sent is none of its business.
  server.project = `opened${opened++}`
  server.install()
  setActivePinia(createPinia())
  const scope = effectScope()
  const project = useProject()
  await project.open(server.project)
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
