import { z } from 'zod'
import { defineLook } from '../look'

const MOST = 50

/** How many lines of a text are shown at most: what more there is, is left out behind an ellipsis. */
export const lines = defineLook<number | 'none', number | undefined>({
  schema: z.union([z.int().min(1).max(MOST), z.literal('none')]),
  initial: undefined,
  resolve: (written) => (written === 'none' ? undefined : written),
  css: (most) => [
    ['-webkit-line-clamp', most === undefined ? 'none' : String(most)],
    ['-webkit-box-orient', most === undefined ? 'horizontal' : 'vertical'],
    ['overflow', most === undefined ? 'visible' : 'clip'],
    // What is left out stands below, and would show in the padding.
    ['overflow-clip-margin', most === undefined ? '0px' : 'content-box'],
  ],
  on: ['text'],
  fields: [
    {
      group: 'looks',
      label: 'lines at most',
      path: ['look', 'lines'],
      isRare: true,
      control: { type: 'number', least: 1, most: MOST, step: 1 },
    },
  ],
})
