import { open } from 'node:fs/promises'

/** What a file begins with by its kind: PNG (W3C, section 5.2), JPEG (ITU T.81, B.1.1.3), WebP (RIFF container). */
const SIGNATURES = [
  { kind: 'PNG', at: 0, bytes: '89504e470d0a1a0a' },
  { kind: 'JPEG', at: 0, bytes: 'ffd8ff' },
  { kind: 'WebP', at: 8, bytes: '57454250' },
] as const
export type PixelKind = (typeof SIGNATURES)[number]['kind']

const BEGINNING = 1024
const SVG_STARTS = /^(?:<\?xml|<!--|<!DOCTYPE svg|<(?:\w{1,40}:)?svg)/i

/** What a file seems to be by its first bytes, whatever it is called. */
export async function kindOfFile(path: string): Promise<PixelKind | 'SVG' | 'PDF' | undefined> {
  const file = await open(path)
  try {
    const { buffer, bytesRead } = await file.read(Buffer.alloc(BEGINNING), 0, BEGINNING, 0)
    return kindOf(buffer.subarray(0, bytesRead))
  } finally {
    await file.close()
  }
}

function kindOf(start: Buffer): PixelKind | 'SVG' | 'PDF' | undefined {
  const found = SIGNATURES.find(
    ({ at, bytes }) => start.subarray(at, at + bytes.length / 2).toString('hex') === bytes,
  )
  if (found) return found.kind
  if (start.subarray(0, 5).toString('latin1') === '%PDF-') return 'PDF'
  const text = start
    .toString()
    .replace(/^\uFEFF/, '')
    .trimStart()
  return SVG_STARTS.test(text) ? 'SVG' : undefined
}
