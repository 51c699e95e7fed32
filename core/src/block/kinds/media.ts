import { z } from 'zod'
import { paddingFields } from '../arrange'
import { defineKind } from '../kind'
import { lookFields } from '../looks'
import { placeFields } from '../place'
import { fileSchema } from '../pictureFile'

const ROOMS = { video: { width: 640, height: 360 }, sound: { width: 640, height: 54 } }

/** Something that plays, as large as its ratio makes it. */
export const media = defineKind({
  kind: 'media',
  label: 'Media',
  data: z.strictObject({
    plays: z.enum(['video', 'sound']).optional(),
    /** what is seen before it plays, and the ratio it keeps */
    poster: fileSchema.optional(),
    alt: z.string().max(500).optional(),
  }),
  tags: ['figure'],
  standsOn: 'block',
  takesBlocks: false,
  states: ['hover', 'loading'],
  values: {
    arrange: {},
    place: { width: 'fill', height: 'fit', column: { span: 'all' } },
    look: { pictureFit: 'cover' },
  },
  anatomy: ({ data: { plays = 'video', poster, alt = '' } }) => ({
    content: { type: 'picture', ...(poster ?? ROOMS[plays]), alt, plays },
  }),
  particulars: [
    {
      group: 'shows',
      label: 'plays',
      path: ['data', 'plays'],
      control: { type: 'choice', options: { video: 'video', sound: 'sound' }, absent: 'video' },
    },
    { group: 'shows', label: 'poster', path: ['data', 'poster'], control: { type: 'picture' } },
    {
      group: 'shows',
      label: 'What it is about',
      path: ['data', 'alt'],
      control: { type: 'words', most: 500 },
    },
    ...placeFields,
    ...paddingFields(),
    ...lookFields('picture', ['fill']),
  ],
  shelf: [
    { id: 'video', label: 'Video', also: 'media film player', block: {} },
    { id: 'sound', label: 'Sound', also: 'media audio podcast player', block: { data: { plays: 'sound' } } },
  ],
})
