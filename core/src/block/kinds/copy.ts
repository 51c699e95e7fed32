import { z } from 'zod'
import { idSchema } from '../../document/ids'
import { defineKind } from '../kind'
import { gone } from '../gone'
import { placeFields } from '../place'

/** A placed use of a shared block, whose blocks stand in its place. What it makes otherwise stands in its `values`. */
export const copy = defineKind({
  kind: 'copy',
  label: 'Copy',
  data: z.strictObject({
    shared: idSchema,
    /** whether what is shared is a whole section */
    isSection: z.boolean().optional(),
    /** whether it has a place for blocks of the copy's own */
    hasPlace: z.boolean().optional(),
  }),
  tags: ['div'],
  standsOn: ({ isSection }) => (isSection ? 'page' : 'block'),
  takesBlocks: ({ hasPlace }) => hasPlace ?? false,
  expands: 'shared',
  values: {},
  // Only drawn where its shared block cannot be.
  anatomy: () => gone('This shared block is gone'),
  particulars: placeFields,
  shelf: [],
})
