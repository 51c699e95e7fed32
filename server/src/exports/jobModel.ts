import {
  DataTypes,
  Model,
  type CreationOptional,
  type InferAttributes,
  type InferCreationAttributes,
  type Sequelize,
} from 'sequelize'
import { z } from 'zod'
import { idSchema } from '@nolvex/core/document/ids'

/** What may be asked of an export. */
export const exportSchema = z.strictObject({
  format: z.enum(['svg', 'png', 'html']),
  page: idSchema,
  /** px of page width for a picture; HTML holds all bands */
  width: z.int().min(200).max(4000).default(1440),
  /** device pixels for each px of a PNG */
  scale: z.union([z.literal(1), z.literal(2)]).default(1),
})

export type ExportInput = z.infer<typeof exportSchema>
export type JobState = 'waiting' | 'running' | 'done' | 'failed' | 'cancelled'

/** A heavy export waiting, running or done. */
export class JobRow extends Model<InferAttributes<JobRow>, InferCreationAttributes<JobRow>> {
  declare id: string
  declare projectId: string
  declare input: ExportInput
  declare state: CreationOptional<JobState>
  declare error: CreationOptional<string | null>
  declare result: CreationOptional<string | null>
}

export function defineJobs(sequelize: Sequelize) {
  // Made anew for each column: Sequelize writes the column's name into it.
  const text = () => ({ type: DataTypes.TEXT, allowNull: false })
  JobRow.init(
    {
      id: { ...text(), primaryKey: true },
      projectId: text(),
      input: DataTypes.JSONB,
      state: { ...text(), defaultValue: 'waiting' },
      error: DataTypes.TEXT,
      result: DataTypes.TEXT,
    },
    { sequelize, tableName: 'jobs', underscored: true, updatedAt: false },
  )
}
