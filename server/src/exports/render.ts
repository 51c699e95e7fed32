import { readFile, writeFile } from 'node:fs/promises'
import { join } from 'node:path'
import { pageSources, type PageSources } from '@nolvex/core/resolve/pageSources'
import { useOwnFonts, type OwnFontFile } from '../fonts/fontsInUse'
import { unpackDocuments } from '../documents/packing'
import type { ExportInput } from './jobModel'
import { paintableAddress } from './paintable'
import { progressInto } from './progress'
import type { GridInput } from './renderGrid'

/** A picture of a project, as it lies in the folder. */
export interface AssetFile {
  id: string
  type: string
  file: string
}

/** What a child process renders besides the documents, which lie packed in the folder as `documents`. */
export interface RenderInput {
  wanted: ExportInput
  title: string
  /** pictures of a page */
  pictures: AssetFile[]
  /** fonts of the project's own */
  fonts?: OwnFontFile[]
  /** who agreed the grid, or approved the style guide */
  agreed?: GridInput['agreed']
}

/**
 * Renders an export into a folder as `result`. To be run in a child process.
 * @throws Problem for what cannot be rendered, with what to do instead
 */
export async function render(folder: string, input: RenderInput): Promise<object> {
  useOwnFonts(folder, input.fonts ?? [])
  await writeFile(join(folder, 'result'), await rendered(folder, input))
  return {}
}

async function rendered(
  folder: string,
  { wanted, title, pictures, agreed }: RenderInput,
): Promise<Uint8Array> {
  const documents = await unpackDocuments(await readFile(join(folder, 'documents')))
  const { site, style } = documents as unknown as Pick<PageSources, 'site' | 'style'>
  switch (wanted.format) {
    case 'map':
      return (await import('./renderMap')).renderMap({ ...wanted, title, site })
    case 'grid':
      return (await import('./renderGrid')).renderGrid({ ...wanted, title, site, agreed })
    case 'board':
      return (await import('./renderBoard')).renderBoard({
        ...wanted,
        documents,
        pictures: await addresses(folder, pictures, paintableAddress),
      })
    case 'guide':
      return (await import('./renderGuide')).renderGuide({
        ...{ ...wanted, title, site, style, approved: agreed },
        pictures: await addresses(folder, pictures, dataAddress),
      })
    case 'pack': {
      const assets = await Promise.all(pictures.map((one) => assetOf(folder, one)))
      return (await import('./renderPack')).renderPack(
        { ...wanted, title, documents, assets },
        progressInto(folder),
      )
    }
    case 'review': {
      const assets = await Promise.all(pictures.map((one) => assetOf(folder, one)))
      return (await import('./renderReview')).renderReview(
        { ...wanted, title, documents, assets },
        progressInto(folder),
      )
    }
    default: {
      const { renderPage } = await import('./renderPage')
      const sources = pageSources(documents, wanted.page)
      const address = wanted.format === 'html' ? dataAddress : paintableAddress
      return renderPage({ ...wanted, title, sources, pictures: await addresses(folder, pictures, address) })
    }
  }
}

async function assetOf(folder: string, { id, type, file }: AssetFile) {
  return { id, type, bytes: new Uint8Array(await readFile(join(folder, file))) }
}

const dataAddress = (type: string, bytes: Uint8Array) =>
  `data:${type};base64,${Buffer.from(bytes).toString('base64')}`

async function addresses(
  folder: string,
  pictures: AssetFile[],
  addressOf: (type: string, bytes: Uint8Array) => string | Promise<string>,
): Promise<Record<string, string>> {
  const found: Record<string, string> = {}
  for (const { id, type, file } of pictures)
    found[id] = await addressOf(type, await readFile(join(folder, file)))
  return found
}
