import { assetsOf } from '@nolvex/core/block/block'
import type { Documents } from '@nolvex/core/document/types'
import type { PageSources } from '@nolvex/core/resolve/resolvePage'
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
  { site, style, ...others }: Documents,
  wanted: PackExport,
): Promise<RenderInput> {
  const isWanted = (page: string) => wanted.pages.length === 0 || wanted.pages.includes(page)
  const drawings = Object.fromEntries(
    Object.entries(others).filter(
      ([page, { kind, records }]) =>
        kind === 'drawing' && isWanted(page) && Object.keys(records.blocks ?? {}).length > 0,
    ),
  )
  if (Object.keys(drawings).length === 0)
    throw new Problem(422, 'None of these pages has a drawing yet. Draft them from the map first.')
  await documentsInto(folder, { site, style, ...drawings })
  const all = Object.values(drawings) as unknown as PageSources['drawing'][]
  const files = await assetsInto(folder, await picturesOn(project.id, all))
  return {
    wanted,
    title: project.name,
    pictures: files.map(({ asset: { id, type }, file }) => ({ id, type, file })),
  }
}

/** The pictures drawings show. */
export function picturesOn(projectId: string, drawings: PageSources['drawing'][]): Promise<AssetRow[]> {
  const ids = new Set(drawings.flatMap(({ records }) => Object.values(records.blocks).flatMap(assetsOf)))
  return AssetRow.findAll({ where: { projectId, id: [...ids] } })
}
