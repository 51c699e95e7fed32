import { z } from 'zod'
import { idSchema } from '../document/ids'
import { leaf } from '../document/leafTable'
import { arrangeSchema } from './arrange'
import { lookSchema } from './looks'
import { PART_STATE_NAMES, type PartState } from './partState'
import { placeSchema } from './place'

const stateSchema = z.strictObject({ look: lookSchema.optional() })

/** The values of a block that its kind, the block itself and each band give, one over the other. */
export const varyingFields = {
  arrange: arrangeSchema.optional(),
  place: placeSchema.optional(),
  look: lookSchema.optional(),
  hidden: z.boolean().optional(),
  /** how the block shows itself, where its kind has several ways: a menu open or behind a button, a table as pairs */
  manner: z.enum(['open', 'button', 'rows', 'pairs']).optional(),
  /** how it looks otherwise in states it may be in */
  states: z
    .strictObject(
      Object.fromEntries(PART_STATE_NAMES.map((state) => [state, stateSchema.optional()])) as {
        [State in PartState]: z.ZodOptional<typeof stateSchema>
      },
    )
    .optional(),
  /** what a copy makes otherwise than its original, by the ids of the shared block's named values */
  values: z.record(idSchema, leaf(z.json())).optional(),
}

export const varyingSchema = z.strictObject(varyingFields)

export type Varying = z.infer<typeof varyingSchema>
