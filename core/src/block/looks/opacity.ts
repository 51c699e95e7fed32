import { z } from 'zod'
import { defineLook } from '../look'

/** How much of a block, with all that stands in it, covers what is behind: 0 nothing, 1 all. */
export const opacity = defineLook<number, number>({
  schema: z.number().min(0).max(1),
  initial: 1,
  resolve: (written) => written,
  css: (opacity) => [['opacity', String(opacity)]],
  fields: [
    {
      group: 'looks',
      label: 'opacity',
      path: ['look', 'opacity'],
      isRare: true,
      control: { type: 'number', least: 0, most: 1, step: 0.1, absent: 1 },
    },
  ],
})
