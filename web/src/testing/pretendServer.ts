import { readFileSync } from 'node:fs'
import { applyChange } from '@nolvex/core/document/apply'
import { transformPair } from '@nolvex/core/document/rebase'
import type { Change, ChangePart, Documents, LoggedChange } from '@nolvex/core/document/types'
import { documentKinds } from '@nolvex/core/resolve/documentKinds'
import { usualSite } from '@nolvex/core/site/usualSite'
import { plainStyle } from '@nolvex/core/style/plainStyle'
import { fontCatalogue, fontFileName } from '@nolvex/core/text/fontCatalogue'
import type { NewVersion, Version } from '../session/api'
import { shippedFontPath } from '@nolvex/server/fonts/shippedFonts'

const CUT_OFF = 4001
const AT = '2026-05-04T10:00:00.000Z'

/** The server's side of one project, in memory, with everything that can go wrong on the way to it. */
export class PretendServer {
  readonly name = 'Pretend'
  /** the one project there is, what is asked of others being left unanswered; without it any is taken for it */
  project?: string
  revision = 1
  log: LoggedChange[] = []
  documents: Documents
  /** whether anything gets an answer */
  isUp = true
  /** so many commits are made though their answer is lost */
  /** so many times the log cannot be read */
  logFailures = 0
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
  private versions: (Version & { documents: Documents })[] = []

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
    const asked = /^\/api\/projects\/(\w+)/.exec(path)?.[1]
    if (asked && asked !== (this.project ?? asked)) return new Promise(() => undefined)
    if (!this.isUp) throw new TypeError('fetch failed')
    const font = fontCatalogue.find((one) => path === `/fonts/${fontFileName(one)}`)
    if (font) return new Response(readFileSync(shippedFontPath(font)))
    if (/^\/api\/projects\/\w+\/documents$/.test(path))
      return reply(200, {
        id: 'project',
        name: this.name,
        revision: this.revision,
        documents: this.documents,
      })
    const versions = /^\/api\/projects\/\w+\/versions(?:\/(\w+))?/.exec(path)
    if (versions) return this.answerVersions(init, versions[1])
    if (init.method === 'POST') return this.answerCommit(JSON.parse(init.body as string) as Change)
    if (this.logFailures-- > 0) return reply(500, { error: 'Something went wrong on the server.' })
    this.logFailures = 0
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

  private answerVersions({ method, body }: RequestInit, id?: string): Response {
    if (method === 'POST' && !id) return reply(200, this.keep(JSON.parse(body as string) as NewVersion))
    if (!id)
      return reply(200, { versions: this.versions.map((version) => ({ ...version, documents: undefined })) })
    const version = this.versions.find((one) => one.id === id)
    if (!version) return reply(404, { error: 'There is no such version.' })
    if (method === 'DELETE') {
      this.versions = this.versions.filter((one) => one !== version)
      return new Response(null, { status: 204 })
    }
    if (method === 'POST') {
      const { by } = JSON.parse(body as string) as { by: string }
      version.approvals = [...version.approvals, { name: by, at: AT, verified: false }]
    }
    return reply(200, version)
  }

  private keep({ name, note, gate }: NewVersion): Version {
    const version = {
      id: `version${this.versions.length}`,
      revision: this.revision,
      name,
      note,
      stage: gate?.stage,
      approvals: (gate?.by ?? []).map((by) => ({ name: by, at: AT, verified: false })),
      createdAt: AT,
      documents: this.documents,
    }
    this.versions = [version, ...this.versions]
    return version
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

/** An answer in JSON, which is read with the page's own objects, as a browser would. */
function reply(status: number, body: unknown): Response {
  const text = JSON.stringify(body)
  const response = new Response(text, { status, headers: { 'content-type': 'application/json' } })
  response.json = () => Promise.resolve(JSON.parse(text))
  return response
}
