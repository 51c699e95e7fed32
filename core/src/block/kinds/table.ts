import { z } from 'zod'
import { idSchema } from '../../document/ids'
import { leaf } from '../../document/leafTable'
import { px } from '../../units/length'
import { paddingFields } from '../arrange'
import { defineKind } from '../kind'
import { lookFields } from '../looks'
import { RULE } from '../panes'
import { boxPart, idIn, wordsPart } from '../parts'
import { placeFields } from '../place'
import type { Part } from '../primitive'
import { FAINT, MESSAGE } from '../quietLooks'
import type { Varying } from '../varying'

const cell = z.string().max(2000)

const schema = z.strictObject({
  caption: z.string().max(500).optional(),
  /** rows of cells, the first of which heads the columns */
  cells: leaf(z.array(z.array(cell).max(40)).max(500)).optional(),
  /** a collection whose rows it lists in their place, and which of its fields */
  collection: idSchema.optional(),
  fields: leaf(z.array(idSchema).max(40)).optional(),
  most: z.int().min(1).max(500).optional(),
})

const EXAMPLE = [
  ['What', 'First', 'Second'],
  ['A line', '1', '2'],
  ['Another', '3', '4'],
]

/** Rows and columns; at narrow bands each row may become a list of pairs. */
export const table = defineKind({
  kind: 'table',
  label: 'Table',
  data: schema,
  tags: ['table'],
  levelRole: 'p',
  standsOn: 'block',
  takesBlocks: false,
  states: ['hover'],
  listsRows: true,
  values: {
    arrange: { type: 'column', align: 'stretch' },
    place: { width: 'fill', height: 'fit', column: { span: 'all' } },
    look: { textAlign: 'start' },
    manner: 'rows',
  },
  anatomy: ({ key, data: { caption, cells = EXAMPLE }, manner }) => {
    const [head = [], ...rows] = cells
    const isPairs = manner === 'pairs'
    const id = idIn(key, 'caption')
    const holds = [headRow(head, isPairs), ...rows.map((row, index) => bodyRow(head, row, index, isPairs))]
    const titled = caption
      ? [wordsPart('caption', 'caption', [{ insert: caption, attributes: { bold: true } }], WHOLE, { id })]
      : []
    return {
      content: { type: 'blocks', holds: [...titled, ...holds] },
      attributes: { role: 'table', 'aria-labelledby': caption ? id : undefined },
    }
  },
  particulars: [
    {
      group: 'shows',
      label: 'rows',
      path: ['data', 'cells'],
      control: { type: 'cells' },
      when: ({ value }) => value(['data', 'collection']) === undefined,
    },
    {
      group: 'shows',
      label: 'rows of',
      path: ['data', 'collection'],
      control: { type: 'collection' },
    },
    {
      group: 'shows',
      label: 'columns',
      path: ['data', 'fields'],
      control: { type: 'rowFields' },
      when: ({ value }) => value(['data', 'collection']) !== undefined,
    },
    {
      group: 'shows',
      label: 'at most',
      path: ['data', 'most'],
      control: { type: 'number', least: 1, most: 500, step: 1, absent: 12 },
      when: ({ value }) => value(['data', 'collection']) !== undefined,
    },
    { group: 'says', label: 'caption', path: ['data', 'caption'], control: { type: 'words', most: 500 } },
    {
      group: 'arranges',
      label: 'shown as',
      path: ['manner'],
      control: { type: 'choice', options: { rows: 'rows', pairs: 'a list of pairs' } },
    },
    ...placeFields,
    ...paddingFields(),
    ...lookFields('text'),
  ],
  shelf: [{ id: 'table', label: 'Table', also: 'rows columns cells prices timetable compare', block: {} }],
})

const WHOLE: Varying = {
  place: { width: 'fill', height: 'fit' },
  arrange: { padding: { top: px(10), right: px(12), bottom: px(10) } },
}
const rowOf = (cells: number): Varying => ({
  arrange: { type: 'grid', tracks: Math.max(1, cells), align: 'stretch' },
  place: { width: 'fill', height: 'fit' },
  look: { border: { bottom: RULE } },
})

/** Hidden where pairs name their columns themselves. */
function headRow(head: string[], isHidden: boolean): Part {
  const row = boxPart(
    'head',
    'tr',
    rowOf(head.length),
    head.map((text, index) =>
      wordsPart(`column ${index + 1}`, 'th', [{ insert: text || ' ', attributes: { bold: true } }], WHOLE, {
        scope: 'col',
        role: 'columnheader',
      }),
    ),
    { role: 'row' },
  )
  return { ...row, values: { ...row.values, hidden: isHidden } }
}

function bodyRow(head: string[], row: string[], index: number, isPairs: boolean): Part {
  const cells = head.map((label, column) => cellPart(label, row[column] ?? '', column, isPairs))
  const values: Varying = isPairs
    ? {
        arrange: { type: 'column', gap: px(4), align: 'stretch', padding: { top: px(12), bottom: px(12) } },
        place: { width: 'fill', height: 'fit' },
        look: { border: { bottom: RULE } },
      }
    : rowOf(head.length)
  return boxPart(`row ${index + 1}`, 'tr', values, cells, { role: 'row' })
}

/** A cell, with the name of its column where rows are lists of pairs; that of the first names its row. */
function cellPart(label: string, text: string, column: number, isPairs: boolean): Part {
  const isFirst = column === 0
  const values: Varying = isPairs
    ? { arrange: { type: 'row', gap: px(12), align: 'start' }, place: { width: 'fill', height: 'fit' } }
    : { ...WHOLE, arrange: { ...WHOLE.arrange, type: 'row', gap: px(12), align: 'start' } }
  const named = wordsPart('label', 'span', label, {
    place: { width: { share: 1 }, height: 'fit' },
    look: { level: MESSAGE.hint, colour: FAINT },
    hidden: !isPairs || isFirst,
  })
  const words = wordsPart(
    'words',
    'span',
    isFirst ? [{ insert: text || ' ', attributes: { bold: true } }] : text,
    {
      place: { width: { share: isPairs && !isFirst ? 2 : 1 }, height: 'fit' },
    },
  )
  return boxPart(`cell ${column + 1}`, isFirst ? 'th' : 'td', values, [named, words], {
    role: isFirst ? 'rowheader' : 'cell',
    scope: isFirst ? 'row' : undefined,
  })
}
