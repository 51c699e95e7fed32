import { z } from 'zod'
import { idSchema } from '../document/ids'
import { leaf } from '../document/leafTable'

/**
 * Where a block's words or picture come from: a content item, one field of one row of a collection, or, in a block that
 * is repeated over rows, a field of whatever row it is.
 */
export const contentSourceSchema = leaf(
  z.union([
    z.strictObject({ item: idSchema }),
    z.strictObject({ collection: idSchema, row: idSchema, field: idSchema }),
    z.strictObject({ field: idSchema }),
  ]),
)

export type ContentSource = z.infer<typeof contentSourceSchema>

const WORDS = ['text', 'to', 'come']

/**
 * Words that are plainly none yet, of a wanted length or a little less: none of them is cut.
 * @param length characters
 */
export function placeholderWords(length: number): string {
  let said = 'Text'
  for (let index = 1; said.length + 1 + WORDS[index % WORDS.length].length <= length; index++)
    said += ` ${WORDS[index % WORDS.length]}`
  return said
}
