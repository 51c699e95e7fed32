import { writeProjectFile, type ProjectAsset } from '@nolvex/core/formats/projectFile'
import type { Documents } from '@nolvex/core/document/types'
import { AssetRow } from '../assets/assetModels'
import { wholeBlob } from '../assets/blobs'

/** A project with its original pictures as a project file. */
export async function projectFileOf(
  projectId: string,
  name: string,
  documents: Documents,
): Promise<Uint8Array> {
  const rows = await AssetRow.findAll({ where: { projectId }, order: ['id'] })
  const assets = await Promise.all(
    rows.map(async ({ id, name, type, sha256 }): Promise<ProjectAsset> => {
      return { id, name, type, bytes: new Uint8Array(await wholeBlob(sha256)) }
    }),
  )
  return writeProjectFile({ name, documents, assets })
}
