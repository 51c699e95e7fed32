import { z } from 'zod'
import { idSchema } from '../document/ids'

/** A finding somebody looked at and left as it is, with the reason. */
export const ignoredFindingSchema = z.strictObject({
  id: idSchema,
  /** id of the rule */
  rule: z.string().max(60),
  /** the record it is about */
  about: z.string().max(60),
  /** the page it was found on, where it is about a block */
  page: idSchema.optional(),
  /** what it said when it was left */
  says: z.string().max(1000),
  reason: z.string().max(500),
})
export type IgnoredFinding = z.infer<typeof ignoredFindingSchema>
