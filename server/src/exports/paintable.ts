import sharp from 'sharp'

/** px across a drawing is made into pixels at, so that it is sharp wherever a page shows it. */
const WIDE = 1600

/** A drawing as pixels: PDF takes none, and resvg leaves some out that are much enlarged. */
async function drawnLarge(svg: Uint8Array): Promise<Uint8Array> {
  const { width = WIDE, density = 72 } = await sharp(svg).metadata()
  const scaled = Math.min(2400, density * Math.max(1, WIDE / Math.max(width, 1)))
  return sharp(svg, { density: scaled }).resize({ width: WIDE }).png().toBuffer()
}

/**
 * A picture as a data address that every writer of ours draws: resvg and PDF know no WebP, PDF no SVG, and nobody but browsers turns
 * a photograph as its camera says.
 */
export async function paintableAddress(type: string, bytes: Uint8Array): Promise<string> {
  const shown = await paintable(type, bytes)
  return `data:${shown.type};base64,${Buffer.from(shown.bytes).toString('base64')}`
}

/** The pictures of a project as data addresses by id. */
export async function paintableAddresses(
  assets: { id: string; type: string; bytes: Uint8Array }[],
): Promise<Record<string, string>> {
  const found: Record<string, string> = {}
  for (const { id, type, bytes } of assets)
    if (type.startsWith('image/')) found[id] = await paintableAddress(type, bytes)
  return found
}

async function paintable(type: string, bytes: Uint8Array): Promise<{ type: string; bytes: Uint8Array }> {
  if (type === 'image/svg+xml') return { type: 'image/png', bytes: await drawnLarge(bytes) }
  if (type !== 'image/webp' && type !== 'image/jpeg') return { type, bytes }
  const picture = sharp(bytes)
  const { orientation = 1, hasAlpha } = await picture.metadata()
  if (type === 'image/jpeg' && orientation === 1) return { type, bytes }
  if (hasAlpha) return { type: 'image/png', bytes: await picture.autoOrient().png().toBuffer() }
  const settings = { quality: 95, chromaSubsampling: '4:4:4' }
  return { type: 'image/jpeg', bytes: await picture.autoOrient().jpeg(settings).toBuffer() }
}
