import { join } from 'node:path'
import type { Sequelize } from 'sequelize'
import type { AssetType } from '@nolvex/core/formats/projectFile'
import type { Children } from '../children/children'
import { Problem } from '../http/problem'
import { AssetRow } from './assetModels'
import { storeBlob } from './blobs'
import type { CheckedPicture } from './checkPicture'
import { kindOfFile } from './fileKind'

/** What looking at one picture may take. */
export const PICTURE_LIMITS = { seconds: 20, megabytes: 900 }

interface NewAsset {
  id: string
  name: string
  /** name of the file in the folder */
  file: string
}

/**
 * Has a picture checked by a child process and stores it with a project; what is no picture is stored as a file when it
 * may be one, and is only ever handed back.
 * @returns it, and the colours it was in where it has been converted to sRGB
 */
export async function storeAsset(
  sequelize: Sequelize,
  children: Children,
  projectId: string,
  folder: string,
  { id, name, file }: NewAsset,
  mayBeFile: boolean,
): Promise<{ asset: AssetRow; convertedFrom?: string }> {
  const checked = await children
    .run('checkPicture', folder, { name, file }, PICTURE_LIMITS)
    .catch((error) => {
      if (mayBeFile && error instanceof Problem && error.status === 422) return asFile(folder, file)
      throw error
    })
  const { type, width, height, convertedFrom } = checked
  const sha256 = await storeBlob(sequelize, join(folder, checked.file))
  const asset = await AssetRow.create({ projectId, id, sha256, name, type, width, height })
  return { asset, convertedFrom }
}

/** A file that is only kept and handed back. */
async function asFile(folder: string, file: string): Promise<CheckedPicture> {
  const type: AssetType =
    (await kindOfFile(join(folder, file))) === 'PDF' ? 'application/pdf' : 'application/octet-stream'
  return { type, file, width: 0, height: 0 }
}
