import { randomFillSync } from 'node:crypto'
import type { Sequelize } from 'sequelize'
import { idMaker } from '@nolvex/core/document/ids'
import type { Documents } from '@nolvex/core/document/types'
import { usualSite } from '@nolvex/core/site/usualSite'
import { plainStyle } from '@nolvex/core/style/plainStyle'
import type { Project } from '@nolvex/core/formats/projectFile'
import { storeAsset } from '../assets/assetService'
import { writeSnapshot } from '../documents/projectState'
import { Problem } from '../http/problem'
import { ProjectRow } from './projectModel'

export const newId = idMaker((bytes) => randomFillSync(bytes))

/** The project with this id. @throws Problem 404 */
export async function findProject(id: string): Promise<ProjectRow> {
  const project = await ProjectRow.findByPk(id)
  if (!project) throw new Problem(404, 'There is no such project. It may have been deleted.')
  return project
}

/** What a new project holds: the usual bands and grids and the plain style, and no page yet. */
export const startingDocuments = (): Documents =>
  ({ site: usualSite, style: plainStyle }) as unknown as Documents

/** Creates a project with documents and pictures. Its first revision is a snapshot. */
export async function createProject(
  sequelize: Sequelize,
  { name, documents, assets }: Project,
  id = newId(),
): Promise<ProjectRow> {
  return sequelize.transaction(async (transaction) => {
    const project = await ProjectRow.create({ id, name, revision: 1 }, { transaction })
    for (const asset of assets)
      await storeAsset(project.id, asset, { mayBeFile: !asset.type.startsWith('image/'), transaction })
    await writeSnapshot(project.id, { revision: 1, documents }, transaction)
    return project
  })
}
