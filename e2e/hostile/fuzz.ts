import { Random } from '../conformance/random'
import { WebSocket } from 'ws'
import type { Site } from '../site'
import { DEMO, head, raw } from './hostileInput'

const AT_A_TIME = 25
const PATIENCE_MS = 250

const METHODS = [
  'GET',
  'POST',
  'PUT',
  'DELETE',
  'PATCH',
  'HEAD',
  'OPTIONS',
  'TRACE',
  'CONNECT',
  '',
  '\0',
  'G\u00e9T',
]
const PATHS = [
  '/',
  '//',
  '/api',
  '/api/projects',
  `/api/projects/${DEMO}/changes`,
  `/api/projects/${DEMO}/assets`,
  '/api/stream',
  '/api/projects/open',
  '*',
  'http://',
  '/%',
  '/%00',
  '/..%2f..',
  '/fonts/x',
  '\\',
  '/api/projects/skerrinferries00/exports/x/file',
]
const NAMES = [
  'Host',
  'Origin',
  'Content-Length',
  'Content-Type',
  'Transfer-Encoding',
  'Upgrade',
  'Connection',
  'Sec-WebSocket-Key',
  'Sec-WebSocket-Version',
  'Sec-WebSocket-Extensions',
  'Content-Encoding',
  'Cookie',
  'Expect',
  'Range',
  'If-None-Match',
  'X',
  '',
]
const VALUES = [
  '',
  '0',
  '-1',
  '5',
  '99999999999',
  'chunked',
  'gzip',
  'websocket',
  'Upgrade',
  'application/json',
  'application/zip',
  'bytes=0-0,-1',
  '100-continue',
  'permessage-deflate; server_max_window_bits=99',
  '\0',
  '\u00ff'.repeat(20),
  'x'.repeat(3000),
]

/** Requests, upgrades and frames made at random, so that nobody had to think of them; the server must outlive them. */
export async function fuzz(site: Site, count: number, seed: number): Promise<number> {
  let done = 0
  const random = new Random(seed)
  const kinds = [
    () => raw(site, anyRequest(site, random), PATIENCE_MS),
    () => raw(site, anyUpgrade(site, random), PATIENCE_MS),
    () => anyFrames(site, random),
  ]
  const work = async () => {
    for (; done < count;) {
      done++
      await random.pick(kinds)()
    }
  }
  await Promise.all(Array.from({ length: AT_A_TIME }, work))
  return done
}

const anyBytes = (random: Random, most: number) =>
  Buffer.from(Array.from({ length: random.int(0, most) }, () => random.int(0, 255)))

function anyHeaders(random: Random): Record<string, string> {
  const count = random.int(0, 8)
  return Object.fromEntries(Array.from({ length: count }, () => [random.pick(NAMES), random.pick(VALUES)]))
}

/** Takes, doubles or changes some bytes. */
function spoilt(bytes: Buffer, random: Random): Buffer {
  const at = random.int(0, bytes.length)
  switch (random.int(0, 4)) {
    case 0:
      return bytes.subarray(0, at)
    case 1:
      return Buffer.concat([bytes.subarray(0, at), anyBytes(random, 20), bytes.subarray(at)])
    case 2:
      return Buffer.concat([bytes, bytes])
    default:
      return bytes
  }
}

function anyRequest(site: Site, random: Random): Buffer {
  if (random.int(0, 9) === 0) return anyBytes(random, 2000)
  const first = `${random.pick(METHODS)} ${random.pick(PATHS)}${random.int(0, 1) ? '?a=%ff&since=' : ''} HTTP/${random.pick(['1.1', '1.0', '2.0', '0'])}`
  const body = random.int(0, 1) ? anyBytes(random, 500) : Buffer.alloc(0)
  return spoilt(Buffer.concat([Buffer.from(head(site, first, anyHeaders(random)), 'latin1'), body]), random)
}

function anyUpgrade(site: Site, random: Random): Buffer {
  const right = {
    Connection: 'Upgrade',
    Upgrade: 'websocket',
    'Sec-WebSocket-Version': '13',
    'Sec-WebSocket-Key': 'dGhlIHNhbXBsZSBub25jZQ==',
    Origin: random.int(0, 1) ? site.address : 'http://elsewhere.example',
  }
  const path = random.pick([
    `/api/stream?project=${DEMO}&since=1`,
    '/api/stream',
    '//',
    '/api/stream?project[]=a',
    ...PATHS,
  ])
  const request = head(site, `GET ${path} HTTP/1.1`, {
    ...right,
    ...(random.int(0, 1) ? anyHeaders(random) : {}),
  })
  return spoilt(Buffer.concat([Buffer.from(request, 'latin1'), anyBytes(random, 100)]), random)
}

/** A stream opened as a page would, on which anything at all is sent. */
function anyFrames(site: Site, random: Random): Promise<void> {
  return new Promise((resolve) => {
    const address = `${site.address.replace('http', 'ws')}/api/stream?project=${DEMO}&since=${random.int(0, 3)}`
    const socket = new WebSocket(address, { origin: site.address })
    const end = () => {
      clearTimeout(timer)
      socket.terminate()
      resolve()
    }
    const timer = setTimeout(end, PATIENCE_MS)
    socket.on('error', end).on('close', end)
    socket.on('open', () => {
      const { _socket: wire } = socket as unknown as { _socket: { write: (part: Buffer) => void } }
      for (let count = random.int(1, 5); count > 0; count--) wire.write(anyBytes(random, 300))
    })
  })
}
