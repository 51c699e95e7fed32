import { colourSchema, type Colour } from '../colourSchema'
import { defineLook } from '../look'

/** The ground of a block. */
export const fill = defineLook<Colour, string | undefined>({
  schema: colourSchema,
  initial: undefined,
  resolve: (colour, tokens) => tokens.colour(colour),
  css: (colour) => [['background-color', colour ?? 'transparent']],
  paint: (colour, { x, y, width, height, radius, colour: shown }) =>
    colour
      ? [
          {
            type: 'shape',
            outline: { type: 'rect', x, y, width, height, radius },
            fill: shown(colour, 'ground'),
          },
        ]
      : [],
  fields: [{ group: 'looks', label: 'ground', path: ['look', 'fill'], control: { type: 'colour' } }],
})
