import { wrap, type Remote } from 'comlink'
import { onScopeDispose } from 'vue'
import type { Reader } from './readingWorker'

const start = () => new Worker(new URL('./readingWorker.ts', import.meta.url), { type: 'module' })

/**
 * Asks a worker to read something. A new question breaks the one before off, which then never gets its answer; so does
 * leaving the view.
 */
export function useReader() {
  let worker: Worker | undefined
  let reader: Remote<Reader> | undefined
  let isBusy = false

  function end() {
    worker?.terminate()
    worker = reader = undefined
    isBusy = false
  }
  onScopeDispose(end)

  return async <T>(question: (reader: Remote<Reader>) => Promise<T>): Promise<T> => {
    if (isBusy) end()
    worker ??= start()
    reader ??= wrap<Reader>(worker)
    isBusy = true
    const mine = worker
    try {
      return await question(reader)
    } finally {
      if (worker === mine) isBusy = false
    }
  }
}
