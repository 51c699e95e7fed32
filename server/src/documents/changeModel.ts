import {
  DataTypes,
  Model,
  type CreationOptional,
  type InferAttributes,
  type InferCreationAttributes,
  type Sequelize,
} from 'sequelize'
import { migratedParts } from '@nolvex/core/document/migrate'
import type { ChangePart, LoggedChange, Outcome } from '@nolvex/core/document/types'
import { documentKinds } from '@nolvex/core/resolve/documentKinds'

/** A change as it was logged. */
export class ChangeRow extends Model<InferAttributes<ChangeRow>, InferCreationAttributes<ChangeRow>> {
  declare projectId: string
  declare revision: number
  declare id: string
  declare client: string
  declare base: number
  declare label: string
  declare schema: number
  declare parts: ChangePart[]
  declare inverse: ChangePart[]
  declare outcomes: Outcome[]
  /** of parts, inverse and outcomes as JSON */
  declare bytes: number
}

/** Documents of a project at a revision, packed. */
export class SnapshotRow extends Model<InferAttributes<SnapshotRow>, InferCreationAttributes<SnapshotRow>> {
  declare projectId: string
  declare revision: number
  declare body: Buffer
  /** unpacked; unknown of those that servers before wrote */
  declare bytes: CreationOptional<number | null>
}

/** Number of the form of log entries; what they hold says its own schema. */
export const LOG_SCHEMA = 1

export function defineChanges(sequelize: Sequelize) {
  // Made anew for each column: Sequelize writes the column's name into it.
  const text = () => ({ type: DataTypes.TEXT, allowNull: false })
  const integer = () => ({ type: DataTypes.INTEGER, allowNull: false })
  ChangeRow.init(
    {
      projectId: { ...text(), primaryKey: true },
      revision: { ...integer(), primaryKey: true },
      id: text(),
      client: text(),
      base: integer(),
      label: text(),
      schema: integer(),
      parts: DataTypes.JSONB,
      inverse: DataTypes.JSONB,
      outcomes: DataTypes.JSONB,
      bytes: integer(),
    },
    { sequelize, tableName: 'changes', underscored: true, updatedAt: false },
  )
  SnapshotRow.init(
    {
      projectId: { ...text(), primaryKey: true },
      revision: { ...integer(), primaryKey: true },
      body: DataTypes.BLOB,
      bytes: DataTypes.INTEGER,
    },
    { sequelize, tableName: 'snapshots', underscored: true, timestamps: false },
  )
}

/** A row with its changes brought to the present schemas. */
export function broughtUp(row: ChangeRow): ChangeRow {
  row.parts = migratedParts(documentKinds, row.parts)
  row.inverse = migratedParts(documentKinds, row.inverse)
  return row
}

/** A row as it goes to clients. */
export function loggedChange({
  revision,
  id,
  client,
  base,
  label,
  parts,
  inverse,
  outcomes,
}: ChangeRow): LoggedChange {
  return { revision, id, client, base, label, parts, inverse, outcomes }
}
