import { z } from 'zod'
import { idSchema, orderSchema } from '../document/ids'
import { leaf } from '../document/leafTable'
import { plainLengthSchema } from '../block/lengthSchema'
import { TEXT_CASES } from '../text/textCase'

const lineHeight = leaf(
  z.strictObject({ value: z.number().min(0.5).max(500), unit: z.enum(['px', 'em', 'rem']) }),
)
const letterSpacing = leaf(z.strictObject({ value: z.number().min(-20).max(50), unit: z.enum(['px', 'em']) }))

const fluidPx = z.number().min(4).max(400)
const width = z.number().min(200).max(4000)
/** A size that grows with the viewport, px at two widths of it. */
const fluid = leaf(
  z
    .strictObject({ least: fluidPx, most: fluidPx, from: width, to: width })
    .refine(({ from, to }) => from < to, 'the wider width has to be wider than the narrower'),
)

const sizes = {
  size: plainLengthSchema.optional(),
  lineHeight: lineHeight.optional(),
  letterSpacing: letterSpacing.optional(),
}

/** What a family of type is called: it stands in CSS and SVG. */
export const familyNameSchema = z
  .string()
  .max(100)
  .regex(
    /^[\p{L}\p{N}][\p{L}\p{N} ._-]*$/u,
    'a family is named in letters, digits, spaces, points and hyphens',
  )

/** A type level: how a rank of text is set. Its size, lines and letters may differ by band. */
export const levelSchema = z.strictObject({
  id: idSchema,
  order: orderSchema,
  name: z.string().min(1).max(100),
  /** what is set in it unless a block says otherwise: h1 to h6, p, button, small */
  role: z.string().max(20).optional(),
  /** a family that ships with the application, one of the project's own, or one that is only named */
  family: familyNameSchema,
  weight: z.int().min(100).max(900),
  italic: z.boolean().optional(),
  size: plainLengthSchema,
  /** in place of the size, at every band that has none of its own */
  fluid: fluid.optional(),
  lineHeight,
  letterSpacing: letterSpacing.optional(),
  case: z.enum(TEXT_CASES).optional(),
  at: z.record(idSchema, z.strictObject(sizes)).optional(),
})

export type Level = z.infer<typeof levelSchema>
