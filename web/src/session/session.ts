import { applyChange } from '@nolvex/core/document/apply'
import {
  carryPast,
  emptyHistory,
  record,
  returned,
  take,
  withLoggedInverse,
  type History,
  type HistoryStep,
} from '@nolvex/core/document/history'
import { mendedJson } from '@nolvex/core/document/jsonTrouble'
import { markedParts, migratedParts } from '@nolvex/core/document/migrate'
import { rebasePending } from '@nolvex/core/document/rebase'
import { splitParts } from '@nolvex/core/document/splitParts'
import type { Presence, Where } from '@nolvex/core/document/presence'
import type { Change, ChangePart, Documents, LoggedChange } from '@nolvex/core/document/types'
import { documentKinds } from '@nolvex/core/resolve/documentKinds'
import { asTheyApplyNow, refusal } from './adoption'
import { api, type RequestError } from './api'
import { HistoryKeeper } from './keptHistory'
import { newId } from './newId'
import {
  adoptAbandoned,
  holdName,
  storeQueue,
  type NotSaved,
  type QueuedChange,
  type Unfinished,
} from './queue'

export interface SessionView {
  documents: Documents
  history: History
  waiting: number
  connection: 'saved' | 'saving' | 'offline' | 'gone'
  /** whether this browser keeps what waits, should the tab be closed */
  isKept: boolean
  notSaved: NotSaved[]
}

const RETRY_MS = 1500
/** The log no longer reaches back to where this tab is: the status of a request, and the code a stream ends with. */
const LOG_CUT = 410
const CUT_OFF = 4001
/** The code a stream ends with when its project was deleted. */
const NO_PROJECT = 4004
/** Answers after which the same may be taken later: none at all, busy, and a database or server that is away. */
const WAITED_FOR = [0, 408, 429, 502, 503, 504]
/** A change that meets an answer nobody foresaw is set aside after so many tries, so that those behind it get on. */
const MOST_TRIES = 4

/** What a stream brings: changes that were logged, or where somebody else is. */
interface Heard {
  changes?: LoggedChange[]
  presence?: Presence
}

/**
 * One tab's work on a project: the documents as the server has them, with the changes it has not acknowledged on top.
 * Changes are sent in order, one in flight, from a queue that outlives the tab.
 */
export class Session {
  private client = newId()
  private revision = 0
  private confirmed: Documents = {}
  private pending: QueuedChange[] = []
  private shown: Documents = {}
  private history: History = emptyHistory
  private keeper: HistoryKeeper
  private notSaved: NotSaved[] = []
  private sending = false
  private online = true
  private isGone = false
  private isKept = true
  /** how often the first change met an answer nobody foresaw */
  private tries = 0
  private socket: WebSocket | undefined
  private closed = false
  /** logged changes that came out of turn, by revision */
  private early = new Map<number, LoggedChange>()

  constructor(
    readonly project: string,
    private onChange: (view: SessionView) => void,
    private onPresence: (presence: Presence) => void = () => undefined,
  ) {
    this.keeper = new HistoryKeeper(project)
  }

  /** Loads the project and adopts what closed tabs left behind. @returns its name */
  async open(): Promise<string> {
    holdName(this.project, this.client)
    const { name, revision, documents } = await api.documents(this.project)
    this.revision = revision
    this.confirmed = documents
    this.history = await this.keeper.read(this.revision, (revision) => this.loggedSince(revision))
    this.rebuild()
    // A queue that cannot be taken over now stays where it is until the next time.
    await adoptAbandoned(this.project, this.client, (unfinished) => this.adopt(unfinished)).catch(
      () => undefined,
    )
    this.connect()
    void this.send()
    return name
  }

  close() {
    this.closed = true
    this.keeper.close()
    this.socket?.close()
  }

  /** Tells others who have the project open where one is; while the server is away nobody hears it. */
  say(where: Where | null) {
    if (this.socket?.readyState === WebSocket.OPEN) this.socket.send(JSON.stringify({ where }))
  }

  get documents(): Documents {
    return this.shown
  }

  /**
   * Makes a change: shown at once, queued, sent. It becomes a step of the history unless it undoes one.
   * @param mergeKey following changes with the same key become one step
   */
  change(label: string, parts: ChangePart[], mergeKey?: string) {
    // Half a character, as cutting or pasting may leave it, could neither be kept nor sent.
    const step = this.enqueue(mendedJson([label])[0], mendedJson(parts), mergeKey)
    if (step) this.history = record(this.history, step)
    this.announce()
  }

  undo() {
    this.travel('undo')
  }

  redo() {
    this.travel('redo')
  }

  dismissNotSaved() {
    this.notSaved = []
    this.keepQueue()
    this.announce()
  }

