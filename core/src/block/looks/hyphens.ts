import { z } from 'zod'
import { defineLook } from '../look'

const hyphensSchema = z.enum(['typed', 'off'])

/** Whether words are parted at line ends where whoever typed them put soft hyphens. */
export const hyphens = defineLook<z.infer<typeof hyphensSchema>, z.infer<typeof hyphensSchema>>({
  schema: hyphensSchema,
  initial: 'typed',
  resolve: (written) => written,
  css: (hyphens) => [['hyphens', hyphens === 'off' ? 'none' : 'manual']],
  on: ['text'],
  fields: [
    {
      group: 'looks',
      label: 'soft hyphens',
      path: ['look', 'hyphens'],
      isRare: true,
      control: {
        type: 'choice',
        options: { typed: 'part words where typed', off: 'are not used' },
        absent: 'typed',
      },
    },
  ],
})
