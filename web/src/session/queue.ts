import { openDB, type IDBPDatabase } from 'idb'
import type { Change, ChangePart, Outcome } from '@nolvex/core/document/types'

/** A change waiting to be acknowledged. Once sent it is never altered, so that a repeat is the same change. */
export interface QueuedChange extends Change {
  sent: boolean
}

/** A change of ours, or part of one, that did not take effect. */
export interface NotSaved {
  label: string
  outcomes: Outcome[]
  /** what it would have done, where it may be tried once more */
  parts?: ChangePart[]
}

/** What a tab has not brought to its end: changes that wait, and those set aside until somebody tries them again. */
export interface Unfinished {
  changes: QueuedChange[]
  aside: NotSaved[]
}

interface StoredQueue {
  key: string
  project: string
  client: string
  schema: number
  changes: QueuedChange[]
  /** absent in queues of before */
  aside?: NotSaved[]
}

const SCHEMA = 1
let database: Promise<IDBPDatabase> | undefined

function open() {
  database ??= openDB('nolvex', 1, {
    upgrade: (db) => void db.createObjectStore('queues', { keyPath: 'key' }),
  })
  return database
}

const keyOf = (project: string, client: string) => `${project}/${client}`

/** Writes a tab's queue; an empty one is taken away. */
export async function storeQueue(
  project: string,
  client: string,
  { changes, aside }: Unfinished,
): Promise<void> {
  const db = await open()
  const key = keyOf(project, client)
  if (changes.length + aside.length === 0) await db.delete('queues', key)
  else await db.put('queues', { key, project, client, schema: SCHEMA, changes, aside } satisfies StoredQueue)
}

/** Holds this tab's name for as long as the tab lives, so that others see its queue is not abandoned. */
export function holdName(project: string, client: string) {
  void navigator.locks.request(`nolvex/${keyOf(project, client)}`, () => new Promise(() => undefined))
}

/**
 * Queues of this project whose tabs are gone, oldest work first. Each is handed to `adopt` under its lock and taken
 * away when that succeeds.
 */
export async function adoptAbandoned(
  project: string,
  client: string,
  adopt: (unfinished: Unfinished) => Promise<void>,
): Promise<void> {
  const db = await open()
  const queues = ((await db.getAll('queues')) as StoredQueue[]).filter(
    (queue) => queue.project === project && queue.client !== client,
  )
  for (const { key, changes, aside = [] } of queues) {
    await navigator.locks.request(`nolvex/${key}`, { ifAvailable: true }, async (lock) => {
      if (!lock) return
      await adopt({ changes, aside })
      await db.delete('queues', key)
    })
  }
}
