import { randomFillSync } from 'node:crypto'
import { readFile } from 'node:fs/promises'
import { join } from 'node:path'
import type { Sequelize } from 'sequelize'
import { idMaker } from '@nolvex/core/document/ids'
import type { Documents } from '@nolvex/core/document/types'
import { usualSite } from '@nolvex/core/site/usualSite'
import { cutText } from '@nolvex/core/text/cutText'
import { plainStyle } from '@nolvex/core/style/plainStyle'
import { AssetRow } from '../assets/assetModels'
import { storeBlob } from '../assets/blobs'
import type { Children } from '../children/children'
import { SnapshotRow } from '../documents/changeModel'
import { packDocuments } from '../documents/packing'
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

type StoredAsset = Pick<AssetRow, 'id' | 'name' | 'type' | 'width' | 'height' | 'sha256'>

interface NewProject {
  name: string
  documents: { body: Buffer; bytes: number }
  assets: StoredAsset[]
}

/** Creates a project with nothing in it yet. @param profile names of the stages it goes through */
export async function createProject(
  sequelize: Sequelize,
  name: string,
  { profile, id = newId() }: { profile?: string[]; id?: string } = {},
): Promise<ProjectRow> {
  const starting = startingDocuments()
  if (profile) {
    const site = structuredClone(usualSite)
    site.records.settings.site.profile = profile
    starting.site = site as unknown as Documents['site']
  }
  return insertProject(sequelize, { name, documents: await packDocuments(starting), assets: [] }, id)
}

const LONGEST_NAME = 200

/** A project like another as it is now, with its pictures and files, without its history and versions. */
export async function copyProject(
  sequelize: Sequelize,
  project: ProjectRow,
  documents: Documents,
): Promise<ProjectRow> {
  const assets = await AssetRow.findAll({ where: { projectId: project.id } })
  const copies = assets.map(({ id, name, type, width, height, sha256 }) => {
    return { id, name, type, width, height, sha256 }
  })
  const name = cutText(`Copy of ${project.name}`, LONGEST_NAME)
  return insertProject(
    sequelize,
    { name, documents: await packDocuments(documents), assets: copies },
    newId(),
  )
}

/** What reading a project file may take. */
const PROJECT_LIMITS = { seconds: 60, megabytes: 1800 }

/**
 * Opens the project file that lies in a folder as `upload`: a child process reads and checks all of it before anything
 * is stored, and then all of it is, or nothing.
 * @throws Problem that says which part of it is wrong
 */
export async function openProjectFile(
  sequelize: Sequelize,
  children: Children,
  folder: string,
  id = newId(),
): Promise<ProjectRow> {
  const { name, snapshot, bytes, assets } = await children.run('openProject', folder, {}, PROJECT_LIMITS)
  const stored: StoredAsset[] = []
  for (const { file, ...asset } of assets)
    stored.push({ ...asset, sha256: await storeBlob(sequelize, join(folder, file)) })
  const body = await readFile(join(folder, snapshot))
  return insertProject(sequelize, { name, documents: { body, bytes }, assets: stored }, id)
}

/** Stores a project; its first revision is a snapshot. */
async function insertProject(
  sequelize: Sequelize,
  { name, documents, assets }: NewProject,
  id: string,
): Promise<ProjectRow> {
  return sequelize.transaction(async (transaction) => {
    const project = await ProjectRow.create({ id, name, revision: 1 }, { transaction })
    await AssetRow.bulkCreate(
      assets.map((asset) => ({ ...asset, projectId: id })),
      { transaction },
    )
    await SnapshotRow.create({ projectId: id, revision: 1, ...documents }, { transaction })
    return project
  })
}
