import type { Transaction } from 'sequelize'
import type { ProjectAsset } from '@nolvex/core/formats/projectFile'
import { AssetRow } from './assetModels'
import { storeBlob } from './blobs'
import { checkPicture } from './checkPicture'

/** Checks a picture and stores it with a project. */
export async function storeAsset(
  projectId: string,
  { id, name, bytes }: Pick<ProjectAsset, 'id' | 'name' | 'bytes'>,
  transaction?: Transaction,
): Promise<AssetRow> {
  const picture = await checkPicture(name, Buffer.from(bytes))
  const sha256 = await storeBlob(picture.bytes, transaction)
  const { type, width, height } = picture
  return AssetRow.create({ projectId, id, sha256, name, type, width, height }, { transaction })
}
