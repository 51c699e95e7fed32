import { idSchema } from '../../document/ids'
import { cssString } from '../../text/cssWriter'
import { cssLength, roundTo } from '../../units/length'
import { defineLook } from '../look'
import { PLAIN_TEXT, type TextStyle } from '../textStyle'

/** The type level a text is set in: one of the style guide's, else the one its element has. */
export const level = defineLook<string, TextStyle>({
  schema: idSchema,
  initial: PLAIN_TEXT,
  resolve: (written, tokens, role) => tokens.textStyle(written, role),
  resolveAbsent: (tokens, role) => tokens.textStyle(undefined, role),
  // No shorthand: where a band changes one of them, it would reset the others.
  css: ({ family, weight, italic, size, lineHeight }) => [
    ['font-family', `${cssString(family)}, sans-serif`],
    ['font-size', cssLength(size)],
    ['font-weight', String(weight)],
    ['font-style', italic ? 'italic' : 'normal'],
    ['line-height', lineHeightCss(lineHeight)],
  ],
  on: ['text', 'icon', 'control'],
  isInherited: true,
  fields: [{ group: 'looks', label: 'type level', path: ['look', 'level'], control: { type: 'level' } }],
})

/** Lines are whole pixels high, so that boxes come out alike at any device pixel ratio. */
function lineHeightCss({ value, unit }: TextStyle['lineHeight']): string {
  return unit === 'px' ? `${Math.round(value)}px` : `round(nearest, ${roundTo(value, 4)}${unit}, 1px)`
}
