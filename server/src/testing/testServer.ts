import { USUAL_TIMES } from '../database/sweeper'
import type { Config } from '../config'
import { startServer } from '../server'
import { emptyDatabase } from './testDatabase'

export interface Answer<T> {
  status: number
  body: T
  headers: Headers
}

/** A whole server on a database of its own, and how to ask it things. */
export async function startTestServer(name: string) {
  const databaseUrl = await emptyDatabase(name)
  const sweepTimes = { ...USUAL_TIMES, blobSeconds: 0 }
  const config: Config = {
    databaseUrl,
    port: 0,
    logLevel: 'silent',
    demo: 'none',
    patienceMs: 1000,
    sweepTimes,
  }
  const server = await startServer(config)

  async function ask<T = { error: string }>(method: string, path: string, body?: object): Promise<Answer<T>> {
    const init = body
      ? { headers: { 'content-type': 'application/json' }, body: JSON.stringify(body) }
      : undefined
    const response = await fetch(`${server.address}/api${path}`, { method, ...init })
    const text = await response.text()
    return {
      status: response.status,
      headers: response.headers,
      body: (text ? JSON.parse(text) : undefined) as T,
    }
  }

  return { ...server, databaseUrl, ask }
}

export type TestServer = Awaited<ReturnType<typeof startTestServer>>
