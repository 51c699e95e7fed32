import { z } from 'zod'
import { SOLID_NAMES, SURFACE_NAMES } from '../artwork/solids'
import { VIEW_LIMITS } from '../artwork/view'
import { colourSchema } from '../block/colourSchema'
import { idSchema, orderSchema } from '../document/ids'
import { leaf } from '../document/leafTable'

const [least, most] = VIEW_LIMITS.at
const along = z.number().min(least).max(most)
const degrees = z.number().min(0).max(360)
const size = z.int().min(100).max(6000)

export const viewSchema = leaf(
  z.strictObject({
    turn: degrees,
    tilt: z.number().min(VIEW_LIMITS.tilt[0]).max(VIEW_LIMITS.tilt[1]),
    distance: z.number().min(VIEW_LIMITS.distance[0]).max(VIEW_LIMITS.distance[1]),
    at: z.tuple([along, along, along]),
  }),
)

/** A scene of solids, rendered to a picture that is laid behind what stands on a page. */
export const artworkSchema = z.strictObject({
  id: idSchema,
  order: orderSchema,
  name: z.string().min(1).max(100),
  /** px of the picture at 1x */
  width: size,
  height: size,
  /** the block it is laid behind, and its page */
  behind: leaf(z.strictObject({ page: idSchema, block: idSchema })).optional(),
  sky: colourSchema.optional(),
  ground: colourSchema.optional(),
  /** whether there is a ground that takes shadows */
  hasGround: z.boolean().optional(),
  lamp: z
    .strictObject({
      strength: z.number().min(0).max(4).optional(),
      turn: degrees.optional(),
      tilt: z.number().min(5).max(90).optional(),
      size: z.number().min(0).max(60).optional(),
    })
    .optional(),
  /** how bright the sky is, 0 to 2 */
  ambience: z.number().min(0).max(2).optional(),
  view: viewSchema.optional(),
  /** views that were kept, to come back to */
  views: leaf(
    z.array(z.strictObject({ name: z.string().min(1).max(60), view: viewSchema })).max(24),
  ).optional(),
  /** the last picture that was kept of it, with what pixels it has */
  rendered: leaf(
    z.strictObject({ asset: idSchema, width: z.number().min(1), height: z.number().min(1) }),
  ).optional(),
})
export type Artwork = z.infer<typeof artworkSchema>

const figure = z.number().min(0.05).max(200)

/** A solid of a scene: its place and turn, what it measures along each axis, its colour and how it shines. */
export const solidSchema = z.strictObject({
  id: idSchema,
  artwork: idSchema,
  order: orderSchema,
  name: z.string().min(1).max(100),
  solid: z.enum(SOLID_NAMES),
  /** of the middle of its foot */
  at: leaf(z.tuple([along, along, along])),
  /** degrees round each axis */
  turn: leaf(z.tuple([degrees, degrees, degrees])).optional(),
  size: leaf(z.tuple([figure, figure, figure])),
  colour: colourSchema.optional(),
  surface: z.enum(SURFACE_NAMES).optional(),
  hidden: z.boolean().optional(),
})
export type Solid = z.infer<typeof solidSchema>

/** What an artwork has where nothing else is said. */
export const USUAL_LAMP = { strength: 1.6, turn: 320, tilt: 42, size: 12 }
export const USUAL_AMBIENCE = 0.9
