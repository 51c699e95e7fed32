import {
  DataTypes,
  Model,
  type CreationOptional,
  type InferAttributes,
  type InferCreationAttributes,
  type Sequelize,
} from 'sequelize'
import type { ProjectAsset } from '@nolvex/core/formats/projectFile'

/** A picture of a project: the only way to a blob. */
export class AssetRow extends Model<InferAttributes<AssetRow>, InferCreationAttributes<AssetRow>> {
  declare projectId: string
  declare id: string
  declare sha256: string
  declare name: string
  declare type: ProjectAsset['type']
  declare width: number
  declare height: number
}

export class BlobRow extends Model<InferAttributes<BlobRow>, InferCreationAttributes<BlobRow>> {
  declare sha256: string
  declare size: number
  /** when it was stored last; what nothing refers to is kept for some minutes */
  declare storedAt: CreationOptional<Date>
}

/** A part of a blob, at most 1 MiB. */
export class BlobChunkRow extends Model<
  InferAttributes<BlobChunkRow>,
  InferCreationAttributes<BlobChunkRow>
> {
  declare sha256: string
  declare position: number
  declare bytes: Buffer
}

export function defineAssets(sequelize: Sequelize) {
  // Made anew for each column: Sequelize writes the column's name into it.
  const text = () => ({ type: DataTypes.TEXT, allowNull: false })
  const integer = () => ({ type: DataTypes.INTEGER, allowNull: false })
  AssetRow.init(
    {
      projectId: { ...text(), primaryKey: true },
      id: { ...text(), primaryKey: true },
      sha256: text(),
      name: text(),
      type: text(),
      width: integer(),
      height: integer(),
    },
    { sequelize, tableName: 'assets', underscored: true, updatedAt: false },
  )
  const bare = { sequelize, underscored: true, timestamps: false }
  BlobRow.init(
    { sha256: { ...text(), primaryKey: true }, size: integer(), storedAt: DataTypes.DATE },
    { ...bare, tableName: 'blobs' },
  )
  BlobChunkRow.init(
    {
      sha256: { ...text(), primaryKey: true },
      position: { ...integer(), primaryKey: true },
      bytes: DataTypes.BLOB,
    },
    { ...bare, tableName: 'blob_chunks' },
  )
}