  /** Makes a change that was set aside once more. */
  retryNotSaved(item: NotSaved) {
    if (!item.parts || !this.notSaved.includes(item)) return
    this.notSaved = this.notSaved.filter((one) => one !== item)
    this.change(item.label, migratedParts(documentKinds, item.parts))
  }

  private travel(side: 'undo' | 'redo') {
    const { step, history } = take(this.history, side)
    if (!step) return
    this.history = history
    const label = side === 'undo' ? `Undo ${step.label}` : `Redo ${step.label}`
    const done = this.enqueue(label, step.inverse)
    if (done) this.history = returned(this.history, side, { ...done, label: step.label })
    this.announce()
  }

  private enqueue(label: string, given: ChangePart[], mergeKey?: string): HistoryStep | undefined {
    const parts = markedParts(documentKinds, given)
    const applied = applyChange(documentKinds, this.shown, parts)
    const hasEffect = !applied.refused && applied.inverse.length > 0
    if (applied.outcomes.length) {
      const item = { label, outcomes: applied.outcomes }
      // What had no place may have one again, when what it belongs to was set aside and is tried once more.
      this.notSaved = [...this.notSaved, hasEffect || applied.refused ? item : { ...item, parts }]
    }
    if (!hasEffect) return undefined
    this.shown = applied.documents
    this.history = carryPast(this.history, parts)
    // A very large change is sent as several; it stays one step to undo.
    const changes = splitParts(parts).map((some): QueuedChange => {
      return { id: newId(), client: this.client, base: this.revision, label, parts: some, sent: false }
    })
    this.pending = [...this.pending, ...changes]
    this.keepQueue()
    void this.send()
    return { label, changes: changes.map(({ id }) => id), inverse: applied.inverse, mergeKey }
  }

  private async adopt({ changes, aside }: Unfinished) {
    this.notSaved = [...this.notSaved, ...aside]
    if (changes.length === 0) return this.store()
    const base = Math.min(...changes.map((change) => change.base))
    const since = await this.loggedSince(base)
    const now = asTheyApplyNow(changes, since)
    this.notSaved = [...this.notSaved, ...now.notSaved]
    const renewed = now.changes.map((change) => ({
      ...change,
      client: this.client,
      base: this.revision,
      sent: false,
    }))
    this.pending = [...this.pending, ...renewed]
    this.rebuild()
    // The old queue goes only when this one is written.
    await this.store()
  }

  /** What was logged since a revision, or nothing when the log no longer reaches back that far. */
  private async loggedSince(base: number): Promise<LoggedChange[] | undefined> {
    try {
      return (await api.changesSince(this.project, base)).changes
    } catch (error) {
      if ((error as RequestError).status === LOG_CUT) return undefined
      throw error
    }
  }

  private async send(): Promise<void> {
    if (this.sending || this.closed || this.isGone) return
    if (this.pending.length === 0) return this.nothingWaits()
    this.sending = true
    this.announce()
    const [first] = this.pending
    if (!first.sent) {
      this.pending = [{ ...first, base: this.revision, sent: true }, ...this.pending.slice(1)]
      this.keepQueue()
    }
    const { id, client, base, label, parts } = this.pending[0]
    let logged: LoggedChange
    try {
      logged = await api.commit(this.project, { id, client, base, label, parts } satisfies Change)
    } catch (error) {
      this.sending = false
      return this.failed(id, error as RequestError)
    }
    this.online = true
    this.sending = false
    this.tries = 0
    try {
      await this.receive([logged])
    } catch {
      return this.tryLater()
    }
    void this.send()
  }

  /**
   * What the server will never take is given back with its reason. What it does not take for a reason nobody foresaw is
   * set aside after some tries, to be tried again by hand. Anything else is tried until it succeeds.
   */
  private failed(id: string, { status, message }: RequestError) {
    const change = this.pending.find((one) => one.id === id)
    if (!change || WAITED_FOR.includes(status)) return this.tryLater()
    const isFinal = status >= 400 && status < 500
    if (!isFinal && ++this.tries < MOST_TRIES) return this.tryLater()
    this.tries = 0
    const item = { label: change.label, outcomes: [refusal(message)] }
    this.notSaved = [...this.notSaved, isFinal ? item : { ...item, parts: change.parts }]
    this.pending = this.pending.filter((one) => one !== change)
    this.keepQueue()
    this.rebuild()
    void this.send()
  }

  /** An answer may be lost though the stream brings the change: then nothing is left to send. */
  private nothingWaits() {
    if (this.online || this.socket?.readyState !== WebSocket.OPEN) return
    this.online = true
    this.announce()
  }

