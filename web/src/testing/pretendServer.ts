import { readFileSync } from 'node:fs'
import { applyChange } from '@nolvex/core/document/apply'
import { transformPair } from '@nolvex/core/document/rebase'
import type { Change, ChangePart, Documents, LoggedChange } from '@nolvex/core/document/types'
import { documentKinds } from '@nolvex/core/resolve/documentKinds'
import { usualSite } from '@nolvex/core/site/usualSite'
import { plainStyle } from '@nolvex/core/style/plainStyle'
import { fontCatalogue, fontFileName } from '@nolvex/core/text/fontCatalogue'
import { shippedFontPath } from '@nolvex/server/fonts/shippedFonts'

const CUT_OFF = 4001

/** The server's side of one project, in memory, with everything that can go wrong on the way to it. */
export class PretendServer {
  readonly name = 'Pretend'
  revision = 1
  log: LoggedChange[] = []
  documents: Documents
  /** whether anything gets an answer */
  isUp = true
  /** so many commits are made though their answer is lost */
  answersToLose = 0
  /** statuses the next commits are answered with, nothing being done */
  refusals: number[] = []
  /** whether streams wait to be told of what is committed */
  isStreamHeld = false
  /** the log reaches back to this revision */
  logFrom = 0
  /** ids of changes as they came in */
  received: string[] = []
  sockets = new Set<PretendSocket>()

  constructor(documents: Documents = {}) {
    this.documents = { site: usualSite, style: plainStyle, ...documents } as unknown as Documents
  }

  /** Takes the place of the network: `fetch`, `WebSocket` and where the page comes from. */
  install() {
    const stream = (address: string) => new PretendSocket(this, address)
    Object.assign(globalThis, {
      window: { location: { host: 'nolvex.test' } },
      fetch: (path: string, init?: RequestInit) => this.answer(path, init),
      // A function that gives back an object can be called with `new`.
      WebSocket: Object.assign(
        function (address: string) {
          return stream(address)
        },
        { OPEN: PretendSocket.OPEN },
      ),
    })
  }

  async answer(path: string, init: RequestInit = {}): Promise<Response> {
    await new Promise((resolve) => setImmediate(resolve))
    if (!this.isUp) throw new TypeError('fetch failed')
    const font = fontCatalogue.find((one) => path === `/fonts/${fontFileName(one)}`)
    if (font) return new Response(readFileSync(shippedFontPath(font)))
    if (path.endsWith('/documents'))
      return reply(200, {
        id: 'project',
        name: this.name,
        revision: this.revision,
        documents: this.documents,
      })
    if (init.method === 'POST') return this.answerCommit(JSON.parse(init.body as string) as Change)
    const since = Number(new URL(path, 'http://nolvex.test').searchParams.get('since'))
    if (since < this.logFrom) return reply(410, { error: 'The log no longer reaches back that far.' })
    return reply(200, { changes: this.since(since) })
  }

  private answerCommit(change: Change): Response {
    this.received.push(change.id)
    const status = this.refusals.shift()
    if (status) return reply(status, { error: `Answered ${status}.` })
    const logged = this.commit(change)
    if (this.answersToLose-- > 0) throw new TypeError('fetch failed')
    this.answersToLose = 0
    return reply(200, logged)
  }

  /** Commits a change at the head, as the real server does. */
  commit(change: Change): LoggedChange {
    const known = this.log.find(({ id }) => id === change.id)
    if (known) return known
    const parts = this.since(change.base)
      .filter(({ outcomes }) => outcomes.every(({ result }) => result !== 'refused'))
      .reduce((now, earlier) => transformPair(earlier.parts, now).second, change.parts)
    const { documents, inverse, outcomes } = applyChange(documentKinds, this.documents, parts)
    this.documents = documents
    const logged = { ...change, parts, revision: ++this.revision, inverse, outcomes }
    this.log.push(logged)
    if (!this.isStreamHeld) this.tell()
    return logged
  }

  /** Another window's change. */
  commitFromElsewhere(parts: ChangePart[], base = this.revision): LoggedChange {
    const number = this.log.length
    return this.commit({ id: `other${number}`, client: 'elsewhere', base, label: 'Elsewhere', parts })
  }

  /** Streams learn of everything they have not been told yet. */
  tell() {
    for (const socket of this.sockets) socket.catchUp()
  }

  /** No answers and no streams until `rise`. */
  fall() {
    this.isUp = false
    for (const socket of [...this.sockets]) socket.drop(1006)
  }

  rise() {
    this.isUp = true
  }

  /** The log is cut: whoever is behind has to begin anew. */
  cutOff() {
    this.logFrom = this.revision
    for (const socket of [...this.sockets]) socket.drop(CUT_OFF)
  }

  since(revision: number): LoggedChange[] {
    return this.log.filter((change) => change.revision > revision)
  }
}

class PretendSocket {
  static readonly OPEN = 1
  readyState = 0
  onopen?: () => void
  onmessage?: (event: { data: string }) => void
  onclose?: (event: { code: number }) => void
  private told: number

  constructor(
    private server: PretendServer,
    address: string,
  ) {
    this.told = Number(new URL(address).searchParams.get('since'))
    setImmediate(() => {
      if (!server.isUp) return this.drop(1006)
      server.sockets.add(this)
      this.readyState = PretendSocket.OPEN
      this.onopen?.()
      this.catchUp()
    })
  }

  catchUp() {
    const changes = this.server.since(this.told)
    this.told = this.server.revision
    if (changes.length) this.onmessage?.({ data: JSON.stringify({ changes }) })
  }

  drop(code: number) {
    this.server.sockets.delete(this)
    this.readyState = 3
    this.onclose?.({ code })
  }

  close() {
    this.drop(1000)
  }
}

const reply = (status: number, body: unknown) =>
  new Response(JSON.stringify(body), { status, headers: { 'content-type': 'application/json' } })
