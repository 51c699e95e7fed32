import type { Block } from '../block/block'
import type { CollectionDocument } from '../content/collection'
import { applyChange } from '../document/apply'
import type { Documents } from '../document/types'
import { inOrder } from '../document/tree'
import { documentKinds } from '../resolve/documentKinds'
import { blocksOf, idOf } from '../testing/draft'
import {
  fillFromLines,
  fillFromPictures,
  fillFromRows,
  type FilledSeries,
  type SeriesFill,
} from './fillSeries'

const PAGE = idOf('page')
let count = 0
const newId = () => `n${String(count++).padStart(15, '0')}`
const blocks = Object.fromEntries(
  blocksOf([
    {
      kind: 'section',
      name: 'main',
      holds: [
        {
          kind: 'series',
          name: 'rows',
          holds: [
            { kind: 'text', name: 'title' },
            { kind: 'picture', name: 'pic' },
          ],
        },
      ],
    },
  ]).map((block) => [block.id, block]),
)
const start = {
  [PAGE]: { kind: 'drawing', id: PAGE, schema: 3, records: { blocks } },
} as unknown as Documents

function after(documents: Documents, { parts }: SeriesFill): Documents {
  const applied = applyChange(documentKinds, documents, parts)
  expect(applied.outcomes).toEqual([])
  return applied.documents
}
const blockIn = (documents: Documents, name: string) =>
  (documents[PAGE].records.blocks as unknown as Record<string, Block>)[idOf(name)]
const collectionIn = (documents: Documents) =>
  Object.values(documents).find(({ kind }) => kind === 'collection') as unknown as CollectionDocument
const seriesIn = (documents: Documents): FilledSeries => ({
  drawing: PAGE,
  series: blockIn(documents, 'rows'),
  collection: collectionIn(documents),
})
const values = (documents: Documents) =>
  inOrder(Object.values(collectionIn(documents).records.rows)).map((row) => Object.values(row.values ?? {}))

const table = {
  heading: ['Isle', 'People'],
  rows: [
    ['Orrel', '120'],
    ['Hask', '9'],
  ],
}

test('a table makes the collection a series lacks, and fills the one it has', () => {
  const first = after(start, fillFromRows(seriesIn(start), table, 'isles', newId))
  expect(collectionIn(first).records.settings.collection.name).toBe('isles')
  expect(blockIn(first, 'rows').data).toEqual({ collection: collectionIn(first).id })
  expect(values(first)).toEqual([
    ['Orrel', 120],
    ['Hask', 9],
  ])
  const many = { ...table, rows: Array.from({ length: 14 }, (_, index) => [`Isle ${index}`, 'many']) }
  const fill = fillFromRows(seriesIn(first), many, 'isles', newId)
  expect(fill.says).toMatch(/^14 rows filled in\. The series shows 12 of them.*no number.*And 13 more\.$/)
  expect(values(after(first, fill))).toHaveLength(14)
})

test('lines fill one text, a row each; rows are added where they lack, and kept where lines do', () => {
  const filled = after(start, fillFromRows(seriesIn(start), table, 'isles', newId))
  const text = () => blockIn(filled, 'title')
  const more = fillFromLines(seriesIn(filled), text(), ['One', 'Two', 'Three'], 'names', newId)
  expect(more.says).toBe('3 lines filled in. 1 row added.')
  const named = after(filled, more)
  expect(values(named)).toEqual([['Orrel', 120, 'One'], ['Hask', 9, 'Two'], ['Three']])
  const fewer = fillFromLines(seriesIn(named), blockIn(named, 'title'), ['Uno'], 'names', newId)
  expect(fewer.says).toBe('1 line filled in. 2 rows beyond them left as they were.')
  expect(values(after(named, fewer)).map((row) => row.at(-1))).toEqual(['Uno', 'Two', 'Three'])
  expect(() =>
    fillFromLines(
      seriesIn(filled),
      text(),
      Array.from({ length: 10_001 }, () => 'x'),
      '',
      newId,
    ),
  ).toThrow(RangeError)
})

test('pictures go to the rows that are shown, one each; too many and too few are said', () => {
  const filled = after(start, fillFromRows(seriesIn(start), table, 'isles', newId))
  const rows = inOrder(Object.values(collectionIn(filled).records.rows))
  const file = (name: string) => ({ asset: idOf(name), width: 10, height: 20 })
  const fill = fillFromPictures(seriesIn(filled), blockIn(filled, 'pic'), rows, ['a', 'b', 'c'].map(file))
  expect(fill.says).toBe('2 rows got a picture. 1 picture had no row to go to.')
  const shown = blockIn(after(filled, fill), 'pic').rows
  expect(rows.map(({ id }) => shown?.[id].data?.file)).toEqual([file('a'), file('b')])
  expect(fillFromPictures(seriesIn(filled), blockIn(filled, 'pic'), rows, [file('a')]).says).toBe(
    '1 row got a picture. 1 row left without.',
  )
})
