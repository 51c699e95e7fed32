import { z } from 'zod'
import { defineLook } from '../look'

const colourSetSchema = z.enum(['light', 'dark'])
type ColourSet = z.infer<typeof colourSetSchema>

/** The set of the style guide's colours a block and all that stands in it are shown in; as what is around it where unsaid. */
export const colourSet = defineLook<ColourSet, ColourSet | undefined>({
  schema: colourSetSchema,
  initial: undefined,
  resolve: (written) => written,
  css: () => [],
  on: ['blocks'],
  fields: [
    {
      group: 'looks',
      label: 'colours',
      path: ['look', 'colourSet'],
      isRare: true,
      control: {
        type: 'choice',
        options: { light: 'of the light set', dark: 'of the dark set' },
        absent: 'as around it',
      },
    },
  ],
})
