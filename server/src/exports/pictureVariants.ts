import sharp from 'sharp'
import type { PictureChoices } from '@nolvex/core/markup/blockHtml'
import type { PackAsset, PackFile } from './packPages'
import type { Progress } from './progress'

/** Widths a picture comes in, px, beside its own. */
const WIDTHS = [480, 960, 1440, 1920]
/** Smaller files that browsers take first where they can, then the picture's own type. */
const OWN_TYPES: Record<string, 'jpeg' | 'png' | 'webp'> = {
  'image/jpeg': 'jpeg',
  'image/png': 'png',
  'image/webp': 'webp',
}
const [AVIF, WEBP] = [{ quality: 55, effort: 2 }, { quality: 78 }]

/** Files of one picture in several widths and types, and what names them. */
export interface Variants {
  files: PackFile[]
  sources: PictureChoices['sources']
}

/**
 * Pictures in the widths screens need, as AVIF and WebP beside their own type: made from the original, never enlarged.
 * Animated and drawn pictures stay as they are.
 */
export async function pictureVariants(
  pictures: PackAsset[],
  tell: Progress = () => {},
): Promise<Map<string, Variants>> {
  const made = new Map<string, Variants>()
  for (const [index, picture] of pictures.entries()) {
    const variants = await variantsOf(picture)
    if (variants) made.set(picture.id, variants)
    tell((index + 1) / pictures.length)
  }
  return made
}

async function variantsOf({ id, type, bytes }: PackAsset): Promise<Variants | undefined> {
  const own = OWN_TYPES[type]
  if (!own) return undefined
  const { pages = 1, width = 0 } = await sharp(bytes).metadata()
  if (pages > 1 || width < WIDTHS[0]) return undefined
  const turned = await sharp(bytes).autoOrient().toBuffer({ resolveWithObject: true })
  const widths = [...WIDTHS.filter((one) => one < turned.info.width), turned.info.width]
  const types = [...new Set(['avif', 'webp', own] as const)]
  const files: PackFile[] = []
  const sources: PictureChoices['sources'] = []
  for (const name of types) {
    const set: string[] = []
    for (const wide of widths) {
      const resized = sharp(turned.data).resize({ width: wide })
      const written =
        name === 'avif' ? resized.avif(AVIF) : name === 'webp' ? resized.webp(WEBP) : resized[name]()
      const path = `pictures/${id}-${wide}.${name === 'jpeg' ? 'jpg' : name}`
      files.push({ path, bytes: await written.toBuffer() })
      set.push(`${path} ${wide}w`)
    }
    sources.push({ type: `image/${name}`, set: set.join(', ') })
  }
  return { files, sources }
}
