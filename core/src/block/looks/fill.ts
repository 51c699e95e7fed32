import { colourSchema, type Colour } from '../colourSchema'
import { defineLook } from '../look'

/** The ground of a block. */
export const fill = defineLook<Colour, string | undefined>({
  schema: colourSchema,
  initial: undefined,
  isGround: true,
  resolve: (colour, tokens) => tokens.colour(colour),
  css: (colour) => [['background-color', colour ?? 'transparent']],
  paint: (colour, room) => {
    if (!colour) return []
    const { x, y, width, height, radius } = room
    const outline = { type: 'rect' as const, x, y, width, height, radius }
    return [{ type: 'shape', outline, fill: room.colour(colour, 'ground') }]
  },
  recoloured: (colour, shown) => colour && shown(colour, 'ground'),
  fields: [{ group: 'looks', label: 'ground', path: ['look', 'fill'], control: { type: 'colour' } }],
})
