import { copyFile } from 'node:fs/promises'
import { join } from 'node:path'
import type { Sequelize } from 'sequelize'
import type { Children } from '../children/children'
import { inWorkFolder } from '../children/workFolder'
import { rootFolder } from '../config'
import { ProjectRow } from '../projects/projectModel'
import { createProject, openProjectFile } from '../projects/projectService'

/** The demo project keeps its id, so that links to it last. */
export const DEMO_ID = 'skerrinferries00'
const EMPTY_ID = 'emptyproject0000'

/**
 * Loads the demo into an empty database; `reset` puts the demo project back as it was and touches nothing else.
 * A second, empty project shows the start.
 */
export async function loadDemo(
  sequelize: Sequelize,
  children: Children,
  how: 'load' | 'reset',
): Promise<void> {
  const count = await ProjectRow.count()
  if (how === 'load' && count > 0) return
  if (how === 'reset') await ProjectRow.destroy({ where: { id: DEMO_ID } })
  if (count === 0) await createProject(sequelize, 'Untitled project', { id: EMPTY_ID })
  await inWorkFolder(async (folder) => {
    await copyFile(join(rootFolder(), 'demo', 'skerrin-ferries.nolvex.zip'), join(folder, 'upload'))
    await openProjectFile(sequelize, children, folder, DEMO_ID)
  })
}
