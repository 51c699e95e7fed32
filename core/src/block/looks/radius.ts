import { z } from 'zod'
import { cssLength, px, type WrittenLength } from '../../units/length'
import { nonNegativeLength } from '../lengthSchema'
import type { Field } from '../field'
import { defineLook } from '../look'
import { CORNERS } from '../sides'

const radiusSchema = z.strictObject({
  topLeft: nonNegativeLength.optional(),
  topRight: nonNegativeLength.optional(),
  bottomRight: nonNegativeLength.optional(),
  bottomLeft: nonNegativeLength.optional(),
})

/** in the order of `CORNERS` */
export type Radius = [WrittenLength, WrittenLength, WrittenLength, WrittenLength]

const CORNER_WORDS = ['top left', 'top right', 'bottom right', 'bottom left']
const [first, ...others] = CORNERS.map((corner) => ['look', 'radius', corner])

/** How round the corners of a block are. */
export const radius = defineLook<z.infer<typeof radiusSchema>, Radius | undefined>({
  schema: radiusSchema,
  initial: undefined,
  resolve: (written, tokens) => {
    const corners = CORNERS.map((corner) => (written[corner] ? tokens.length(written[corner]) : px(0)))
    return corners.some(({ value }) => value > 0) ? (corners as Radius) : undefined
  },
  css: (radius) => [['border-radius', radius ? cornersCss(radius) : '0']],
  fields: [
    {
      group: 'looks',
      label: 'corners',
      path: first,
      also: others,
      control: { type: 'length', absent: '0' },
    },
    ...CORNERS.map((corner, index): Field => ({
      group: 'looks',
      label: `corner ${CORNER_WORDS[index]}`,
      path: ['look', 'radius', corner],
      isRare: true,
      isShortcut: true,
      control: { type: 'length', absent: '0' },
    })),
  ],
})

/** Four corners, or one length for all where they are alike. */
function cornersCss(radius: Radius): string {
  const corners = radius.map(cssLength)
  return new Set(corners).size === 1 ? corners[0] : corners.join(' ')
}
