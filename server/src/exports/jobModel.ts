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
import { PAPERS, type PaperName } from '@nolvex/core/paint/paper'

/** What pages are taken away in: wireframes in pencil or in greys, or the mockup. */
export const FINISH_NAMES = ['sketch', 'plain', 'finished'] as const
export type FinishName = (typeof FINISH_NAMES)[number]

const pageExportSchema = z.strictObject({
  format: z.enum(['svg', 'png', 'html']),
  page: idSchema,
  /** px of page width for a picture; HTML holds all bands */
  width: z.int().min(200).max(4000).default(1440),
  /** device pixels for each px of a PNG */
  scale: z.union([z.literal(1), z.literal(2), z.literal(3)]).default(1),
  /** of a picture */
  finish: z.enum(FINISH_NAMES).default('plain'),
})

const mapExportSchema = z.strictObject({
  format: z.literal('map'),
  file: z.enum(['pdf', 'svg', 'png']),
  paper: z.enum(Object.keys(PAPERS) as [PaperName, ...PaperName[]]),
  direction: z.enum(['down', 'across']).default('down'),
  connectors: z.enum(['straight', 'stepped', 'curved']).default('stepped'),
  heavy: z.boolean().default(false),
  sections: z.boolean().default(true),
  menus: z.boolean().default(true),
  /** the journey drawn over the tree */
  journey: idSchema.optional(),
  /** printed in the title block */
  date: z.iso.date(),
})

const gridExportSchema = z.strictObject({
  format: z.literal('grid'),
  file: z.enum(['pdf', 'svg', 'png']),
  paper: z.enum(Object.keys(PAPERS) as [PaperName, ...PaperName[]]),
  date: z.iso.date(),
})

const guideExportSchema = z.strictObject({
  format: z.literal('guide'),
  file: z.enum(['pdf', 'svg', 'png', 'html']),
  paper: z.enum(Object.keys(PAPERS) as [PaperName, ...PaperName[]]),
  date: z.iso.date(),
})

const boardExportSchema = z.strictObject({
  format: z.literal('board'),
  board: idSchema,
  file: z.enum(['pdf', 'svg', 'png']),
  /** pixels for each px of a PNG: boards are large */
  scale: z.union([z.literal(0.5), z.literal(1), z.literal(2)]).default(1),
})

const packExportSchema = z.strictObject({
  format: z.literal('pack'),
  file: z.enum(['html', 'svg', 'png', 'pdf']),
  /** pages that are drawn; none named: all of them */
  pages: z.array(idSchema).max(2000).default([]),
  /** bands pictures and sheets are made at; none named: all */
  bands: z.array(idSchema).max(50).default([]),
  finish: z.enum(FINISH_NAMES).default('plain'),
  scale: z.union([z.literal(1), z.literal(2), z.literal(3)]).default(1),
  /** pictures in HTML come in several widths, as AVIF and WebP beside their own type */
  responsive: z.boolean().default(true),
  /** notes are numbered on sheets, with a legend below */
  notes: z.boolean().default(true),
  date: z.iso.date(),
})

const reviewExportSchema = z.strictObject({
  format: z.literal('review'),
  file: z.enum(['pdf', 'html']),
  paper: z.enum(Object.keys(PAPERS) as [PaperName, ...PaperName[]]).default('A4'),
  date: z.iso.date(),
})

/** What may be asked of an export: a page, several pages, the map or the style guide on sheets of paper, the grid on one, a board, or what review found. */
export const exportSchema = z.discriminatedUnion('format', [
  pageExportSchema,
  mapExportSchema,
  gridExportSchema,
  guideExportSchema,
  boardExportSchema,
  packExportSchema,
  reviewExportSchema,
])

export type PageExport = z.infer<typeof pageExportSchema>
export type GridExport = z.infer<typeof gridExportSchema>
export type GuideExport = z.infer<typeof guideExportSchema>
export type BoardExport = z.infer<typeof boardExportSchema>
export type MapExport = z.infer<typeof mapExportSchema>
export type PackExport = z.infer<typeof packExportSchema>
export type ReviewExport = z.infer<typeof reviewExportSchema>
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
  /** how far it has come, 0 to 1 */
  declare progress: CreationOptional<number>
  /** how often it was begun; one that ends its server each time is not tried for ever */
  declare attempts: CreationOptional<number>
  declare finishedAt: CreationOptional<Date | null>
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
      progress: { type: DataTypes.REAL, allowNull: false, defaultValue: 0 },
      attempts: { type: DataTypes.INTEGER, allowNull: false, defaultValue: 0 },
      finishedAt: DataTypes.DATE,
    },
    { sequelize, tableName: 'jobs', underscored: true, updatedAt: false },
  )
}
