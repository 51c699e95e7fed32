import { expose } from 'comlink'
import { unzipSync } from 'fflate'
import type { Documents } from '@nolvex/core/document/types'
import { PackedFileError } from '@nolvex/core/formats/documentEntries'
import { readKit } from '@nolvex/core/formats/kitFile'
import { kitDocuments, type Kit, type KitFile } from '@nolvex/core/kit/kit'
import { eachBox, PageLayouter, type PageLayout } from '@nolvex/core/layout/pageLayout'
import { finishedFinish } from '@nolvex/core/paint/finishedFinish'
import { marksBetween, PagePainter } from '@nolvex/core/paint/pagePainter'
import { pageSources } from '@nolvex/core/resolve/pageSources'
import { PageResolver } from '@nolvex/core/resolve/resolvePage'
import { ownFonts } from '@nolvex/core/style/families'
import type { PartState } from '@nolvex/core/style/part'
import type { StyleDocument } from '@nolvex/core/style/style'
import type { Group } from '@nolvex/core/vector/mark'
import { usualEnvironment } from '@nolvex/core/units/environment'
import { fontsWanted, keepFont, loadFontLibrary } from '../../fonts/loadFontLibrary'

/** The most a kit holds: files in the zip, bytes unpacked, and how tightly a large file may be packed. */
const LIMITS = { entries: 5000, bytes: 128 * 1024 * 1024, ratio: 200 }

/** Blocks that are shown: a kit's, or a project's. */
interface Held {
  documents: Documents
  /** whose own fonts they are set in */
  project: string
  /** addresses of pictures, by asset */
  pictures: Readonly<Record<string, string>>
  layouter?: Promise<PageLayouter>
}

/** What of a block is painted: its drawing, the block in it, at a band, in a state. */
export interface Wanted {
  drawing: string
  root: string
  band: string
  /** px it is laid out at */
  width: number
  state?: PartState
}

/** A painted block: where it stands in its drawing, px, and its marks. */
export interface PaintedBlock {
  x: number
  y: number
  width: number
  height: number
  ground: string
  groups: Group[]
}

/** A kit that was opened, and addresses of its pictures. */
export interface OpenedKit {
  key: string
  kit: Kit
  pictures: Record<string, string>
}

const held = new Map<string, Held>()
const files = new Map<string, Record<string, Uint8Array>>()
let opened = 0

const worker = {
  /** Reads a kit and keeps it. @throws Error that says what is wrong with it */
  async open(zip: Uint8Array): Promise<OpenedKit> {
    const { kit, bytes } = readKit(unzipped(zip))
    const key = `kit ${++opened}`
    const pictures = Object.fromEntries(kit.files.map((file) => [file.id, addressOf(file, bytes[file.id])]))
    for (const font of ownFonts(kit.style)) keepFont(font, key, bytes[font.asset])
    files.set(key, bytes)
    held.set(key, { documents: kitDocuments(kit), project: key, pictures })
    return { key, kit, pictures }
  },

  /** Keeps documents whose blocks are to be shown, in place of those kept by the same key. */
  hold(key: string, documents: Documents, project: string, pictures: Record<string, string>) {
    held.set(key, { documents, project, pictures })
  },

  /** The bytes of a file of a kit. */
  bytes: (key: string, file: string): Uint8Array | undefined => files.get(key)?.[file],

  /** A block as it is dressed, or nothing where it is gone. */
  async paint(key: string, wanted: Wanted): Promise<PaintedBlock | undefined> {
    const one = held.get(key)
    if (!one?.documents[wanted.drawing]) return undefined
    one.layouter ??= layouterFor(one)
    const layouter = await one.layouter
    const resolver = new PageResolver({ withHidden: false, state: wanted.state })
    const page = resolver.resolve(pageSources(one.documents, wanted.drawing), wanted.band)
    const layout = layouter.layout(page, { ...usualEnvironment, viewportWidth: wanted.width })
    return painted(layout, wanted.root, one.pictures)
  },
}

async function layouterFor({ documents, project }: Held): Promise<PageLayouter> {
  const style = documents.style as unknown as StyleDocument
  return new PageLayouter(await loadFontLibrary(fontsWanted(style, project)))
}

function painted(layout: PageLayout, root: string, pictures: Held['pictures']): PaintedBlock | undefined {
  let found: Pick<PaintedBlock, 'x' | 'y' | 'width' | 'height'> | undefined
  eachBox(layout, (box, x, y) => {
    if (box.node.key === root) found = { x, y, width: box.w, height: box.h }
  })
  if (!found) return undefined
  const painter = new PagePainter(finishedFinish, ({ asset }) => (asset ? pictures[asset] : undefined))
  const groups = marksBetween(painter.sections(layout), found.y, found.y + found.height)
  return { ...found, ground: layout.ground, groups }
}

const addressOf = ({ type }: KitFile, bytes: Uint8Array) =>
  type.startsWith('image/') ? URL.createObjectURL(new Blob([bytes as BlobPart], { type })) : ''

/** At once: what unzips in pieces starts workers from scripts of its own making, which our pages do not allow. */
function unzipped(zip: Uint8Array): Record<string, Uint8Array> {
  let [count, size] = [0, 0]
  let isTight = false
  const isWithin = (file: { originalSize: number; size: number }) => {
    count++
    size += file.originalSize
    isTight ||= file.originalSize > 1_000_000 && file.originalSize > file.size * LIMITS.ratio
    return !isTight && count <= LIMITS.entries && size <= LIMITS.bytes
  }
  let entries: Record<string, Uint8Array>
  try {
    entries = unzipSync(zip, { filter: isWithin })
  } catch {
    throw new PackedFileError('The file is cut off or is no zip. Get it again from where it came from.')
  }
  if (isTight || count > LIMITS.entries || size > LIMITS.bytes)
    throw new PackedFileError('The kit is larger than one may be: 5,000 files, 128 MB unpacked.')
  return entries
}

export type KitWorker = typeof worker

expose(worker)
