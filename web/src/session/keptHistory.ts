import { openDB, type IDBPDatabase } from 'idb'
import {
  carryPast,
  emptyHistory,
  withLoggedInverse,
  type History,
  type HistoryStep,
} from '@nolvex/core/document/history'
import { markedParts, migratedParts } from '@nolvex/core/document/migrate'
import type { ChangePart, LoggedChange } from '@nolvex/core/document/types'
import { documentKinds } from '@nolvex/core/resolve/documentKinds'
import { newId } from './newId'

/** What a window can undo, as it was when it was last written. */
interface KeptHistory {
  history: History
  /** the last revision it knows of */
  revision: number
}

const WINDOW = 'nolvex-window'

/**
 * This window's name, the same after a reload. A window opened as a copy of another begins with the other's: whoever
 * cannot hold the name takes one of its own.
 */
async function windowName(): Promise<string> {
  const storage = globalThis.sessionStorage as Storage | undefined
  const kept = storage?.getItem(WINDOW)
  const name = kept && (await hold(kept)) ? kept : newId()
  if (name !== kept) await hold(name)
  storage?.setItem(WINDOW, name)
  return name
}

/** Holds a name for as long as the window lives. @returns whether it was free */
function hold(name: string): Promise<boolean> {
  return new Promise((resolve) => {
    void navigator.locks.request(`nolvex/window/${name}`, { ifAvailable: true }, (lock) => {
      resolve(lock !== null)
      return lock ? new Promise(() => undefined) : Promise.resolve()
    })
  })
}

let database: Promise<IDBPDatabase> | undefined

/** A database of its own: that of the queues must open whatever else is kept. */
function open() {
  database ??= openDB('nolvex-histories', 1, {
    upgrade: (db) => void db.createObjectStore('histories', { keyPath: 'key' }),
  })
  return database
}

const keyOf = (project: string, window: string) => `${project}/${window}`

const mapped = ({ undo, redo }: History, parts: (parts: ChangePart[]) => ChangePart[]): History => {
  const map = (step: HistoryStep) => ({ ...step, inverse: parts(step.inverse) })
  return { undo: undo.map(map), redo: redo.map(map) }
}

/** Writes a window's history, each step saying the schemas it is written under. */
async function storeHistory(project: string, window: string, kept: KeptHistory): Promise<void> {
  const history = mapped(kept.history, (parts) => markedParts(documentKinds, parts))
  const db = await open()
  await db.put('histories', { key: keyOf(project, window), ...kept, history })
}

async function readHistory(project: string, window: string): Promise<KeptHistory | undefined> {
  const db = await open()
  const kept = (await db.get('histories', keyOf(project, window))) as KeptHistory | undefined
  return kept && { ...kept, history: mapped(kept.history, (parts) => migratedParts(documentKinds, parts)) }
}

/** A kept history as it is after what was logged since: its own changes with the inverses logged, past those of others. */
function broughtUpTo({ history }: KeptHistory, since: LoggedChange[]): History {
  const own = new Set([...history.undo, ...history.redo].flatMap(({ changes }) => changes))
  return since.reduce(
    (now, { id, parts, inverse }) =>
      own.has(id) ? withLoggedInverse(now, id, inverse) : carryPast(now, parts),
    history,
  )
}

/** The history is written so long after a change, several of them at once. */
const KEEP_MS = 200

/** Keeps what a window can undo of one project, so that it can still be undone after a reload. */
export class HistoryKeeper {
  private window: string | undefined
  private timer: ReturnType<typeof setTimeout> | undefined
  private latest: KeptHistory | undefined
  private stored: History = emptyHistory
  private flush = () => void this.write()

  constructor(private project: string) {}

  /**
   * What this window could undo before it was loaded again; nothing where it cannot be read, as a project opens without.
   * @param revision of the documents that were loaded
   * @param loggedSince changes after a revision, or nothing when the log no longer reaches back
   */
  async read(
    revision: number,
    loggedSince: (revision: number) => Promise<LoggedChange[] | undefined>,
  ): Promise<History> {
    try {
      this.window = await windowName()
      globalThis.addEventListener?.('pagehide', this.flush)
      const kept = await readHistory(this.project, this.window)
      const since = kept && (await loggedSince(kept.revision))
      if (!kept || !since) return emptyHistory
      this.stored = broughtUpTo(
        kept,
        since.filter((change) => change.revision <= revision),
      )
      return this.stored
    } catch {
      return emptyHistory
    }
  }

  /** Writes a history soon, if it is another than was written last. */
  keep(history: History, revision: number) {
    if (!this.window || history === this.stored) return
    this.stored = history
    this.latest = { history, revision }
    clearTimeout(this.timer)
    this.timer = setTimeout(this.flush, KEEP_MS)
  }

  close() {
    this.flush()
    globalThis.removeEventListener?.('pagehide', this.flush)
  }

  private async write() {
    clearTimeout(this.timer)
    const { latest, window } = this
    this.latest = undefined
    if (latest && window) await storeHistory(this.project, window, latest).catch(() => undefined)
  }
}
