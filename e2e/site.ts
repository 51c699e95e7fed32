import { fork, type ChildProcess } from 'node:child_process'
import { join } from 'node:path'
import pg from 'pg'
import { rootFolder } from '@nolvex/server/config'
import { freePort, type Database } from '../scripts/database.mjs'

export const ROOT = rootFolder()

const ownerOf = ({ url }: Database) => new URL(url).username

async function asAdmin({ adminUrl }: Database, statement: string) {
  const client = new pg.Client({ connectionString: adminUrl })
  await client.connect()
  await client.query(statement)
  await client.end()
}

function addressOf({ url }: Database, database: string): string {
  const address = new URL(url)
  address.pathname = `/${database}`
  return address.toString()
}

/** A server of the built application with a database of its own. */
export class Site {
  private server: ChildProcess | undefined

  private constructor(
    readonly address: string,
    readonly databaseUrl: string,
    private port: number,
    private settings: Record<string, string> = {},
  ) {}

  /** Starts a server on a fresh database made from the template. */
  static async start(cluster: Database, name: string, settings: Record<string, string> = {}): Promise<Site> {
    const database = `journey_${name.toLowerCase().replace(/[^a-z0-9]+/g, '_')}_${Date.now()}`
    await asAdmin(cluster, `create database ${database} template nolvex_template owner ${ownerOf(cluster)}`)
    const port = await freePort()
    const site = new Site(`http://127.0.0.1:${port}`, addressOf(cluster, database), port, settings)
    await site.startServer()
    return site
  }

  /** Prepares the template: tables and the demo, once for all journeys. */
  static async makeTemplate(cluster: Database): Promise<void> {
    await asAdmin(cluster, 'drop database if exists nolvex_template')
    await asAdmin(cluster, `create database nolvex_template owner ${ownerOf(cluster)}`)
    const site = new Site('', addressOf(cluster, 'nolvex_template'), await freePort())
    await site.startServer()
    await site.stop()
  }

  async startServer(): Promise<void> {
    const env = {
      ...process.env,
      DATABASE_URL: this.databaseUrl,
      PORT: String(this.port),
      LOG_LEVEL: 'fatal',
      NOLVEX_DEMO: 'load',
      ...this.settings,
    }
    const server = fork(join(ROOT, 'server/dist/main.mjs'), {
      env,
      stdio: ['ignore', 'ignore', 'inherit', 'ipc'],
    })
    this.server = server
    await new Promise<void>((resolve, reject) => {
      server.once('message', () => resolve())
      server.once('exit', (code) => reject(new Error(`the server ended with ${code}`)))
    })
  }

  /** The process number of the server. */
  get pid(): number {
    return this.server?.pid ?? 0
  }

  /** Ends the server the hard way. */
  async kill(): Promise<void> {
    await this.end('SIGKILL')
  }

  async stop(): Promise<void> {
    await this.end('SIGTERM')
  }

  private async end(signal: NodeJS.Signals) {
    const { server } = this
    if (!server || server.exitCode !== null || server.signalCode !== null) return
    const gone = new Promise((resolve) => server.once('exit', resolve))
    server.kill(signal)
    await gone
  }

  /** Asks the server for JSON. */
  async ask<T>(path: string, init?: RequestInit): Promise<T> {
    const response = await fetch(`${this.address}${path}`, init)
    return (await response.json()) as T
  }
}
