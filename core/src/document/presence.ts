import { z } from 'zod'
import { idSchema } from './ids'

/** Where somebody is in a project: the document, and the instances selected there, by key. */
export const whereSchema = z.strictObject({
  document: idSchema,
  /** a selection of more than so many is told by its first */
  selected: z.array(z.string().min(1).max(120)).max(8),
})

/** What a tab says over its stream of where it is; nothing when it is nowhere. */
export const whereaboutsSchema = z.strictObject({ where: whereSchema.nullable() })

/** The same as others hear it: from which tab. */
export const presenceSchema = z.strictObject({
  from: z.string().min(1).max(40),
  where: whereSchema.nullable(),
})

export type Where = z.infer<typeof whereSchema>
export type Presence = z.infer<typeof presenceSchema>
