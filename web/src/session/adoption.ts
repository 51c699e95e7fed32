import { migratedParts } from '@nolvex/core/document/migrate'
import { editsText, rebasePending } from '@nolvex/core/document/rebase'
import type { LoggedChange, Outcome } from '@nolvex/core/document/types'
import { documentKinds } from '@nolvex/core/resolve/documentKinds'
import type { NotSaved, QueuedChange } from './queue'

/**
 * Changes a closed tab left behind, as they apply now, and what cannot be done any more.
 * @param since what was logged since the earliest of them began, or nothing when the log no longer reaches back
 */
export function asTheyApplyNow(left: QueuedChange[], since: LoggedChange[] | undefined) {
  const known = new Set(since?.map(({ id }) => id))
  const waiting = left
    .filter(({ id }) => !known.has(id))
    .map((change) => ({ ...change, parts: migratedParts(documentKinds, change.parts) }))
  if (!since) return withoutStaleEdits(waiting)
  const changes = since.reduce((rebased, logged) => rebasePending(rebased, logged.parts), waiting)
  return { changes, notSaved: [] }
}

/** Edits of texts as they were too long ago fit them no more: they are given back, the rest is kept. */
function withoutStaleEdits(waiting: QueuedChange[]): { changes: QueuedChange[]; notSaved: NotSaved[] } {
  const outcomes = [refusal('it edits a text as it was too long ago; edit the text as it is now')]
  const stale = waiting.filter(({ parts }) => editsText(parts))
  return {
    changes: waiting.filter((change) => !stale.includes(change)),
    notSaved: stale.map(({ label }) => ({ label, outcomes })),
  }
}

/** A change as a whole refused, for a reason. */
export const refusal = (reason: string): Outcome => ({
  result: 'refused',
  document: '',
  collection: '',
  id: '',
  reason,
})
