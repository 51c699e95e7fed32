import { idSchema } from '../../document/ids'
import { familyStack } from '../../text/fallbackFace'
import { TEXT_TRANSFORM } from '../../text/textCase'
import { fluidCss, isFluid } from '../../units/fluidLength'
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
  css: ({ family, weight, italic, size, lineHeight, letterSpacing, case: shown = 'none' }) => [
    ['font-family', familyStack(family)],
    ['font-size', isFluid(size) ? fluidCss(size) : cssLength(size)],
    ['font-weight', String(weight)],
    ['font-style', italic ? 'italic' : 'normal'],
    ['line-height', lineHeightCss(lineHeight)],
    ['letter-spacing', letterSpacing ? cssLength(letterSpacing) : 'normal'],
    ['text-transform', TEXT_TRANSFORM[shown]],
  ],
  on: ['text', 'icon', 'control'],
  // The others are as the page has them unless a level says so.
  isInherited: ['font-family', 'font-size', 'font-weight', 'font-style', 'line-height'],
  fields: [{ group: 'looks', label: 'type level', path: ['look', 'level'], control: { type: 'level' } }],
})

/** Lines are whole pixels high, so that boxes come out alike at any device pixel ratio. */
function lineHeightCss({ value, unit }: TextStyle['lineHeight']): string {
  return unit === 'px' ? `${Math.round(value)}px` : `round(nearest, ${roundTo(value, 4)}${unit}, 1px)`
}
