import { randomBytes } from 'node:crypto'
import { crc32 } from 'node:zlib'
import sharp from 'sharp'
import { ask, DEMO, type HostileInput } from './hostileInput'

const upload = (name: string) => (site: Parameters<HostileInput['send']>[0], made: Buffer) =>
  ask(site, 'POST', `/api/projects/${DEMO}/assets?name=${encodeURIComponent(name)}`, made)

const canvas = (width: number, height: number) =>
  sharp({ create: { width, height, channels: 3, background: '#3e5c76' } })

/** A PNG that says of itself that it is as large as asked, and holds next to nothing. */
function pngThatClaims(width: number, height: number): Buffer {
  const chunk = (type: string, data: Buffer) => {
    const length = Buffer.alloc(4)
    length.writeUInt32BE(data.length)
    const body = Buffer.concat([Buffer.from(type), data])
    const sum = Buffer.alloc(4)
    sum.writeUInt32BE(crc32(body))
    return Buffer.concat([length, body, sum])
  }
  const header = Buffer.alloc(13)
  header.writeUInt32BE(width, 0)
  header.writeUInt32BE(height, 4)
  header.set([8, 2, 0, 0, 0], 8)
  const signature = Buffer.from('89504e470d0a1a0a', 'hex')
  return Buffer.concat([
    signature,
    chunk('IHDR', header),
    chunk('IDAT', Buffer.from('789c0300000000', 'hex')),
    chunk('IEND', Buffer.alloc(0)),
  ])
}

const halved = async (picture: sharp.Sharp) => {
  const bytes = await picture.toBuffer()
  return bytes.subarray(0, bytes.length / 2)
}

export const pictures: HostileInput[] = [
  {
    name: 'an empty picture',
    make: () => Buffer.alloc(0),
    send: upload('a.png'),
    status: [422],
    says: /empty/,
  },
  {
    name: 'a letter called a picture',
    make: () => Buffer.from('Dear harbour'),
    send: upload('a.png'),
    status: [422],
    says: /no picture we know/,
  },
  {
    name: 'random bytes',
    make: () => randomBytes(2_000_000),
    send: upload('a.webp'),
    status: [422],
    says: /no picture we know/,
  },
  {
    name: 'half a PNG',
    make: () => halved(canvas(900, 700).png()),
    send: upload('a.png'),
    status: [422],
    says: /damaged PNG/,
  },
  {
    name: 'half a JPEG',
    make: () => halved(canvas(900, 700).jpeg()),
    send: upload('a.jpg'),
    status: [422],
    says: /damaged JPEG/,
  },
  {
    name: 'half a WebP',
    make: () => halved(canvas(900, 700).webp()),
    send: upload('a.webp'),
    status: [422],
    says: /damaged WebP/,
  },
  {
    name: 'only the signature of a PNG',
    make: () => Buffer.from('89504e470d0a1a0a', 'hex'),
    send: upload('a.png'),
    status: [422],
    says: /damaged PNG/,
  },
  {
    name: 'a PNG that claims 60,000 by 60,000',
    make: () => pngThatClaims(60_000, 60_000),
    send: upload('a.png'),
    status: [413],
    says: /50 megapixels/,
  },
  {
    name: 'a PNG of 54 megapixels',
    make: () => canvas(9000, 6000).png().toBuffer(),
    send: upload('a.png'),
    status: [413],
    says: /50 megapixels/,
  },
  {
    name: 'a PNG that claims more than it holds',
    make: () => pngThatClaims(4000, 4000),
    send: upload('a.png'),
    status: [422],
    says: /damaged PNG/,
  },
  {
    name: 'a JPEG 30,000 px wide',
    make: () => canvas(30_000, 1500).jpeg().toBuffer(),
    send: upload('a.jpg'),
    status: [201],
  },
  {
    name: 'a PNG 70,000 px wide',
    make: () => canvas(70_000, 100).png().toBuffer(),
    send: upload('a.png'),
    status: [413],
    says: /70000 px long; 65535 is the most/,
  },
  {
    name: 'a PNG of one pixel',
    make: () => canvas(1, 1).png().toBuffer(),
    send: upload('a.png'),
    status: [201],
  },
  {
    name: 'a moving WebP called a JPEG',
    make: async () => {
      const frames = await Promise.all(
        ['#a00', '#0a0'].map((background) =>
          sharp({ create: { width: 300, height: 200, channels: 3, background } })
            .png()
            .toBuffer(),
        ),
      )
      return sharp(frames, { join: { animated: true } })
        .webp({ loop: 0, delay: [100, 100] })
        .toBuffer()
    },
    send: upload('a.jpg'),
    status: [201],
    says: /image\/webp/,
  },
  {
    name: 'a CMYK JPEG',
    make: () => canvas(300, 200).toColourspace('cmyk').jpeg().toBuffer(),
    send: upload('a.jpg'),
    status: [201],
    says: /CMYK/,
  },
  {
    name: 'a picture of 26 MB',
    make: () => Buffer.alloc(26 * 1024 * 1024, 1),
    send: upload('a.png'),
    status: [413],
    says: /25 MB/,
  },
  {
    name: 'a picture without an end',
    make: () => Buffer.alloc(0),
    send: (site) => sendWithoutEnd(site.address),
    status: [413],
    says: /25 MB/,
  },
  {
    name: 'a GIF',
    make: () => Buffer.from('GIF89a\x01\x00\x01\x00\x00\x00\x00;'),
    send: upload('a.gif'),
    status: [422],
    says: /no picture we know/,
  },
  {
    name: 'a name of half a character, a NUL and a path',
    make: () => canvas(4, 4).png().toBuffer(),
    send: (site, made) =>
      ask(site, 'POST', `/api/projects/${DEMO}/assets?name=..%2F%00%ED%A0%BD${'x'.repeat(2000)}`, made),
    status: [201],
  },
]

/** ms after which an answer to it is no longer waited for */
const PATIENCE = 30_000

/** MB after which the sender gives up: on a starved machine what nobody reads yet piles up in it. */
const MOST_SENT = 512

/** A body in chunks that goes on for as long as somebody reads it. */
async function sendWithoutEnd(address: string) {
  let sent = 0
  const body = new ReadableStream({
    pull: (controller) => {
      if (++sent > MOST_SENT) controller.error(new Error(`${MOST_SENT} MB were taken`))
      else controller.enqueue(new Uint8Array(1024 * 1024))
    },
  })
  const init = { method: 'POST', body, duplex: 'half', signal: AbortSignal.timeout(PATIENCE) } as RequestInit
  try {
    const response = await fetch(`${address}/api/projects/${DEMO}/assets?name=a.png`, init)
    return { status: response.status, says: await response.text() }
  } catch (error) {
    return { status: 0, says: String((error as Error).cause ?? error) }
  }
}
