import { randomUUID } from 'node:crypto'
import { STATUS_CODES, type IncomingMessage, type Server } from 'node:http'
import type { Duplex } from 'node:stream'
import type { Sequelize } from 'sequelize'
import pg from 'pg'
import type { Logger } from 'pino'
import { WebSocketServer, type WebSocket } from 'ws'
import { z } from 'zod'
import { idSchema } from '@nolvex/core/document/ids'
import type { Where } from '@nolvex/core/document/presence'
import { isUnavailable } from '../http/answerProblem'
import { isFromHere } from '../http/loopbackOnly'
import { ProjectRow } from '../projects/projectModel'
import { isTooFarBehind, loggedChanges } from './changeLog'
import { loggedChange } from './changeModel'
import { CHANNEL } from './commitChange'
import { Pace, PRESENCE_CHANNEL, readNotice, readWhereabouts, writeNotice } from './presence'

const query = z.object({
  project: idSchema,
  since: z.coerce
    .number()
    .int()
    .min(0)
    .max(2 ** 31 - 1),
})
const CATCH_UP = 5000
/** Codes a stream ends with: the tab starts again from the documents as they are; there is no such project any more. */
const TOO_FAR_BEHIND = 4001
const NO_PROJECT = 4004

interface Listener {
  socket: WebSocket
  /** what others know its tab by */
  name: string
  pace: Pace
  project: string
  revision: number
  busy: boolean
}

/**
 * Tells every open tab of changes as they are committed. Notifications carry only a revision; the log gives the rest,
 * also after a lost connection and every five seconds. Tabs say where they are, and the others of the project hear it.
 */
export class ChangeStream {
  private listeners = new Set<Listener>()
  private sockets = new WebSocketServer({ noServer: true, maxPayload: 4096 })
  private client: pg.Client | undefined
  private timer = setInterval(() => void this.catchUpAll(), CATCH_UP)
  private closed = false

  constructor(
    private sequelize: Sequelize,
    private databaseUrl: string,
    private log: Logger,
  ) {}

  attach(server: Server) {
    server.on('upgrade', (request, socket, head) => {
      // Until it is a stream nothing else looks after its errors, and one nobody looks after ends the process.
      socket.on('error', () => socket.destroy())
      this.upgrade(request, socket, head).catch((error: unknown) => {
        this.log.warn({ err: error }, 'a stream was not opened')
        refuse(socket, isUnavailable(error) ? 503 : 500)
      })
    })
    void this.listen()
  }

  /** Opens a stream for a page of this server that names a project there is; nothing else is looked at before that. */
  private async upgrade(request: IncomingMessage, socket: Duplex, head: Buffer) {
    if (!isFromHere(request) || !isFromPage(request)) return refuse(socket, 403)
    const asked = askedFor(request.url)
    if (!asked) return refuse(socket, 400)
    if (!(await ProjectRow.findByPk(asked.project))) return refuse(socket, 404)
    if (socket.destroyed) return
    this.sockets.handleUpgrade(request, socket, head, (opened) => this.add(opened, asked))
  }

  async close() {
    this.closed = true
    clearInterval(this.timer)
    for (const { socket } of this.listeners) socket.terminate()
    await this.client?.end().catch(() => undefined)
  }

  private add(socket: WebSocket, { project, since }: { project: string; since: number }) {
    const listener: Listener = {
      ...{ socket, project, revision: since, busy: false },
      ...{ name: randomUUID(), pace: new Pace() },
    }
    this.listeners.add(listener)
    socket.on('close', () => {
      this.listeners.delete(listener)
      this.tell(listener, null)
    })
    socket.on('error', () => socket.terminate())
    // A tab says where it is; whatever else it says is dropped.
    socket.on('message', (data) => {
      const said = listener.pace.isTooFast(Date.now()) ? undefined : readWhereabouts(String(data))
      if (said) this.tell(listener, said.where)
    })
    void this.catchUp(listener)
  }

