import {
  DataTypes,
  Model,
  type CreationOptional,
  type InferAttributes,
  type InferCreationAttributes,
  type Sequelize,
} from 'sequelize'

/** Somebody who approved a stage. There are no accounts yet, so who it was is typed and unverified. */
export interface Approval {
  name: string
  /** ISO 8601 */
  at: string
  verified: false
}

/** A kept, named state of a project; with a stage it is that stage's gate. */
export class VersionRow extends Model<InferAttributes<VersionRow>, InferCreationAttributes<VersionRow>> {
  declare id: string
  declare projectId: string
  declare revision: number
  declare name: string
  declare note: CreationOptional<string | null>
  declare stage: CreationOptional<string | null>
  declare approvals: CreationOptional<Approval[]>
  declare createdAt: CreationOptional<Date>
}

export function defineVersions(sequelize: Sequelize) {
  // Made anew for each column: Sequelize writes the column's name into it.
  const text = () => ({ type: DataTypes.TEXT, allowNull: false })
  VersionRow.init(
    {
      id: { ...text(), primaryKey: true },
      projectId: text(),
      revision: { type: DataTypes.INTEGER, allowNull: false },
      name: text(),
      note: DataTypes.TEXT,
      stage: DataTypes.TEXT,
      approvals: { type: DataTypes.JSONB, allowNull: false, defaultValue: [] },
      createdAt: DataTypes.DATE,
    },
    { sequelize, tableName: 'versions', underscored: true, updatedAt: false },
  )
}
