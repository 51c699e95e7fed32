import sharp from 'sharp'

/**
 * A picture as a data address that every writer of ours draws: resvg and PDF know no WebP, and nobody but browsers turns
 * a photograph as its camera says.
 */
export async function paintableAddress(type: string, bytes: Uint8Array): Promise<string> {
  const shown = await paintable(type, bytes)
  return `data:${shown.type};base64,${Buffer.from(shown.bytes).toString('base64')}`
}

async function paintable(type: string, bytes: Uint8Array): Promise<{ type: string; bytes: Uint8Array }> {
  if (type !== 'image/webp' && type !== 'image/jpeg') return { type, bytes }
  const picture = sharp(bytes)
  const { orientation = 1, hasAlpha } = await picture.metadata()
  if (type === 'image/jpeg' && orientation === 1) return { type, bytes }
  if (hasAlpha) return { type: 'image/png', bytes: await picture.autoOrient().png().toBuffer() }
  const settings = { quality: 95, chromaSubsampling: '4:4:4' }
  return { type: 'image/jpeg', bytes: await picture.autoOrient().jpeg(settings).toBuffer() }
}
