import { z } from 'zod'
import type { Field } from './field'
import { nonNegativeLength } from './lengthSchema'
import { sides, SIDES } from './sides'

/** Equal tracks by number, unequal ones by their shares, or the band's column grid. */
export const tracksSchema = z.union([
  z.int().min(1).max(100),
  z.array(z.number().min(1).max(100)).min(1).max(100),
  z.literal('columns'),
])

/** How a block's children stand. */
export const arrangeSchema = z.strictObject({
  type: z.enum(['row', 'column', 'grid', 'placed']).optional(),
  gap: nonNegativeLength.optional(),
  /** between rows of a grid and lines of a wrapping row, where it differs from the gap */
  rowGap: nonNegativeLength.optional(),
  padding: sides(nonNegativeLength).optional(),
  justify: z.enum(['start', 'centre', 'end', 'between']).optional(),
  align: z.enum(['start', 'centre', 'end', 'stretch']).optional(),
  wrap: z.boolean().optional(),
  tracks: tracksSchema.optional(),
})

export type Arrange = z.infer<typeof arrangeSchema>

const TYPE = ['arrange', 'type']
const along = { start: 'at the start', centre: 'in the middle', end: 'at the end' }

/** Fields of a block that holds others. */
export const arrangeFields: Field[] = [
  {
    group: 'arranges',
    label: 'children',
    path: TYPE,
    control: {
      type: 'choice',
      options: { row: 'in a row', column: 'in a column', grid: 'on tracks', placed: 'placed freely' },
    },
  },
  {
    group: 'arranges',
    label: 'gap',
    path: ['arrange', 'gap'],
    control: { type: 'length', absent: '0' },
    when: ({ value }) => value(TYPE) !== 'placed',
  },
  {
    group: 'arranges',
    label: 'gap of lines',
    path: ['arrange', 'rowGap'],
    isRare: true,
    control: { type: 'length', absent: 'as the gap' },
    when: ({ value }) =>
      value(TYPE) === 'grid' || (value(TYPE) === 'row' && value(['arrange', 'wrap']) === true),
  },
  {
    group: 'arranges',
    label: 'along',
    path: ['arrange', 'justify'],
    control: { type: 'choice', options: { ...along, between: 'spread out' }, absent: 'start' },
    when: ({ value }) => value(TYPE) === 'row' || value(TYPE) === 'column',
  },
  {
    group: 'arranges',
    label: 'across',
    path: ['arrange', 'align'],
    control: { type: 'choice', options: { ...along, stretch: 'stretched' }, absent: 'start' },
    when: ({ value }) => value(TYPE) !== 'placed',
  },
  {
    group: 'arranges',
    label: 'wraps',
    path: ['arrange', 'wrap'],
    control: { type: 'tick' },
    when: ({ value }) => value(TYPE) === 'row',
  },
  {
    group: 'arranges',
    label: 'tracks',
    path: ['arrange', 'tracks'],
    control: { type: 'tracks' },
    when: ({ value }) => value(TYPE) === 'grid',
  },
]

const paddingPath = (side: (typeof SIDES)[number]) => ['arrange', 'padding', side]

/** The space between a block's edges and what it holds. @param sideways what it is at the sides where none is set */
export const paddingFields = (sideways = '0'): Field[] => [
  ...SIDES.map((side): Field => ({
    group: 'stands',
    label: `padding ${side}`,
    path: paddingPath(side),
    control: { type: 'length', absent: side === 'left' || side === 'right' ? sideways : '0' },
  })),
  ...SEVERAL_SIDES.map(([label, [first, ...others]]): Field => ({
    group: 'stands',
    label,
    path: paddingPath(first),
    also: others.map(paddingPath),
    isRare: true,
    isShortcut: true,
    control: { type: 'length', absent: '' },
  })),
]

/** Sides that are written at once. */
const SEVERAL_SIDES: [label: string, sides: (typeof SIDES)[number][]][] = [
  ['padding at the sides', ['left', 'right']],
  ['padding above and below', ['top', 'bottom']],
  ['padding all round', ['top', 'right', 'bottom', 'left']],
]
