import { z } from 'zod'
import { hexSchema } from '../colour/hex'
import { roleSchema } from '../colour/roles'
import { idSchema } from '../document/ids'
import { leaf } from '../document/leafTable'

/** A colour of the style guide, one of its own, the one of a role with what stands for it while there is none, or none. */
export const colourSchema = z.union([
  leaf(z.strictObject({ token: idSchema })),
  leaf(z.strictObject({ hex: hexSchema })),
  leaf(z.strictObject({ role: roleSchema, hex: hexSchema })),
  z.literal('none'),
])

export type Colour = z.infer<typeof colourSchema>
