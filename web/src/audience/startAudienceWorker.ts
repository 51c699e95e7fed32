import { wrap, type Remote } from 'comlink'
import type { AudienceWorker } from './audienceWorker'

/** A worker of its own for one long computation; ending it breaks the computation off. */
export function startAudienceWorker(): { remote: Remote<AudienceWorker>; end: () => void } {
  const worker = new Worker(new URL('./audienceWorker.ts', import.meta.url), { type: 'module' })
  return { remote: wrap<AudienceWorker>(worker), end: () => worker.terminate() }
}
