import { z } from 'zod'
import { defineLook } from '../look'

const pictureFitSchema = z.enum(['cover', 'contain'])
type PictureFit = z.infer<typeof pictureFitSchema>

/** How a picture sits in a box of another ratio. */
export const pictureFit = defineLook<PictureFit, PictureFit>({
  schema: pictureFitSchema,
  initial: 'cover',
  resolve: (written) => written,
  css: (fit) => [['object-fit', fit]],
  on: ['picture'],
  isInherited: true,
  fields: [
    {
      group: 'looks',
      label: 'in its box',
      path: ['look', 'pictureFit'],
      control: { type: 'choice', options: { cover: 'fills it, cut off', contain: 'shows whole' } },
    },
  ],
})
