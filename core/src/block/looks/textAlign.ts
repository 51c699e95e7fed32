import { z } from 'zod'
import { defineLook } from '../look'

const textAlignSchema = z.enum(['start', 'centre', 'end'])
type TextAlign = z.infer<typeof textAlignSchema>

/** Where the lines of a text stand in its width. */
export const textAlign = defineLook<TextAlign, TextAlign>({
  schema: textAlignSchema,
  initial: 'start',
  resolve: (written) => written,
  css: (align) => [['text-align', align === 'centre' ? 'center' : align]],
  on: ['text'],
  isInherited: true,
  fields: [
    {
      group: 'looks',
      label: 'lines',
      path: ['look', 'textAlign'],
      control: {
        type: 'choice',
        options: { start: 'at the start', centre: 'in the middle', end: 'at the end' },
      },
    },
  ],
})
