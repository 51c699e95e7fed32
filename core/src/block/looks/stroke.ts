import { z } from 'zod'
import { leaf } from '../../document/leafTable'
import { cssLength, px, type WrittenLength } from '../../units/length'
import { colourSchema } from '../colourSchema'
import { nonNegativeLength } from '../lengthSchema'
import { defineLook } from '../look'
import { pathMark } from '../../vector/mark'
import { INK } from './textColour'

export const strokeSchema = leaf(
  z.strictObject({
    width: nonNegativeLength,
    colour: colourSchema,
    /** px of each dash and of the gap after it; solid without */
    dashes: z.strictObject({ dash: z.number().min(1).max(500), gap: z.number().min(1).max(500) }).optional(),
  }),
)

/** How a line is drawn, its colour found. */
export interface Stroke {
  width: WrittenLength
  colour: string
  dashes?: { dash: number; gap: number }
}

/** The stroke of a drawn line: solid, or dashes with their lengths. */
export const stroke = defineLook<z.infer<typeof strokeSchema>, Stroke>({
  schema: strokeSchema,
  initial: { width: px(1), colour: INK },
  resolve: ({ width, colour, dashes }, tokens) => ({
    width: tokens.length(width),
    colour: tokens.colour(colour) ?? INK,
    dashes,
  }),
  css: ({ width, colour, dashes }) => [
    ['--line', cssLength(width)],
    ['--dashes', dashes ? dashesCss(colour, dashes) : `linear-gradient(${colour} 0 0)`],
  ],
  paint: ({ width, colour, dashes }, { content, isDown, length, colour: shown }) => {
    const { x, y, width: across, height: down } = content
    const thick = length(width)
    // Browsers put what is drawn in the middle of a box on whole px.
    const inMiddle = (room: number) => Math.round((room - thick) / 2) + thick / 2
    const [middle, centre] = [y + inMiddle(down), x + inMiddle(across)]
    const d = isDown ? `M${centre} ${y}V${y + down}` : `M${x} ${middle}H${x + across}`
    return [
      pathMark(d, {
        colour: shown(colour, 'line'),
        width: thick,
        dashes: dashes && [dashes.dash, dashes.gap],
      }),
    ]
  },
  recoloured: (stroke, shown) => ({ ...stroke, colour: shown(stroke.colour, 'line') }),
  on: ['shape'],
  isInherited: true,
  fields: [{ group: 'looks', label: 'line', path: ['look', 'stroke'], control: { type: 'stroke' } }],
})

const dashesCss = (colour: string, { dash, gap }: NonNullable<Stroke['dashes']>) =>
  `repeating-linear-gradient(var(--along), ${colour} 0 ${dash}px, transparent ${dash}px ${dash + gap}px)`
