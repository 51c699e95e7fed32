import { colourSchema, type Colour } from '../colourSchema'
import { defineLook } from '../look'

/** What words and lines are drawn in where nothing else is said. */
export const INK = '#17211e'

/** The same on dark grounds. */
const PALE_INK = '#f2f4f1'

/** The colour of a block's words. */
export const textColour = defineLook<Colour, string>({
  schema: colourSchema,
  initial: INK,
  resolve: (colour, tokens) => tokens.colour(colour) ?? INK,
  resolveAbsent: (tokens) => tokens.role('text') ?? (tokens.isDark ? PALE_INK : INK),
  css: (colour) => [['color', colour]],
  recoloured: (colour, shown) => shown(colour, 'words'),
  on: ['text', 'icon', 'control'],
  isInherited: true,
  fields: [
    { group: 'looks', label: 'colour', path: ['look', 'colour'], control: { type: 'colour', absent: 'ink' } },
  ],
})
