import type { PageLayout } from '@nolvex/core/layout/pageLayout'
import { finishedFinish } from '@nolvex/core/paint/finishedFinish'
import { marksBetween, PagePainter } from '@nolvex/core/paint/pagePainter'
import { pictureSvg } from '@nolvex/core/paint/pictureSvg'
import { PAINTED_WIDE, type PaintedHow } from '@nolvex/core/review/hierarchy/orderFindings'
import type { PageWindow } from '@nolvex/core/review/hierarchy/judgedBlocks'
import type { Pixels } from '@nolvex/core/review/hierarchy/pixels'
import { cssFontFace, cssSheet } from '@nolvex/core/text/cssWriter'
import type { FontFile, FontLibrary } from '@nolvex/core/text/fontLibrary'
import { leafMarks, withoutWords, type Picture } from '@nolvex/core/vector/mark'
import { pictureAddress } from '../../session/api'

/** A window of a page as an SVG that needs nothing else, and how it is made into pixels. */
export interface WindowSvg {
  svg: string
  /** px of what is painted, from the top of the page */
  width: number
  height: number
  /** px from the top that are no part of the window */
  top: number
  /** pixels it is made into, across */
  wide: number
}

/** What a window of a page looks like; its fonts and pictures are brought along. Also for workers. */
export async function windowSvg(
  layout: PageLayout,
  { top, height }: PageWindow,
  { project, library }: { project: string; library: FontLibrary },
  { wide = PAINTED_WIDE, withoutWords: isBare }: PaintedHow = {},
): Promise<WindowSvg> {
  const pictures = new Map<string, string>()
  const collect = new PagePainter(finishedFinish, (picture) => {
    const address = pictureAddress(project, picture)
    if (address) pictures.set(address, '')
    return address
  })
  marksBetween(collect.sections(layout), top, top + height)
  await Promise.all(
    [...pictures.keys()].map(async (address) => pictures.set(address, await smallPicture(address))),
  )
  const painter = new PagePainter(finishedFinish, (picture) =>
    pictures.get(pictureAddress(project, picture) ?? ''),
  )
  const marks = marksBetween(painter.sections(layout), top, top + height)
  const painted: Picture = {
    ...{ width: layout.width, height: top + height, unit: 'px', title: 'Page' },
    ground: finishedFinish.colour(layout.ground, 'ground', layout.ground),
    marks: isBare ? withoutWords(marks) : marks,
  }
  const svg = pictureSvg(painted, await fontsOf(painted, library))
  return { svg, width: painted.width, height: painted.height, top, wide }
}

/** The pixels of a window. Only a page's own thread can draw SVG. */
export async function pixelsOf({ svg, width, height, top, wide }: WindowSvg): Promise<Pixels> {
  const address = URL.createObjectURL(new Blob([svg], { type: 'image/svg+xml' }))
  try {
    const picture = new Image(width, height)
    picture.src = address
    await picture.decode()
    const scale = wide / width
    const canvas = new OffscreenCanvas(wide, Math.max(1, Math.round((height - top) * scale)))
    const context = canvas.getContext('2d', { willReadFrequently: true })
    if (!context) throw new Error('The page cannot be looked at: the browser gives no canvas.')
    context.drawImage(picture, 0, -top * scale, wide, height * scale)
    const { data } = context.getImageData(0, 0, canvas.width, canvas.height)
    return { width: canvas.width, height: canvas.height, data }
  } finally {
    URL.revokeObjectURL(address)
  }
}

const fontAddresses = new Map<FontFile, Promise<string>>()

/** The fonts a picture is set in, as CSS with the files in it. */
async function fontsOf({ marks }: Picture, library: FontLibrary) {
  const files = new Set<FontFile>()
  for (const mark of leafMarks(marks))
    if (mark.type === 'words') files.add(library.fileFor({ italic: false, ...mark }))
  const faces = [...files].map(async (file) => {
    let address = fontAddresses.get(file)
    if (!address)
      fontAddresses.set(
        file,
        (address = dataAddress(new Blob([file.bytes as BlobPart], { type: 'font/ttf' }))),
      )
    return cssFontFace(file, await address)
  })
  return cssSheet(await Promise.all(faces))
}

/** px a picture is wide at most where only its colours count */
const SMALL = 480
const smallPictures = new Map<string, Promise<string>>()

function smallPicture(address: string): Promise<string> {
  let small = smallPictures.get(address)
  if (!small) smallPictures.set(address, (small = shrunk(address)))
  return small
}

/** A picture that does not load is left out: what stands on the page beside it counts all the same. */
async function shrunk(address: string): Promise<string> {
  try {
    const bitmap = await createImageBitmap(await (await fetch(address)).blob())
    const scale = Math.min(1, SMALL / bitmap.width)
    const canvas = new OffscreenCanvas(Math.ceil(bitmap.width * scale), Math.ceil(bitmap.height * scale))
    canvas.getContext('2d')?.drawImage(bitmap, 0, 0, canvas.width, canvas.height)
    return await dataAddress(await canvas.convertToBlob({ type: 'image/png' }))
  } catch {
    return ''
  }
}

function dataAddress(blob: Blob): Promise<string> {
  return new Promise((resolve, reject) => {
    const reader = new FileReader()
    reader.onload = () => resolve(String(reader.result))
    reader.onerror = () => reject(new Error('A picture or font of the page cannot be read.'))
    reader.readAsDataURL(blob)
  })
}
