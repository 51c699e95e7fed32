import { z } from 'zod'
import { defineKind } from '../kind'
import { lookFields } from '../looks'
import { placeFields } from '../place'

/** A drawn line: across where it fills its width, down where its width is fit and its height is not. */
export const line = defineKind({
  kind: 'line',
  label: 'Line',
  data: z.strictObject({}),
  tags: ['hr'],
  standsOn: 'block',
  takesBlocks: false,
  values: {
    arrange: {},
    place: { width: 'fill', height: 'fit', column: { span: 'all' } },
    look: {},
  },
  anatomy: ({ look: { stroke }, isFit }) => ({
    content: {
      type: 'shape',
      shape: 'line',
      isDown: isFit.across && !isFit.down,
      width: stroke.width,
      height: stroke.width,
    },
  }),
  particulars: [...placeFields, ...lookFields('shape', ['fill', 'border', 'radius'])],
  shelf: [{ id: 'line', label: 'Line', also: 'rule divider separator dashes', block: {} }],
})
