import { colourSchema, type Colour } from '../colourSchema'
import { defineLook } from '../look'

/** What a drawn form is filled with. */
export const inside = defineLook<Colour, string | undefined>({
  schema: colourSchema,
  initial: undefined,
  resolve: (colour, tokens) => tokens.colour(colour),
  css: (colour) => [['--inside', colour ?? 'none']],
  recoloured: (colour, shown) => colour && shown(colour, 'ground'),
  on: ['piece'],
  isInherited: true,
  fields: [{ group: 'looks', label: 'filled with', path: ['look', 'inside'], control: { type: 'colour' } }],
})
