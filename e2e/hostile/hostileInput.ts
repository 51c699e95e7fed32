import { connect } from 'node:net'
import type { Site } from '../site'

export const DEMO = 'skerrinferries00'

/** What came of an input: an HTTP status, or 0 where the connection was ended, and words. */
export interface Outcome {
  status: number
  says: string
}

/** Something nobody means well with, and what is to come of it. */
export interface HostileInput {
  name: string
  /** builds it, before anything is measured */
  make?: () => Promise<Buffer> | Buffer
  send: (site: Site, made: Buffer) => Promise<Outcome>
  status: number[]
  says?: RegExp
}

const SHOWN = 500

/**
 * Sends a request and reads its answer as words. A connection that was kept open and has just been closed is not the
 * server's fault, and is made anew.
 * @param shown characters of the answer that are kept
 */
export async function ask(
  site: Site,
  method: string,
  path: string,
  body?: Buffer | string,
  headers: Record<string, string> = {},
  shown = SHOWN,
): Promise<Outcome> {
  try {
    const response = await fetch(site.address + path, { method, headers, body: body as BodyInit })
    const text = (await response.text()).slice(0, shown)
    const error = /"error":"((?:[^"\\]|\\.)*)"/.exec(text)?.[1]
    return { status: response.status, says: error ?? text }
  } catch (error) {
    const { code = '' } = ((error as Error).cause ?? {}) as { code?: string }
    if (code === 'UND_ERR_SOCKET' && method === 'GET') return ask(site, method, path, body, headers, shown)
    return { status: 0, says: (error as Error).message }
  }
}

/** Sends bytes as they are and reads the answer's first line, or that the connection was ended. */
export function raw(site: Site, bytes: string | Buffer, patienceMs = 4000): Promise<Outcome> {
  return new Promise((resolve) => {
    const { hostname, port } = new URL(site.address)
    let answer = ''
    const socket = connect(Number(port), hostname)
    const end = () => {
      clearTimeout(timer)
      socket.destroy()
      const status = Number(/^HTTP\/1\.[01] (\d{3})/.exec(answer)?.[1] ?? 0)
      resolve({ status, says: /"error":"([^"]*)"/.exec(answer)?.[1] ?? answer.split('\r\n')[0] })
    }
    const timer = setTimeout(end, patienceMs)
    socket.on('data', (part) => (answer += part.toString('latin1')))
    socket.on('error', end).on('close', end)
    socket.write(bytes)
  })
}

/** A request by hand, with its head written out. */
export function head(site: Site, first: string, headers: Record<string, string> = {}): string {
  const all = { Host: new URL(site.address).host, ...headers }
  return `${first}\r\n${Object.entries(all)
    .map(([name, value]) => `${name}: ${value}\r\n`)
    .join('')}\r\n`
}
