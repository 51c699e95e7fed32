import { z } from 'zod'
import { idSchema } from '../../document/ids'
import { px } from '../../units/length'
import { arrangeFields, paddingFields } from '../arrange'
import { defineKind } from '../kind'
import { lookFields } from '../looks'
import { overflowField, placeFields } from '../place'
import { OWN_CHILDREN } from '../primitive'
import { says } from '../saysField'

const collectionOf = ['data', 'collection']

/** What stands in it is repeated over the rows of a collection: drawn once, it follows everywhere. */
export const series = defineKind({
  kind: 'series',
  label: 'Series',
  data: z.strictObject({
    collection: idSchema.optional(),
    /** only rows whose field says this */
    field: idSchema.optional(),
    says: z.string().max(200).optional(),
    /** a field the rows are put in order by */
    by: idSchema.optional(),
    isBackwards: z.boolean().optional(),
    from: z.int().min(1).max(10_000).optional(),
    most: z.int().min(1).max(500).optional(),
  }),
  tags: ['div', 'ul', 'ol'],
  standsOn: 'block',
  takesBlocks: true,
  expands: 'rows',
  values: {
    arrange: { type: 'grid', tracks: 3, gap: px(24), align: 'stretch' },
    place: { width: 'fill', height: 'fit', column: { span: 'all' } },
    look: {},
  },
  anatomy: () => ({ content: OWN_CHILDREN }),
  particulars: [
    { group: 'shows', label: 'rows of', path: collectionOf, control: { type: 'collection' } },
    {
      group: 'shows',
      label: 'where',
      path: ['data', 'field'],
      control: { type: 'rowField' },
      when: ({ value }) => value(collectionOf) !== undefined,
    },
    {
      group: 'shows',
      label: 'says',
      path: ['data', 'says'],
      control: { type: 'words', most: 200 },
      when: ({ value }) => value(['data', 'field']) !== undefined,
    },
    {
      group: 'shows',
      label: 'in order of',
      path: ['data', 'by'],
      control: { type: 'rowField' },
      when: ({ value }) => value(collectionOf) !== undefined,
    },
    {
      group: 'shows',
      label: 'backwards',
      path: ['data', 'isBackwards'],
      control: { type: 'tick' },
      when: ({ value }) => value(['data', 'by']) !== undefined,
    },
    {
      group: 'shows',
      label: 'from row',
      path: ['data', 'from'],
      control: { type: 'number', least: 1, most: 10_000, step: 1, absent: 1 },
    },
    {
      group: 'shows',
      label: 'at most',
      path: ['data', 'most'],
      control: { type: 'number', least: 1, most: 500, step: 1, absent: 12 },
    },
    ...arrangeFields,
    overflowField,
    ...placeFields,
    ...paddingFields(),
    ...lookFields('blocks'),
  ],
  shelf: [
    {
      id: 'series',
      label: 'Series',
      also: 'repeat rows cards list collection loop data',
      block: {
        holds: [
          {
            kind: 'box',
            name: 'Row',
            place: { column: { span: 1 } },
            arrange: { gap: px(8) },
            holds: [
              { kind: 'text', name: 'Title', tag: 'h3', text: says('Title') },
              { kind: 'text', name: 'Words', text: says('Words about it.') },
            ],
          },
        ],
      },
    },
  ],
})

/** Rows a series shows where it does not say how many. */
export const USUAL_ROWS = 12
