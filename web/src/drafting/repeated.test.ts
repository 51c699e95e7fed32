import { collectionKind } from '@nolvex/core/content/collection'
import { plainText } from '@nolvex/core/document/richText'
import type { Documents } from '@nolvex/core/document/types'
import { drawingKind } from '@nolvex/core/drawing/drawing'
import { plainStyle } from '@nolvex/core/style/plainStyle'
import { blocksOf } from '@nolvex/core/testing/draft'
import { draftPage, idOf, type Draft, type Sketch } from '../testing/draftPage'

const CARD = idOf('card')
const ISLES = idOf('isles')
const says = (words: string) => [{ insert: words }]

const stand: Sketch[] = [
  {
    kind: 'section',
    name: 'stand',
    holds: [{ kind: 'box', name: 'root', holds: [{ kind: 'text', name: 'title', text: says('A card') }] }],
  },
]
const copy = (name: string): Sketch => ({ kind: 'copy', name, data: { shared: CARD } })
const series: Sketch = {
  kind: 'series',
  name: 'rows',
  data: { collection: ISLES },
  holds: [
    {
      kind: 'box',
      name: 'row',
      holds: [
        { kind: 'text', name: 'isle', content: { field: idOf('name') } },
        { kind: 'text', name: 'more', text: says('More') },
      ],
    },
  ],
}
const page: Sketch[] = [{ kind: 'section', name: 'main', holds: [copy('one'), copy('two'), series] }]

const byId = <T extends { id: string }>(list: T[]) => Object.fromEntries(list.map((one) => [one.id, one]))
const more = {
  style: {
    ...plainStyle,
    records: {
      ...plainStyle.records,
      shared: { [CARD]: { id: CARD, order: 'a0', name: 'Card', root: idOf('root') } },
    },
  },
  [CARD]: {
    kind: 'drawing',
    id: CARD,
    schema: drawingKind.schema,
    records: { blocks: byId(blocksOf(stand)) },
  },
  [ISLES]: {
    kind: 'collection',
    id: ISLES,
    schema: collectionKind.schema,
    records: {
      fields: byId([{ id: idOf('name'), order: 'a0', name: 'Name', type: 'text' }]),
      rows: byId(
        ['orrel', 'hask'].map((name) => ({ id: idOf(name), order: name, values: { [idOf('name')]: name } })),
      ),
      settings: { collection: { id: 'collection', name: 'Isles' } },
    },
  },
} as unknown as Documents

let draft: Draft
beforeEach(async () => {
  draft = await draftPage(page, 1440, more)
})
afterEach(() => draft.close())

/** The words on the page, in reading order. */
function words(): string[] {
  const all: string[] = []
  const walk = (box: (typeof sections)[number]) => {
    const { content } = box.node
    if (content.type === 'text') all.push(content.runs.map(({ text }) => text).join(''))
    box.children.forEach(walk)
  }
  const sections = draft.page.layout.value?.sections ?? []
  sections.forEach(walk)
  return all
}
const write = (key: string, text: string) => draft.page.writeText(key, says(text))

describe('an original edited in place', () => {
  const title = `${idOf('one')}-${idOf('title')}`

  test('is what edits go to, and all copies follow; leaving it, the page is edited again', () => {
    const { page: drafting } = draft
    expect(drafting.placed.value.has(title)).toBe(false)
    drafting.enter(idOf('one'))
    expect(drafting.following.value).toMatchObject({ what: 'Original of Card', all: 'All: 2 copies follow' })
    expect(draft.inside()).toEqual(['one'])
    write(title, 'Another')
    expect(words()).toEqual(['Another', 'Another', 'hask', 'More', 'orrel', 'More'])
    drafting.leave()
    expect(drafting.placed.value.has(title)).toBe(false)
    expect(drafting.following.value).toBeUndefined()
  })

  test('may be changed in one copy only, which says so and can give it back', () => {
    const { page: drafting } = draft
    drafting.enter(idOf('one'))
    drafting.wantsOne.value = true
    write(title, 'Here')
    expect(words().slice(0, 2)).toEqual(['Here', 'A card'])
    expect(plainText(drafting.textOf(title).text)).toBe('Here')
    drafting.select([title])
    expect(drafting.differs(drafting.blocks.value[idOf('title')], ['text'])).toBe(true)
    drafting.set('Give back', ['text'], undefined)
    expect(words().slice(0, 2)).toEqual(['A card', 'A card'])
  })

  test('refuses what cannot hold for one copy, or would put it into itself, and says why', () => {
    const { page: drafting } = draft
    drafting.enter(idOf('one'))
    const parent = idOf('root')
    const record = { id: idOf('new'), order: 'z', kind: 'copy', parent, data: { shared: CARD } }
    const put = { type: 'put' as const, collection: 'blocks', id: record.id, record }
    drafting.change('Put', [put])
    expect(drafting.trouble.value).toMatch(/cannot stand in it/)
    drafting.wantsOne.value = true
    drafting.change('Put', [{ ...put, record: { ...record, kind: 'text', data: {} } }])
    expect(drafting.trouble.value).toMatch(/same for all/)
    expect(drafting.blocks.value[record.id]).toBeUndefined()
  })

  test('is left where the copy goes away', () => {
    const { page: drafting, project } = draft
    drafting.enter(idOf('one'))
    project.changeDrawing('Delete', idOf('page'), [{ type: 'remove', collection: 'blocks', id: idOf('one') }])
    expect(drafting.original.value).toBeUndefined()
  })
})

describe('a row of a series', () => {
  const inRow = (row: string, block: string) => `${idOf('rows')}-${idOf(row)}-${idOf(block)}`

  test('is drawn on as any block is, and all rows follow', () => {
    const { page: drafting } = draft
    drafting.select([inRow('orrel', 'more')])
    expect(drafting.following.value).toMatchObject({ what: 'Series of Isles', one: 'Only row 2' })
    write(inRow('orrel', 'more'), 'Much more')
    expect(words().slice(2)).toEqual(['hask', 'Much more', 'orrel', 'Much more'])
  })

  test('may differ from the others', () => {
    const { page: drafting } = draft
    drafting.select([inRow('orrel', 'more')])
    drafting.wantsOne.value = true
    write(inRow('orrel', 'more'), 'Only here')
    drafting.set('Hide', ['hidden'], true)
    expect(words().slice(2)).toEqual(['hask', 'More', 'orrel'])
    draft.project.undo()
    expect(words().slice(2)).toEqual(['hask', 'More', 'orrel', 'Only here'])
  })

  test('writes its collection where its words come from there', () => {
    expect(draft.page.textOf(inRow('hask', 'isle'))).toEqual({ text: says('hask'), isPlain: true })
    write(inRow('hask', 'isle'), 'Little Hask')
    expect(words().slice(2)).toEqual(['Little Hask', 'More', 'orrel', 'More'])
    expect(draft.project.collections[0].records.rows[idOf('hask')].values).toEqual({
      [idOf('name')]: 'Little Hask',
    })
  })

  test('a block is selected by its id wherever it first stands', () => {
    draft.page.select([idOf('more')])
    expect(draft.page.selection.value).toEqual([inRow('hask', 'more')])
    expect(draft.page.records.value).toEqual([idOf('more')])
  })
})
