import { readFileSync } from 'node:fs'
import { join } from 'node:path'
import type { Sequelize } from 'sequelize'
import { readProjectFile } from '@nolvex/core/formats/projectFile'
import { rootFolder } from '../config'
import { ProjectRow } from '../projects/projectModel'
import { createProject, startingDocuments } from '../projects/projectService'

/** The demo project keeps its id, so that links to it last. */
export const DEMO_ID = 'skerrinferries00'
const EMPTY_ID = 'emptyproject0000'

/**
 * Loads the demo into an empty database; `reset` puts the demo project back as it was and touches nothing else.
 * A second, empty project shows the start.
 */
export async function loadDemo(sequelize: Sequelize, how: 'load' | 'reset'): Promise<void> {
  const count = await ProjectRow.count()
  if (how === 'load' && count > 0) return
  if (how === 'reset') await ProjectRow.destroy({ where: { id: DEMO_ID } })
  if (count === 0) {
    await createProject(
      sequelize,
      { name: 'Untitled project', documents: startingDocuments(), assets: [] },
      EMPTY_ID,
    )
  }
  const file = readFileSync(join(rootFolder(), 'demo', 'skerrin-ferries.nolvex.zip'))
  await createProject(sequelize, readProjectFile(new Uint8Array(file)), DEMO_ID)
}
