import { z } from 'zod'
import { leaf } from '../../document/leafTable'
import { cssPercent } from '../../units/length'
import { defineLook } from '../look'

const share = z.number().min(0).max(1)
const pictureFocusSchema = leaf(z.strictObject({ x: share, y: share }))

/** The point of a picture, shares of both sides, that stands at the same point of its box however it is cut. */
export type PictureFocus = z.infer<typeof pictureFocusSchema>

/** Which part of a picture stays in view where its box has another ratio. */
export const pictureFocus = defineLook<PictureFocus, PictureFocus>({
  schema: pictureFocusSchema,
  initial: { x: 0.5, y: 0.5 },
  resolve: (written) => written,
  css: ({ x, y }) => [
    ['object-position', `${cssPercent(x)} ${cssPercent(y)}`],
    ['--focus-x', String(x)],
    ['--focus-y', String(y)],
  ],
  on: ['picture'],
  fields: [
    {
      group: 'looks',
      label: 'its focus',
      path: ['look', 'pictureFocus'],
      isRare: true,
      control: { type: 'focus' },
    },
  ],
})
