import { z } from 'zod'
import { hexSchema } from '../colour/hex'
import { idSchema } from '../document/ids'
import { leaf } from '../document/leafTable'
import { lengthSchema, plainLengthSchema } from './lengthSchema'

const nonNegative = plainLengthSchema.refine(
  (length) => 'token' in length || length.value >= 0,
  'this length cannot be negative',
)
const notNegativeWidth = lengthSchema.refine(
  (length) => 'token' in length || length.value >= 0,
  'a width cannot be negative',
)
const sides = <T extends z.ZodType>(side: T) =>
  z.strictObject({
    top: side.optional(),
    right: side.optional(),
    bottom: side.optional(),
    left: side.optional(),
  })

/** Equal tracks by number, unequal ones by their shares, or the band's column grid. */
export const tracksSchema = z.union([
  z.int().min(1).max(100),
  z.array(z.number().min(1).max(100)).min(1).max(100),
  z.literal('columns'),
])

/** How a block's children stand. */
export const arrangeSchema = z.strictObject({
  type: z.enum(['row', 'column', 'grid', 'placed']).optional(),
  gap: nonNegative.optional(),
  /** between rows of a grid and lines of a wrapping row, where it differs from the gap */
  rowGap: nonNegative.optional(),
  padding: sides(nonNegative).optional(),
  justify: z.enum(['start', 'centre', 'end', 'between']).optional(),
  align: z.enum(['start', 'centre', 'end', 'stretch']).optional(),
  wrap: z.boolean().optional(),
  tracks: tracksSchema.optional(),
})

const share = leaf(z.strictObject({ share: z.number().min(1).max(100) }))
/** fit: as large as the content; fill: a share of what is left; else a set length. */
export const widthSchema = z.union([z.enum(['fit', 'fill']), share, notNegativeWidth])
export const heightSchema = z.union([z.enum(['fit', 'fill']), share, nonNegative])

const limit = z.union([z.literal('none'), notNegativeWidth])
const heightLimit = z.union([z.literal('none'), nonNegative])
const anchor = z.enum(['start', 'end', 'both', 'centre', 'proportion'])
const track = z.strictObject({
  start: z.int().min(1).max(100).optional(),
  span: z.union([z.int().min(1).max(100), z.literal('all')]).optional(),
})
/** For `proportion`: where the block begins and how long it is, in % of its parent. */
const proportion = leaf(z.strictObject({ start: z.number(), length: z.number().min(0) }))

/** Where a block stands in its parent and how large it is. */
export const placeSchema = z.strictObject({
  width: widthSchema.optional(),
  height: heightSchema.optional(),
  minWidth: limit.optional(),
  maxWidth: limit.optional(),
  minHeight: heightLimit.optional(),
  maxHeight: heightLimit.optional(),
  column: track.optional(),
  row: z
    .strictObject({ start: z.int().min(1).max(1000).optional(), span: z.int().min(1).max(100).optional() })
    .optional(),
  anchor: z.strictObject({ x: anchor.optional(), y: anchor.optional() }).optional(),
  offset: z
    .strictObject({
      left: lengthSchema.optional(),
      right: lengthSchema.optional(),
      top: plainLengthSchema.optional(),
      bottom: plainLengthSchema.optional(),
      /** from the parent's centre to the block's */
      x: lengthSchema.optional(),
      y: plainLengthSchema.optional(),
      across: proportion.optional(),
      down: proportion.optional(),
    })
    .optional(),
  overflow: z.enum(['visible', 'hidden']).optional(),
})

/** A colour of the style guide, one of its own, or none. */
export const colourSchema = z.union([
  leaf(z.strictObject({ token: idSchema })),
  leaf(z.strictObject({ hex: hexSchema })),
  z.literal('none'),
])

const edge = leaf(
  z.strictObject({ width: nonNegative, line: z.enum(['solid', 'dashed', 'dotted']), colour: colourSchema }),
)

/** How a block looks. */
export const lookSchema = z.strictObject({
  fill: colourSchema.optional(),
  border: sides(z.union([edge, z.literal('none')])).optional(),
  radius: z
    .strictObject({
      topLeft: nonNegative.optional(),
      topRight: nonNegative.optional(),
      bottomRight: nonNegative.optional(),
      bottomLeft: nonNegative.optional(),
    })
    .optional(),
  opacity: z.number().min(0).max(1).optional(),
  /** a type level of the style guide */
  level: idSchema.optional(),
  colour: colourSchema.optional(),
  textAlign: z.enum(['start', 'centre', 'end']).optional(),
  pictureFit: z.enum(['cover', 'contain']).optional(),
})

export type Arrange = z.infer<typeof arrangeSchema>
export type Place = z.infer<typeof placeSchema>
export type Look = z.infer<typeof lookSchema>
export type Colour = z.infer<typeof colourSchema>
export type Edge = z.infer<typeof edge>
export const SIDES = ['top', 'right', 'bottom', 'left'] as const
export type Side = (typeof SIDES)[number]
/** Corners in the order CSS names them. */
export const CORNERS = ['topLeft', 'topRight', 'bottomRight', 'bottomLeft'] as const
