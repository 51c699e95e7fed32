import { z } from 'zod'
import { fileSchema } from '../block/pictureFile'
import { hexSchema } from '../colour/hex'
import { idSchema, orderSchema } from '../document/ids'
import { leaf } from '../document/leafTable'
import { familyNameSchema } from './level'

const words = z.string().max(2000)
const said = { source: z.string().max(500).optional(), licence: z.string().max(500).optional() }

/** A file of the project's own font. */
const fontFileSchema = z.strictObject({
  asset: idSchema,
  weight: z.int().min(1).max(1000),
  italic: z.boolean().optional(),
})

/** A family of type: files of the designer's own, or only a name, shown in another until there are files. */
export const familySchema = z.strictObject({
  id: idSchema,
  order: orderSchema,
  name: familyNameSchema,
  files: leaf(z.array(fontFileSchema).max(40)).optional(),
  licence: z.string().max(2000).optional(),
  /** the family that is shown where there are no files */
  standIn: familyNameSchema.optional(),
})

/** A file of the brand: a logo, the favicon, or artwork of the client's. */
export const markSchema = z.strictObject({
  id: idSchema,
  order: orderSchema,
  name: z.string().min(1).max(100),
  use: z.enum(['logo', 'favicon', 'artwork', 'picture']),
  file: fileSchema,
  /** the ground it is made for */
  ground: z.enum(['light', 'dark', 'any']).optional(),
  /** px it is wide at least */
  least: z.number().min(1).max(4000).optional(),
  /** % of its height that is kept clear round it */
  clear: z.number().min(0).max(400).optional(),
  note: words.optional(),
  ...said,
})

/** A picture of the mood, with what it tells, and the colours it gave. */
export const moodSchema = z.strictObject({
  id: idSchema,
  order: orderSchema,
  file: fileSchema,
  note: words.optional(),
  colours: leaf(z.array(hexSchema).max(12)).optional(),
  ...said,
})

/** How icons are drawn. */
export const iconsSchema = z.strictObject({
  id: z.literal('style'),
  /** px of their lines at 24 px */
  stroke: z.number().min(0.25).max(6).optional(),
  /** whether lines end and meet round */
  corners: z.enum(['round', 'square']).optional(),
  /** px where nothing else is said */
  size: z.number().min(8).max(200).optional(),
})

export type Family = z.infer<typeof familySchema>
export type FontFileRecord = z.infer<typeof fontFileSchema>
export type BrandMark = z.infer<typeof markSchema>
export type Mood = z.infer<typeof moodSchema>
export type IconSettings = z.infer<typeof iconsSchema>
