import { z } from 'zod'
import { paddingFields } from '../arrange'
import { defineKind } from '../kind'
import { lookFields } from '../looks'
import { fileSchema } from '../pictureFile'
import { placeFields } from '../place'

/** The room a picture takes before one is chosen. */
export const ROOM = { width: 640, height: 400 }

export const picture = defineKind({
  kind: 'picture',
  label: 'Picture',
  data: z.strictObject({
    /** the file with its natural size, px; the ratio a fit height keeps */
    file: fileSchema.optional(),
    /** what it shows, for those who cannot see it */
    alt: z.string().max(500).optional(),
  }),
  tags: ['picture'],
  standsOn: 'block',
  takesBlocks: false,
  states: ['hover', 'loading'],
  values: {
    arrange: {},
    place: { width: 'fill', height: 'fit', column: { span: 'all' } },
    look: { pictureFit: 'cover' },
  },
  anatomy: ({ data: { file = ROOM, alt = '' } }) => ({ content: { type: 'picture', ...file, alt } }),
  particulars: [
    { group: 'shows', label: 'file', path: ['data', 'file'], control: { type: 'picture' } },
    {
      group: 'shows',
      label: 'Description for those who cannot see it',
      path: ['data', 'alt'],
      control: { type: 'words', most: 500 },
    },
    ...placeFields,
    ...paddingFields(),
    ...lookFields('picture', ['fill']),
  ],
  shelf: [
    { id: 'picture', label: 'Picture', also: 'image photo illustration', block: { data: { file: ROOM } } },
  ],
})
