import { z } from 'zod'
import { hexSchema } from '../colour/hex'
import { idSchema } from '../document/ids'
import { leaf } from '../document/leafTable'

/** A colour of the style guide, one of its own, or none. */
export const colourSchema = z.union([
  leaf(z.strictObject({ token: idSchema })),
  leaf(z.strictObject({ hex: hexSchema })),
  z.literal('none'),
])

export type Colour = z.infer<typeof colourSchema>
