import { z } from 'zod'
import { leaf } from '../document/leafTable'
import type { Field } from './field'
import { lengthSchema, nonNegativeLength, nonNegativeWidth, plainLengthSchema } from './lengthSchema'

const share = leaf(z.strictObject({ share: z.number().min(1).max(100) }))
/** fit: as large as the content; fill: a share of what is left; else a set length. */
const widthSchema = z.union([z.enum(['fit', 'fill']), share, nonNegativeWidth])
const heightSchema = z.union([z.enum(['fit', 'fill']), share, nonNegativeLength])

const limit = z.union([z.literal('none'), nonNegativeWidth])
const heightLimit = z.union([z.literal('none'), nonNegativeLength])
const anchor = z.enum(['start', 'end', 'both', 'centre', 'proportion'])
const track = z.strictObject({
  start: z.int().min(1).max(100).optional(),
  span: z.union([z.int().min(1).max(100), z.literal('all')]).optional(),
})
/** For `proportion`: where the block begins and how long it is, in % of its parent. */
const proportion = leaf(z.strictObject({ start: z.number(), length: z.number().min(0) }))

/** Where a block stands in its parent and how large it is. */
export const placeSchema = z.strictObject({
  width: widthSchema.optional(),
  height: heightSchema.optional(),
  minWidth: limit.optional(),
  maxWidth: limit.optional(),
  minHeight: heightLimit.optional(),
  maxHeight: heightLimit.optional(),
  column: track.optional(),
  row: z
    .strictObject({ start: z.int().min(1).max(1000).optional(), span: z.int().min(1).max(100).optional() })
    .optional(),
  anchor: z.strictObject({ x: anchor.optional(), y: anchor.optional() }).optional(),
  offset: z
    .strictObject({
      left: lengthSchema.optional(),
      right: lengthSchema.optional(),
      top: plainLengthSchema.optional(),
      bottom: plainLengthSchema.optional(),
      /** from the parent's centre to the block's */
      x: lengthSchema.optional(),
      y: plainLengthSchema.optional(),
      across: proportion.optional(),
      down: proportion.optional(),
    })
    .optional(),
  /** before it, in place of the gap, where its parent arranges blocks in a column or in a row that does not wrap */
  space: nonNegativeLength.optional(),
  overflow: z.enum(['visible', 'hidden', 'scroll']).optional(),
  /** stays in view while what it stands in is scrolled past, so far from an edge of the viewport */
  sticky: z
    .strictObject({
      edge: z.enum(['none', 'top', 'bottom']).optional(),
      offset: plainLengthSchema.optional(),
      /** from when on it does: at once, or once the page is scrolled by a whole window */
      from: z.enum(['start', 'scrolled']).optional(),
    })
    .optional(),
  /** how far the ground of a section reaches: over the full width, or as far as its content */
  ground: z.enum(['full', 'content']).optional(),
})

export type Place = z.infer<typeof placeSchema>

const size = { type: 'length' as const, words: ['fit', 'fill'] }
const limits = { type: 'length' as const, words: ['none'], absent: 'none' }

const heightField: Field = { group: 'stands', label: 'tall', path: ['place', 'height'], control: size }

const STICKY_EDGE = ['place', 'sticky', 'edge']
const isFlowing: Field['when'] = ({ parentArranges }) => parentArranges !== 'placed'
const doesStick: Field['when'] = (facts) =>
  isFlowing(facts) && ['top', 'bottom'].includes(String(facts.value(STICKY_EDGE) ?? 'none'))
/** Fields of what may stay in view while the page is scrolled. */
const stickyFields: Field[] = [
  {
    group: 'stands',
    label: 'sticks',
    path: STICKY_EDGE,
    isRare: true,
    control: {
      type: 'choice',
      options: { none: 'to nothing', top: 'to the top', bottom: 'to the foot' },
      absent: 'none',
    },
    when: isFlowing,
  },
  {
    group: 'stands',
    label: 'sticks so far off',
    path: ['place', 'sticky', 'offset'],
    control: { type: 'length', absent: '0' },
    when: doesStick,
  },
  {
    group: 'stands',
    label: 'sticks from',
    path: ['place', 'sticky', 'from'],
    isRare: true,
    control: {
      type: 'choice',
      options: { start: 'the start', scrolled: 'a window of scrolling on' },
      absent: 'start',
    },
    when: doesStick,
  },
]

const groundField: Field = {
  group: 'looks',
  label: 'ground reaches',
  path: ['place', 'ground'],
  control: {
    type: 'choice',
    options: { full: 'over the full width', content: 'as its content' },
    absent: 'full',
  },
  when: ({ value }) => value(['look', 'fill']) !== undefined,
}

const limitFields: Field[] = [
  { group: 'stands', label: 'at least wide', path: ['place', 'minWidth'], control: limits, isRare: true },
  { group: 'stands', label: 'at most wide', path: ['place', 'maxWidth'], control: limits, isRare: true },
  { group: 'stands', label: 'at least tall', path: ['place', 'minHeight'], control: limits, isRare: true },
  { group: 'stands', label: 'at most tall', path: ['place', 'maxHeight'], control: limits, isRare: true },
]

/** Fields of a block that stands on the page itself, which gives it its width. */
export const pagePlaceFields: Field[] = [
  heightField,
  ...limitFields.filter(({ path }) => path[1].endsWith('Height')),
  ...stickyFields,
  groundField,
]

const inGrid: Field['when'] = ({ parentArranges }) => parentArranges === 'grid'
const inLine: Field['when'] = ({ parentArranges }) => parentArranges === 'row' || parentArranges === 'column'
const isPlaced: Field['when'] = ({ parentArranges }) => parentArranges === 'placed'

const ANCHORS = {
  start: 'at the start',
  end: 'at the end',
  both: 'at both sides',
  centre: 'in the middle',
  proportion: 'in proportion',
}

/** Fields of a block that stands in another. */
export const placeFields: Field[] = [
  { group: 'stands', label: 'wide', path: ['place', 'width'], control: size },
  {
    group: 'stands',
    label: 'from column',
    path: ['place', 'column', 'start'],
    control: { type: 'number', least: 1, most: 100, step: 1 },
    when: inGrid,
  },
  {
    group: 'stands',
    label: 'columns',
    path: ['place', 'column', 'span'],
    control: { type: 'number', least: 1, most: 100, step: 1, absent: 1 },
    when: inGrid,
  },
  {
    group: 'stands',
    label: 'held across',
    path: ['place', 'anchor', 'x'],
    control: { type: 'choice', options: ANCHORS, absent: 'start' },
    when: isPlaced,
  },
  {
    group: 'stands',
    label: 'held down',
    path: ['place', 'anchor', 'y'],
    control: { type: 'choice', options: ANCHORS, absent: 'start' },
    when: isPlaced,
  },
  heightField,
  {
    group: 'stands',
    label: 'space before',
    path: ['place', 'space'],
    control: { type: 'length', absent: 'the gap' },
    when: inLine,
    isRare: true,
  },
  ...limitFields,
  ...stickyFields,
]

/** What becomes of what runs out of a block. */
export const overflowField: Field = {
  group: 'arranges',
  label: 'what runs out',
  path: ['place', 'overflow'],
  isRare: true,
  control: {
    type: 'choice',
    options: { visible: 'shows', hidden: 'is cut off', scroll: 'scrolls' },
    absent: 'visible',
  },
}
