import { z } from 'zod'
import { defineLook } from '../look'

/** Nearer than this hardly a picture has enough pixels for. */
const NEAREST = 8

/** How near a picture is taken, about its focus: 1 as its box asks for, 2 twice as large, and cut off. */
export const pictureZoom = defineLook<number, number>({
  schema: z.number().min(1).max(NEAREST),
  initial: 1,
  resolve: (written) => written,
  css: (zoom) => [['--near', String(zoom)]],
  on: ['picture'],
  fields: [
    {
      group: 'looks',
      label: 'taken nearer',
      path: ['look', 'pictureZoom'],
      isRare: true,
      control: { type: 'number', least: 1, most: NEAREST, step: 0.1, absent: 1 },
    },
  ],
})
