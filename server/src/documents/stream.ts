import type { IncomingMessage, Server } from 'node:http'
import { Op } from 'sequelize'
import pg from 'pg'
import type { Logger } from 'pino'
import { WebSocketServer, type WebSocket } from 'ws'
import { z } from 'zod'
import { idSchema } from '@nolvex/core/document/ids'
import { isFromHere } from '../http/loopbackOnly'
import { ProjectRow } from '../projects/projectModel'
import { ChangeRow, loggedChange } from './changeModel'
import { CHANNEL } from './commitChange'

const query = z.object({ project: idSchema, since: z.coerce.number().int().nonnegative() })
const CATCH_UP = 5000
const MOST_BEHIND = 1000
const MOST_BUFFERED = 8 * 1024 * 1024

interface Listener {
  socket: WebSocket
  project: string
  revision: number
  busy: boolean
}

/**
 * Tells every open tab of changes as they are committed. Notifications carry only a revision; the log gives the rest,
 * also after a lost connection and every five seconds.
 */
export class ChangeStream {
  private listeners = new Set<Listener>()
  private sockets = new WebSocketServer({ noServer: true, maxPayload: 1024 })
  private client: pg.Client | undefined
  private timer = setInterval(() => void this.catchUpAll(), CATCH_UP)
  private closed = false

  constructor(
    private databaseUrl: string,
    private log: Logger,
  ) {}

  attach(server: Server) {
    server.on('upgrade', (request, socket, head) => {
      const address = new URL(request.url ?? '', 'http://loopback')
      const asked = query.safeParse(Object.fromEntries(address.searchParams))
      const isAllowed =
        address.pathname === '/api/stream' && asked.success && isFromHere(request) && isFromPage(request)
      if (!isAllowed) return socket.destroy()
      this.sockets.handleUpgrade(request, socket, head, (opened) => this.add(opened, asked.data))
    })
    void this.listen()
  }

  async close() {
    this.closed = true
    clearInterval(this.timer)
    for (const { socket } of this.listeners) socket.terminate()
    await this.client?.end().catch(() => undefined)
  }

  private add(socket: WebSocket, { project, since }: { project: string; since: number }) {
    const listener = { socket, project, revision: since, busy: false }
    this.listeners.add(listener)
    socket.on('close', () => this.listeners.delete(listener))
    socket.on('error', () => socket.terminate())
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
      client.on('notification', ({ payload = '{}' }) => {
        const { project } = JSON.parse(payload) as { project: string }
        void this.catchUpAll(project)
      })
      await client.connect()
      this.client = client
      await client.query(`listen ${CHANNEL}`)
      await this.catchUpAll()
    } catch (error) {
      this.log.warn({ err: error }, 'waiting for the database')
      client.removeListener('end', again)
      again()
    }
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
    } catch {
      // The database is away; the next notification or the timer tries again.
    } finally {
      listener.busy = false
    }
  }

  /** Sends what the log has beyond a listener's revision. @returns whether there may be more */
  private async send(listener: Listener): Promise<boolean> {
    const { socket, project, revision } = listener
    const head = (await ProjectRow.findByPk(project))?.revision
    if (head === undefined || head === revision) return false
    const rows = await ChangeRow.findAll({
      where: { projectId: project, revision: { [Op.gt]: revision } },
      order: ['revision'],
      limit: MOST_BEHIND,
    })
    const isCut = head - revision > MOST_BEHIND || rows[0]?.revision !== revision + 1
    if (isCut || socket.bufferedAmount > MOST_BUFFERED) {
      // Too far behind: the tab starts again from the documents as they are now.
      socket.close(4001, 'too far behind')
      return false
    }
    socket.send(JSON.stringify({ changes: rows.map(loggedChange) }))
    listener.revision = rows[rows.length - 1].revision
    return listener.revision < head
  }
}

/** A page always names its origin when it opens a socket; what does not is no page. */
const isFromPage = (request: IncomingMessage) => request.headers.origin !== undefined
