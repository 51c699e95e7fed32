import type { Documents } from '@nolvex/core/document/types'
import { aroundPages, pageDrawings, picturesShown, type PageSources } from '@nolvex/core/resolve/pageSources'
import { AssetRow } from '../assets/assetModels'
import { Problem } from '../http/problem'
import type { PackExport } from './jobModel'
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
  const around = aroundPages(documents)
  const pages = Object.fromEntries(drawings.map(({ id }) => [id, documents[id]]))
  await documentsInto(folder, { ...around, site, style, ...pages })
  const files = await assetsInto(folder, await picturesOn(project.id, drawings, around))
  return {
    wanted,
    title: project.name,
    pictures: files.map(({ asset: { id, type }, file }) => ({ id, type, file })),
  }
}

/** The pictures drawings show. */
export function picturesOn(
  projectId: string,
  drawings: PageSources['drawing'][],
  around: Documents,
): Promise<AssetRow[]> {
  return AssetRow.findAll({ where: { projectId, id: picturesShown(drawings, around) } })
}
