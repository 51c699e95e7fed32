import { z } from 'zod'
import { idSchema } from '../document/ids'
import { leaf } from '../document/leafTable'
import { richTextSchema } from '../document/richText'
import { arrangeSchema, lookSchema, placeSchema } from './leaves'

export const BLOCK_KINDS = ['section', 'box', 'text', 'picture', 'button'] as const
export type BlockKindName = (typeof BLOCK_KINDS)[number]

export const TAGS = [
  'header',
  'section',
  'footer',
  'nav',
  'aside',
  'article',
  'div',
  'h1',
  'h2',
  'h3',
  'h4',
  'h5',
  'h6',
  'p',
  'blockquote',
  'picture',
  'button',
] as const
export type Tag = (typeof TAGS)[number]

const picture = leaf(
  z.strictObject({
    asset: idSchema.optional(),
    /** natural size, px; the ratio a fit height keeps */
    width: z.number().min(1).max(20_000),
    height: z.number().min(1).max(20_000),
    alt: z.string().max(500),
  }),
)

const varying = {
  arrange: arrangeSchema.optional(),
  place: placeSchema.optional(),
  look: lookSchema.optional(),
  hidden: z.boolean().optional(),
}

/** What a block's kind, the block itself and each band say of it, one over the other. */
export const varyingSchema = z.strictObject(varying)

/** A block as a drawing stores it. Values that stand on it are the lead band's; `at` holds what a band changes. */
export const blockSchema = z.strictObject({
  id: idSchema,
  parent: idSchema.optional(),
  order: z.string().min(1).max(80),
  kind: z.enum(BLOCK_KINDS),
  name: z.string().max(200).optional(),
  tag: z.enum(TAGS).optional(),
  section: idSchema.optional(),
  text: richTextSchema.optional(),
  picture: picture.optional(),
  locked: z.boolean().optional(),
  ...varying,
  at: z
    .record(
      idSchema,
      z.strictObject({
        ...varying,
        order: z.string().min(1).max(80).optional(),
        /** leaves, keys joined by points, that are as the kind has them although the band nearer the lead sets them */
        without: z.record(z.string().max(60), z.literal(true)).optional(),
      }),
    )
    .optional(),
})

export type Block = z.infer<typeof blockSchema>
export type Picture = z.infer<typeof picture>