  private tryLater() {
    this.online = false
    this.announce()
    setTimeout(() => void this.send(), RETRY_MS)
  }

  /** Takes logged changes in order; one from the future waits until those before it are here. */
  private async receive(changes: LoggedChange[]) {
    for (const change of changes) {
      if (change.revision > this.revision) this.early.set(change.revision, change)
      // The documents, read anew since, have it already.
      else this.settle(change)
    }
    if (this.early.size && !this.early.has(this.revision + 1)) await this.fetchMissing()
    for (let next = this.early.get(this.revision + 1); next; next = this.early.get(this.revision + 1)) {
      this.early.delete(next.revision)
      this.confirm(next)
    }
    this.keepQueue()
    this.rebuild()
  }

  private async fetchMissing() {
    try {
      const { changes } = await api.changesSince(this.project, this.revision)
      for (const change of changes) this.early.set(change.revision, change)
    } catch (error) {
      if ((error as RequestError).status !== LOG_CUT) throw error
      await this.readAnew()
    }
  }

  private confirm(logged: LoggedChange) {
    const isRefused = logged.outcomes.some(({ result }) => result === 'refused')
    if (!isRefused) this.confirmed = applyChange(documentKinds, this.confirmed, logged.parts).documents
    this.revision = logged.revision
    if (this.settle(logged) || isRefused) return
    this.history = carryPast(this.history, logged.parts)
    const sent = this.pending.filter((change) => change.sent)
    const rebased = rebasePending(this.pending, logged.parts)
    // What is in flight keeps the form it was sent in; the server transforms it itself.
    this.pending = rebased.map((change, index) => (change.sent ? sent[index] : change))
  }

  /** Takes a change of ours that was logged out of the queue. @returns whether it was ours */
  private settle(logged: LoggedChange): boolean {
    const others = this.pending.filter(({ id }) => id !== logged.id)
    if (others.length === this.pending.length) return false
    this.pending = others
    this.history = withLoggedInverse(this.history, logged.id, logged.inverse)
    if (logged.outcomes.length)
      this.notSaved = [...this.notSaved, { label: logged.label, outcomes: logged.outcomes }]
    return true
  }

  private rebuild() {
    this.shown = this.pending.reduce(
      (documents, { parts }) => applyChange(documentKinds, documents, parts).documents,
      this.confirmed,
    )
    this.announce()
  }

  /** A browser that cannot keep the queue still sends it; only a tab closed before that would lose it. */
  private keepQueue() {
    const told = (isKept: boolean) => {
      if (isKept === this.isKept) return
      this.isKept = isKept
      this.announce()
    }
    this.store().then(
      () => told(true),
      () => told(false),
    )
  }

  private store(): Promise<void> {
    const aside = this.notSaved.filter(({ parts }) => parts)
    return storeQueue(this.project, this.client, { changes: this.pending, aside })
  }

  private connect() {
    if (this.closed) return
    const { host, protocol } = window.location
    const scheme = protocol === 'https:' ? 'wss' : 'ws'
    const socket = new WebSocket(
      `${scheme}://${host}/api/stream?project=${this.project}&since=${this.revision}`,
    )
    this.socket = socket
    socket.onmessage = ({ data }) => {
      this.online = true
      const { changes, presence } = JSON.parse(data as string) as Heard
      if (presence) this.onPresence(presence)
      if (changes) void this.receive(changes).catch(() => undefined)
    }
    socket.onopen = () => {
      this.online = true
      this.announce()
      void this.send()
    }
    socket.onclose = ({ code }) => {
      if (this.closed) return
      this.online = false
      if (code === NO_PROJECT) {
        this.isGone = true
        return this.announce()
      }
      this.announce()
      setTimeout(() => void (code === CUT_OFF ? this.startAgain() : this.connect()), RETRY_MS)
    }
  }

  private async startAgain() {
    await this.readAnew().catch(() => undefined)
    this.connect()
  }

  /** Too far behind the log: the documents as they are now go under our queue. */
  private async readAnew() {
    const { revision, documents } = await api.documents(this.project)
    // Asked for twice at once, the earlier answer may come last.
    if (revision < this.revision) return
    this.revision = revision
    this.confirmed = documents
    for (const [at, change] of this.early) {
      if (at > revision) continue
      this.early.delete(at)
      this.settle(change)
    }
    this.rebuild()
  }

  private announce() {
    this.keeper.keep(this.history, this.revision)
    const working = this.pending.length ? 'saving' : 'saved'
    const connection = this.isGone ? 'gone' : this.online ? working : 'offline'
    this.onChange({
      documents: this.shown,
      history: this.history,
      waiting: this.pending.length,
      connection,
      isKept: this.isKept,
      notSaved: this.notSaved,
    })
  }
}
