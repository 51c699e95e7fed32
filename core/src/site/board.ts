import { z } from 'zod'
import { hexSchema } from '../colour/hex'
import { idSchema, orderSchema } from '../document/ids'
import { leaf } from '../document/leafTable'

/** What a page stands in on a board. */
export const BOARD_FRAMES = {
  browser: 'a browser window',
  tablet: 'a tablet',
  phone: 'a telephone',
  none: 'nothing around it',
} as const
export type BoardFrame = keyof typeof BOARD_FRAMES
const frameSchema = z.enum(Object.keys(BOARD_FRAMES) as [BoardFrame, ...BoardFrame[]])

/** One page at one band, and what of it is seen. */
export const boardItemSchema = z.strictObject({
  page: idSchema,
  band: idSchema,
  frame: frameSchema,
  /** px of the page's height that are seen; the screen's where it is not said, none: all of it */
  height: z.int().min(100).max(30_000).optional(),
  /** px of the page above what is seen */
  from: z.int().min(0).max(100_000).optional(),
})
export type BoardItem = z.infer<typeof boardItemSchema>

/** Pages shown together for others to look at: side by side on one ground, each in its frame. */
export const boardSchema = z.strictObject({
  id: idSchema,
  order: orderSchema,
  name: z.string().min(1).max(100),
  ground: hexSchema.optional(),
  /** px between and around what stands on it */
  gap: z.int().min(0).max(400).optional(),
  /** radius of the frames' corners, px */
  radius: z.int().min(0).max(80).optional(),
  /** how much of a shadow they cast, 0 to 1 */
  shadow: z.number().min(0).max(1).optional(),
  /** whether each says which page it is */
  captions: z.boolean().optional(),
  items: leaf(z.array(boardItemSchema).max(24)).optional(),
})
export type Board = z.infer<typeof boardSchema>
