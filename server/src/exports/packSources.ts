import type { Documents } from '@nolvex/core/document/types'
import type { StoredDocument } from '@nolvex/core/document/types'
import { backdropAssets } from '@nolvex/core/block/looks/backdrop'
import { ownFonts } from '@nolvex/core/style/families'
import type { StyleDocument } from '@nolvex/core/style/style'
import type { AssetFile } from './render'
import type { OwnFontFile } from '../fonts/fontsInUse'
import { aroundPages, pageDrawings, picturesShown, type PageSources } from '@nolvex/core/resolve/pageSources'
import { AssetRow } from '../assets/assetModels'
import { Problem } from '../http/problem'
import type { BoardExport, PackExport, ReviewExport } from './jobModel'
import type { RenderInput } from './render'
import { assetsInto, documentsInto } from './sourceFiles'

/**
 * Lays what several pages are rendered from into a folder.
 * @throws Problem where none of them has a drawing
 */
export async function packInto(
  folder: string,
  project: { id: string; name: string },
  documents: Documents,
  wanted: PackExport,
): Promise<RenderInput> {
  const isWanted = (page: string) => wanted.pages.length === 0 || wanted.pages.includes(page)
  const { site, style } = documents
  const drawings = pageDrawings(documents).filter(
    ({ id, records }) => isWanted(id) && Object.keys(records.blocks).length > 0,
  )
  if (drawings.length === 0)
    throw new Problem(422, 'None of these pages has a drawing yet. Draft them from the map first.')
  const { overlays } = (site as unknown as PageSources['site']).records
  drawings.push(
    ...Object.keys(overlays).flatMap(
      (id) => (documents[id] as unknown as PageSources['drawing'] | undefined) ?? [],
    ),
  )
  const around = aroundPages(documents)
  const pages = Object.fromEntries(drawings.map(({ id }) => [id, documents[id]]))
  await documentsInto(folder, { ...around, site, style, ...pages })
  const files = await assetsInto(folder, await picturesOn(project.id, drawings, style, around))
  return {
    fonts: await ownFontsInto(folder, project.id, style),
    wanted,
    title: project.name,
    pictures: files.map(({ asset: { id, type }, file }) => ({ id, type, file })),
  }
}

/**
 * Lays what a board is rendered from into a folder.
 * @throws Problem where the board is gone, or holds no page yet
 */
export async function boardInto(
  folder: string,
  project: { id: string; name: string },
  documents: Documents,
  wanted: BoardExport,
): Promise<RenderInput> {
  const { boards } = (documents.site as unknown as PageSources['site']).records
  const board = boards[wanted.board]
  if (!board) throw new Problem(404, 'This board no longer exists. Choose another one.')
  if (!board.items?.length) throw new Problem(422, `“${board.name}” holds no page yet. Put one on it.`)
  const pages = board.items.map(({ page }) => page)
  return {
    ...(await packInto(folder, project, documents, { ...NO_PACK, pages })),
    wanted,
    title: board.name,
  }
}

/** Lays a whole project into a folder, to be looked over. */
export async function reviewInto(
  folder: string,
  project: { id: string; name: string },
  documents: Documents,
  wanted: ReviewExport,
): Promise<RenderInput> {
  await documentsInto(folder, documents)
  const around = aroundPages(documents)
  const files = await assetsInto(
    folder,
    await picturesOn(project.id, pageDrawings(documents), documents.style, around),
  )
  return {
    ...{ wanted, title: project.name, fonts: await ownFontsInto(folder, project.id, documents.style) },
    pictures: files.map(({ asset: { id, type }, file }) => ({ id, type, file })),
  }
}

const NO_PACK: PackExport = {
  ...{ format: 'pack', file: 'png', finish: 'finished', scale: 1, notes: false, responsive: false },
  ...{ pages: [], bands: [], date: '1970-01-01' },
}

/** Lays a project's own fonts into a folder. */
export async function ownFontsInto(
  folder: string,
  projectId: string,
  style: StoredDocument,
): Promise<OwnFontFile[]> {
  const wanted = ownFonts(style as unknown as StyleDocument)
  if (wanted.length === 0) return []
  const rows = await AssetRow.findAll({ where: { projectId, id: wanted.map(({ asset }) => asset) } })
  const laid = new Map((await assetsInto(folder, rows)).map(({ asset, file }) => [asset.id, file]))
  return wanted.flatMap(({ asset, ...font }) => {
    const file = laid.get(asset)
    return file === undefined ? [] : [{ ...font, file }]
  })
}

/** Lays the files of a project's brand, its mood and its parts into a folder. */
export async function brandInto(
  folder: string,
  projectId: string,
  style: StoredDocument,
): Promise<AssetFile[]> {
  const { marks = {}, moods = {}, parts } = (style as unknown as StyleDocument).records
  const shown = [...Object.values(marks), ...Object.values(moods)].flatMap(({ file }) => file.asset ?? [])
  const wanted = [...new Set([...shown, ...Object.values(parts).flatMap(backdropAssets)])]
  const rows = wanted.length ? await AssetRow.findAll({ where: { projectId, id: wanted } }) : []
  const files = await assetsInto(folder, rows)
  return files.map(({ asset: { id, type }, file }) => ({ id, type, file }))
}

/** The pictures drawings show. */
export function picturesOn(
  projectId: string,
  drawings: PageSources['drawing'][],
  style: StoredDocument,
  around: Documents,
): Promise<AssetRow[]> {
  return AssetRow.findAll({
    where: { projectId, id: picturesShown(drawings, style as unknown as StyleDocument, around) },
  })
}
