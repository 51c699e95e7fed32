import { WebSocket } from 'ws'
import type { Site } from '../site'
import { DEMO, head, raw, type HostileInput, type Outcome } from './hostileInput'

const UPGRADE = {
  Connection: 'Upgrade',
  Upgrade: 'websocket',
  'Sec-WebSocket-Version': '13',
  'Sec-WebSocket-Key': 'dGhlIHNhbXBsZSBub25jZQ==',
}
const STREAM = `/api/stream?project=${DEMO}&since=1`

/** Asks for a stream by hand. */
const upgrade =
  (path: string, more: Record<string, string> = {}): HostileInput['send'] =>
  (site) =>
    raw(site, head(site, `GET ${path} HTTP/1.1`, { ...UPGRADE, Origin: site.address, ...more }), 1500)

/** Opens a stream as a page would, says something on it, and waits for what comes of it. */
function says(site: Site, speak: (socket: WebSocket) => void): Promise<Outcome> {
  return new Promise((resolve) => {
    const socket = new WebSocket(site.address.replace('http', 'ws') + STREAM, { origin: site.address })
    const end = (words: string) => {
      clearTimeout(timer)
      socket.terminate()
      resolve({ status: 101, says: words })
    }
    const timer = setTimeout(() => end('still open'), 1500)
    socket.on('open', () => speak(socket))
    socket.on('close', (code) => end(`closed with ${code}`))
    socket.on('error', () => end('ended'))
  })
}

const bytes = (socket: WebSocket, ...parts: number[]) =>
  (socket as unknown as { _socket: { write: (part: Buffer) => void } })._socket.write(Buffer.from(parts))

export const sockets: HostileInput[] = [
  {
    name: 'a stream at two slashes, from another site',
    send: upgrade('//', { Origin: 'http://elsewhere.example' }),
    status: [403],
  },
  { name: 'a stream at two slashes', send: upgrade('//'), status: [400] },
  { name: 'a stream at no address', send: upgrade('http://'), status: [400] },
  {
    name: 'a stream for another site’s page',
    send: upgrade(STREAM, { Origin: 'http://elsewhere.example' }),
    status: [403],
  },
  {
    name: 'a stream for another site’s name',
    send: upgrade(STREAM, { Host: 'elsewhere.example' }),
    status: [403],
  },
  {
    name: 'a stream of no project there is',
    send: upgrade('/api/stream?project=nosuchproject000&since=1'),
    status: [404],
  },
  {
    name: 'a stream from no revision',
    send: upgrade(`/api/stream?project=${DEMO}&since=NaN`),
    status: [400],
  },
  {
    name: 'a stream from beyond all numbers',
    send: upgrade(`/api/stream?project=${DEMO}&since=1e99`),
    status: [400],
  },
  {
    name: 'a stream with a key that is none',
    send: upgrade(STREAM, { 'Sec-WebSocket-Key': 'x' }),
    status: [400],
  },
  { name: 'an upgrade to something else', send: upgrade(STREAM, { Upgrade: 'h2c' }), status: [400] },
  {
    name: 'a message longer than any',
    send: (site) => says(site, (socket) => socket.send('x'.repeat(100_000))),
    status: [101],
    says: /closed with 1009|ended/,
  },
  {
    name: 'a frame with reserved bits',
    send: (site) => says(site, (socket) => bytes(socket, 0xf1, 0x80, 1, 2, 3, 4)),
    status: [101],
    says: /closed|ended/,
  },
  {
    name: 'a frame that is not masked',
    send: (site) => says(site, (socket) => bytes(socket, 0x81, 0x05, 104, 101, 108, 108, 111)),
    status: [101],
    says: /closed|ended/,
  },
  {
    name: 'a frame of 2^63 bytes',
    send: (site) =>
      says(site, (socket) => bytes(socket, 0x82, 0xff, 0x7f, 255, 255, 255, 255, 255, 255, 255)),
    status: [101],
    says: /closed|ended/,
  },
  {
    name: 'a thousand pings',
    send: (site) =>
      says(site, (socket) => {
        for (let at = 0; at < 1000; at++) socket.ping()
      }),
    status: [101],
  },
]
