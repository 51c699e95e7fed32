import { z } from 'zod'
import { paddingFields } from '../arrange'
import { defineKind } from '../kind'
import { lookFields } from '../looks'
import { placeFields } from '../place'
import { fileSchema } from '../pictureFile'

const ROOM = { width: 640, height: 360 }

/** Where a place is: a picture of the map around it. */
export const map = defineKind({
  kind: 'map',
  label: 'Map of a place',
  data: z.strictObject({ place: z.string().max(300).optional(), file: fileSchema.optional() }),
  tags: ['picture'],
  standsOn: 'block',
  takesBlocks: false,
  values: {
    arrange: {},
    place: { width: 'fill', height: 'fit', column: { span: 'all' } },
    look: { pictureFit: 'cover' },
  },
  anatomy: ({ data: { place, file = ROOM } }) => ({
    content: { type: 'picture', ...file, alt: place ? `Map of ${place}` : 'Map', plays: 'map' },
  }),
  particulars: [
    { group: 'shows', label: 'place', path: ['data', 'place'], control: { type: 'words', most: 300 } },
    { group: 'shows', label: 'picture of it', path: ['data', 'file'], control: { type: 'picture' } },
    ...placeFields,
    ...paddingFields(),
    ...lookFields('picture', ['fill']),
  ],
  shelf: [{ id: 'map', label: 'Map of a place', also: 'address where location directions', block: {} }],
})
