import sharp, { type Metadata } from 'sharp'

/**
 * The colours a picture is kept in, where they are others than sRGB: `CMYK`, or the name of its profile. Screens,
 * our own painting and the PNGs we write then show it alike only when it has been converted.
 */
export function otherColours({ space, icc }: Pick<Metadata, 'space' | 'icc'>): string | undefined {
  if (space === 'cmyk') return 'CMYK'
  if (!icc) return undefined
  const name = profileName(icc)
  return /srgb/i.test(name) ? undefined : name || 'colours of its own'
}

const LONGEST_NAME = 60

/** What a profile calls itself: its `desc` tag, plain or in the first of several languages (ICC.1:2022, 9.2.41 and 10.15). */
function profileName(icc: Buffer): string {
  const tags = icc.length >= 132 ? Math.min(icc.readUInt32BE(128), 100) : 0
  for (let tag = 0; tag < tags; tag++) {
    const entry = 132 + tag * 12
    if (entry + 12 > icc.length || icc.toString('latin1', entry, entry + 4) !== 'desc') continue
    const at = icc.readUInt32BE(entry + 4)
    return printable(described(icc.subarray(at, at + icc.readUInt32BE(entry + 8))))
  }
  return ''
}

function described(tag: Buffer): string {
  if (tag.length < 28) return ''
  if (tag.toString('latin1', 0, 4) === 'desc') return tag.toString('latin1', 12, 12 + tag.readUInt32BE(8))
  const at = tag.readUInt32BE(24)
  const words = Buffer.from(tag.subarray(at, at + (tag.readUInt32BE(20) & ~1)))
  return words.length % 2 ? '' : words.swap16().toString('utf16le')
}

const printable = (name: string) => name.replace(/\p{C}/gu, '').trim().slice(0, LONGEST_NAME)

/** Writes a picture again in sRGB, standing as its turn says. */
export async function toScreenColours(
  from: string,
  to: string,
  format: 'png' | 'jpeg' | 'webp',
): Promise<void> {
  // Hardly to be told from the original: what is thrown away here no later step gives back.
  const quality = format === 'png' ? {} : { quality: 95 }
  const subsampling = format === 'jpeg' ? { chromaSubsampling: '4:4:4' } : {}
  await sharp(from, { failOn: 'error' })
    .autoOrient()
    .toColourspace('srgb')
    .toFormat(format, { ...quality, ...subsampling })
    .toFile(to)
}
