import { readFile, stat, writeFile } from 'node:fs/promises'
import { join } from 'node:path'
import sharp from 'sharp'
import { LONGEST_SIDE } from '@nolvex/core/block/pictureFile'
import type { ProjectAsset } from '@nolvex/core/formats/projectFile'
import { Problem } from '../http/problem'
import { otherColours, toScreenColours } from './screenColours'
import { kindOfFile, type PixelKind } from './fileKind'

export const LARGEST_PICTURE = 25 * 1024 * 1024
export const MOST_PIXELS = 50_000_000

export interface CheckPictureInput {
  /** what it is called, for messages */
  name: string
  /** name of the file in the folder */
  file: string
}

export interface CheckedPicture {
  type: ProjectAsset['type']
  /** px */
  width: number
  height: number
  /** name of the file in the folder that is to be kept */
  file: string
  /** the colours it was in, where it is kept in sRGB instead */
  convertedFrom?: string
}

/**
 * Looks at what a file is, whatever it is called: a PNG, JPEG or WebP within limits, or an SVG, which is cleaned of
 * scripts and of everything it would fetch. To be run in a child process.
 * @param folder where the file is, and where a cleaned one goes
 * @throws Problem that names the picture, what it was taken for and what to do
 */
export async function checkPicture(
  folder: string,
  { name, file }: CheckPictureInput,
): Promise<CheckedPicture> {
  const path = join(folder, file)
  const { size } = await stat(path)
  if (size === 0) throw new Problem(422, `“${name}” is empty.`)
  if (size > LARGEST_PICTURE)
    throw new Problem(413, `“${name}” is larger than 25 MB. Save it smaller and try again.`)
  const kind = await kindOfFile(path)
  if (!kind || kind === 'PDF')
    throw new Problem(422, `“${name}” is no picture we know. Use PNG, JPEG, WebP or SVG.`)
  if (kind !== 'SVG') return checkPixels(name, folder, file, kind)
  const { cleanSvg } = await import('./cleanSvg')
  const { svg, width, height } = cleanSvg(name, await readFile(path))
  const clean = `${file}.clean`
  await writeFile(join(folder, clean), svg)
  return { type: 'image/svg+xml', width, height, file: clean }
}

async function checkPixels(
  name: string,
  folder: string,
  file: string,
  kind: PixelKind,
): Promise<CheckedPicture> {
  const path = join(folder, file)
  const damaged = () =>
    new Problem(422, `“${name}” is a damaged ${kind}: it cannot be read to its end. Save it again.`)
  const metadata = await sharp(path, { limitInputPixels: false })
    .metadata()
    .catch(() => {
      throw damaged()
    })
  const type = `image/${metadata.format}` as ProjectAsset['type']
  if (metadata.format !== kind.toLowerCase()) throw damaged()
  const { width, height } = metadata.autoOrient
  // Of a moving picture every frame is as large as the first.
  const pixels = width * height * (metadata.pages ?? 1)
  if (pixels > MOST_PIXELS) {
    throw new Problem(
      413,
      `“${name}” has more than 50 megapixels (${width} by ${height}). Save it smaller and try again.`,
    )
  }
  if (Math.max(width, height) > LONGEST_SIDE) {
    throw new Problem(
      413,
      `“${name}” is ${Math.max(width, height)} px long; ${LONGEST_SIDE} is the most. Cut it into several pictures.`,
    )
  }
  await sharp(path, { limitInputPixels: MOST_PIXELS, failOn: 'error' })
    .stats()
    .catch(() => {
      throw damaged()
    })
  const convertedFrom = otherColours(metadata)
  if (convertedFrom === undefined) return { type, width, height, file }
  const converted = `${file}.srgb`
  await toScreenColours(path, join(folder, converted), metadata.format as 'png' | 'jpeg' | 'webp')
  return { type, width, height, file: converted, convertedFrom }
}
