import { z } from 'zod'
import { opaque, withAlpha } from '../../colour/spaces'
import { colourSchema } from '../colourSchema'
import type { Field } from '../field'
import { defineLook } from '../look'
import { cssBlend, TINT_MODES, tintModeSchema, type TintMode } from '../tinted'

const tintSchema = z.strictObject({
  colour: z.union([colourSchema, z.literal('none')]).optional(),
  mode: tintModeSchema.optional(),
  /** how much of the colour there is, 0 to 1 */
  strength: z.number().min(0).max(1).optional(),
})

/** A colour over a picture, with its alpha. */
export interface Tint {
  colour: string
  mode: TintMode
}

const USUAL_STRENGTH = 0.6

const hasColour: Field['when'] = ({ value }) => {
  const colour = value(['look', 'tint', 'colour'])
  return colour !== undefined && colour !== 'none'
}

/** A colour over a picture that a block shows: as it is, mixed with it, or as its only hue. */
export const tint = defineLook<z.infer<typeof tintSchema>, Tint | undefined>({
  schema: tintSchema,
  initial: undefined,
  resolve: ({ colour, mode = 'over', strength = USUAL_STRENGTH }, tokens) => {
    const hex = colour && colour !== 'none' ? tokens.colour(colour) : undefined
    if (hex === undefined || strength === 0) return undefined
    // A colour that is only named, for those who count tokens, has no opacity.
    return { colour: hex.startsWith('#') ? withAlpha(opaque(hex), strength) : hex, mode }
  },
  css: (shown) => [
    ['--over', shown ? '""' : 'none'],
    ['--tint', shown?.colour ?? 'none'],
    ['--mix', shown ? cssBlend(shown.mode) : 'normal'],
  ],
  // Wireframes have pictures in greys.
  recoloured: () => undefined,
  on: ['picture'],
  fields: [
    field('colour over it', 'colour', { type: 'colour' }),
    {
      ...field('how it mixes', 'mode', { type: 'choice', options: TINT_MODES, absent: 'over' }),
      when: hasColour,
    },
    {
      ...field('how much of it', 'strength', {
        type: 'number',
        least: 0,
        most: 1,
        step: 0.05,
        absent: USUAL_STRENGTH,
      }),
      when: hasColour,
    },
  ],
})

function field(label: string, leafName: string, control: Field['control']): Field {
  return { group: 'looks', label, path: ['look', 'tint', leafName], isRare: true, control }
}
