import type { Sequelize } from 'sequelize'
import { recordsNaming } from '@nolvex/core/document/recordsNaming'
import type { SiteDocument } from '@nolvex/core/site/site'
import type { ProjectStates } from '../documents/projectState'
import { Problem } from '../http/problem'
import { ProjectRow } from '../projects/projectModel'
import { VersionRow } from '../versions/versionModel'
import type { AssetRow } from './assetModels'

/**
 * Takes a picture or file out of a project when nothing shows it: neither the project as it is nor a kept version.
 * @throws Problem 409 that says what shows it
 */
export async function deleteAsset(
  sequelize: Sequelize,
  states: ProjectStates,
  asset: AssetRow,
): Promise<void> {
  const { projectId, id, name } = asset
  const versions = await VersionRow.findAll({ where: { projectId }, order: ['revision'] })
  for (const { revision, name: version } of versions)
    if (recordsNaming((await states.at(projectId, revision)).documents, id).length)
      throw new Problem(409, `the version “${version}” shows it. Forget that version first.`)
  await sequelize.transaction(async (transaction) => {
    // Held as a change would, so that none puts it on a page meanwhile.
    const project = await ProjectRow.findByPk(projectId, { transaction, lock: transaction.LOCK.UPDATE })
    if (!project) throw new Problem(404, 'There is no such project. It may have been deleted.')
    const { documents } = await states.at(projectId, project.revision, transaction)
    const [use] = recordsNaming(documents, id)
    if (use) {
      const page = (documents.site as unknown as SiteDocument).records.pages[use.document]
      throw new Problem(409, `“${name}” is used${page ? ` on ${page.title}` : ''}. Take it off there first.`)
    }
    await asset.destroy({ transaction })
  })
}
