import { cssLength } from '../../units/length'
import { defineLook } from '../look'
import { strokeSchema, type Stroke } from './stroke'
import { INK } from './textColour'

/** The line round a drawn form, as thick at any size. */
export const outline = defineLook<(typeof strokeSchema)['_output'], Stroke | undefined>({
  schema: strokeSchema,
  initial: undefined,
  resolve: ({ width, colour, dashes }, tokens) => {
    const length = tokens.length(width)
    return length.value > 0 ? { width: length, colour: tokens.colour(colour) ?? INK, dashes } : undefined
  },
  css: (shown) => [
    ['--outline', shown?.colour ?? 'none'],
    ['--outline-width', shown ? cssLength(shown.width) : '0'],
    ['--outline-dashes', shown?.dashes ? `${shown.dashes.dash} ${shown.dashes.gap}` : 'none'],
  ],
  recoloured: (shown, colour) => shown && { ...shown, colour: colour(shown.colour, 'line') },
  on: ['piece'],
  isInherited: true,
  fields: [{ group: 'looks', label: 'line', path: ['look', 'outline'], control: { type: 'stroke' } }],
})
