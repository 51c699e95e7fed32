import type { Transaction } from 'sequelize'
import type { AssetType, ProjectAsset } from '@nolvex/core/formats/projectFile'
import { Problem } from '../http/problem'
import { AssetRow } from './assetModels'
import { storeBlob } from './blobs'
import { checkPicture, type CheckedPicture } from './checkPicture'

/**
 * Checks a picture and stores it with a project; what is no picture is stored as a file when it may be one, and is only
 * ever handed back.
 */
export async function storeAsset(
  projectId: string,
  { id, name, bytes }: Pick<ProjectAsset, 'id' | 'name' | 'bytes'>,
  { mayBeFile, transaction }: { mayBeFile?: boolean; transaction?: Transaction } = {},
): Promise<AssetRow> {
  const checked = await checkPicture(name, Buffer.from(bytes)).catch((error: unknown) => {
    if (mayBeFile && error instanceof Problem && error.status === 422 && bytes.length > 0)
      return asFile(bytes)
    throw error
  })
  const sha256 = await storeBlob(checked.bytes, transaction)
  const { type, width, height } = checked
  return AssetRow.create({ projectId, id, sha256, name, type, width, height }, { transaction })
}

function asFile(bytes: Uint8Array): CheckedPicture {
  const isPdf = Buffer.from(bytes.subarray(0, 5)).toString('latin1') === '%PDF-'
  const type: AssetType = isPdf ? 'application/pdf' : 'application/octet-stream'
  return { type, bytes: Buffer.from(bytes), width: 0, height: 0 }
}