  /** One connection of its own waits for notifications, and is made again when it is lost. */
  private async listen() {
    if (this.closed) return
    const client = new pg.Client({ connectionString: this.databaseUrl })
    const again = () => {
      if (this.client === client) this.client = undefined
      if (!this.closed) setTimeout(() => void this.listen(), 500).unref()
    }
    try {
      client.on('error', () => client.end().catch(() => undefined))
      client.on('end', again)
      client.on('notification', ({ channel, payload = '{}' }) => {
        if (channel === PRESENCE_CHANNEL) this.passOn(payload)
        else void this.catchUpAll(projectOf(payload))
      })
      await client.connect()
      this.client = client
      await client.query(`listen ${CHANNEL}`)
      await client.query(`listen ${PRESENCE_CHANNEL}`)
      await this.catchUpAll()
    } catch (error) {
      this.log.warn({ err: error }, 'waiting for the database')
      client.removeListener('end', again)
      again()
    }
  }

  /** Tells all server processes where a tab is; while the database is away nobody hears it, which loses nothing. */
  private tell({ name, project }: Listener, where: Where | null) {
    if (this.closed) return
    const notice = writeNotice(project, { from: name, where })
    this.sequelize
      .query('select pg_notify(:channel, :notice)', { replacements: { channel: PRESENCE_CHANNEL, notice } })
      .catch(() => undefined)
  }

  /** Tells the tabs of a project where another one is. */
  private passOn(payload: string) {
    const notice = readNotice(payload)
    if (!notice) return
    const message = JSON.stringify({ presence: notice.presence })
    for (const { socket, project, name } of this.listeners)
      if (project === notice.project && name !== notice.presence.from) socket.send(message)
  }

  private async catchUpAll(project?: string) {
    const due = [...this.listeners].filter((listener) => !project || listener.project === project)
    await Promise.all(due.map((listener) => this.catchUp(listener)))
  }

  private async catchUp(listener: Listener) {
    if (listener.busy) return
    listener.busy = true
    try {
      for (let more = true; more;) more = await this.send(listener)
    } catch (error) {
      // The database is away; the next notification or the timer tries again.
      if (!isUnavailable(error)) this.log.error({ err: error }, 'a stream stands still')
    } finally {
      listener.busy = false
    }
  }

  /** Sends what the log has beyond a listener's revision, so much at a time. @returns whether there may be more */
  private async send(listener: Listener): Promise<boolean> {
    const { socket, project, revision } = listener
    const head = (await ProjectRow.findByPk(project))?.revision
    if (head === undefined) return end(socket, NO_PROJECT, 'this project no longer exists')
    if (head === revision) return false
    const range = { project, after: revision, upTo: head }
    if (await isTooFarBehind(this.sequelize, range)) return end(socket, TOO_FAR_BEHIND, 'too far behind')
    for await (const rows of loggedChanges(this.sequelize, range)) {
      if (rows[0].revision !== listener.revision + 1) return end(socket, TOO_FAR_BEHIND, 'the log was cut')
      await sent(socket, JSON.stringify({ changes: rows.map(loggedChange) }))
      listener.revision = rows[rows.length - 1].revision
      if (!this.listeners.has(listener)) return false
    }
    return listener.revision < head
  }
}

/** The project a notification names; one that is no JSON is not ours, and all are looked after. */
function projectOf(payload: string): string | undefined {
  try {
    return (JSON.parse(payload) as { project?: string }).project
  } catch {
    return undefined
  }
}

function end(socket: WebSocket, code: number, reason: string): false {
  socket.close(code, reason)
  return false
}

/** Waits until a message has left, so that a slow tab holds one batch in memory and not all of them. */
const sent = (socket: WebSocket, message: string) =>
  new Promise<void>((resolve) => socket.send(message, () => resolve()))

/** Answers a request for a stream that is not opened, in HTTP. */
function refuse(socket: Duplex, status: number) {
  socket.end(`HTTP/1.1 ${status} ${STATUS_CODES[status]}\r\nConnection: close\r\nContent-Length: 0\r\n\r\n`)
  setTimeout(() => socket.destroy(), 1000).unref()
}

/** The project and revision an address asks a stream for, or nothing when it asks for anything else. */
function askedFor(url = ''): z.infer<typeof query> | undefined {
  const [path, parameters = ''] = url.split('?', 2)
  if (path !== '/api/stream') return undefined
  const asked = query.safeParse(Object.fromEntries(new URLSearchParams(parameters)))
  return asked.success ? asked.data : undefined
}

/** A page always names its origin when it opens a socket; what does not is no page. */
const isFromPage = (request: IncomingMessage) => request.headers.origin !== undefined
