import type { Block } from '../block/block'
import { applyChange } from '../document/apply'
import { composeText, textDifference } from '../document/richText'
import type { ChangePart, Documents, Operation } from '../document/types'
import { documentKinds } from '../resolve/documentKinds'
import type { BlockNode } from '../resolve/node'
import { pageSources } from '../resolve/pageSources'
import { bandsOf, resolveAllBands } from '../resolve/resolvePage'
import { valuesOf } from '../resolve/scope'
import { usualBands, usualSite } from '../site/usualSite'
import { plainStyle } from '../style/plainStyle'
import type { StyleDocument } from '../style/style'
import { blocksOf, idOf, type Sketch } from '../testing/draft'
import { px } from '../units/length'
import { setLeaf } from './blockChanges'
import { makeIndependent, type Original } from './makeIndependent'
import { makeShared } from './makeShared'
import { onlyInCopy, onlyInRow } from './onlyHere'
import { placeOf, setOwnPlace } from './ownPlace'
import { pagesShowing, refusesCopies, showsShared } from './sharedUses'

const { narrow, medium, wide } = usualBands
const at = { bands: bandsOf(usualSite), band: wide }
let count = 0
const newId = () => `n${String(count++).padStart(15, '0')}`
const PAGE = idOf('page')
const says = (words: string) => [{ insert: words }]

function projectOf(sketches: Sketch[]): Documents {
  const blocks = Object.fromEntries(blocksOf(sketches).map((block) => [block.id, block]))
  const drawing = { kind: 'drawing', id: PAGE, schema: documentKinds.drawing.schema, records: { blocks } }
  return { site: usualSite, style: plainStyle, [PAGE]: drawing } as unknown as Documents
}
function after(documents: Documents, parts: ChangePart[]): Documents {
  const applied = applyChange(documentKinds, documents, parts)
  expect(applied.outcomes).toEqual([])
  return applied.documents
}
const onPage = (operations: Operation[]): ChangePart[] => [{ document: PAGE, kind: 'drawing', operations }]
const blocksIn = (documents: Documents, drawing = PAGE) =>
  documents[drawing].records.blocks as unknown as Record<string, Block>
const styleOf = (documents: Documents) => documents.style as unknown as StyleDocument

/** What a page shows at every band, without what tells one instance from another. */
function shown(documents: Documents, drawing = PAGE) {
  const plain = ({ key, origin, name, room, children, ...node }: BlockNode): object => ({
    ...node,
    children: children.map(plain),
  })
  return resolveAllBands(pageSources(documents, drawing)).map(({ children }) => children.map(plain))
}

const card: Sketch = {
  kind: 'box',
  name: 'card',
  place: { column: { start: 3, span: 4 }, height: px(200) },
  look: { fill: { hex: '#eeeeee' } },
  at: { [narrow]: { place: { column: { start: 1, span: 4 } }, look: { opacity: 0.5 }, order: 'zz' } },
  holds: [
    { kind: 'text', name: 'title', text: says('A card'), tag: 'h3' },
    { kind: 'picture', name: 'pic', at: { [medium]: { hidden: true } } },
  ],
}
const page: Sketch[] = [
  {
    kind: 'section',
    name: 'hero',
    arrange: { gap: px(12) },
    holds: [{ kind: 'text', name: 'head', text: says('Hi') }],
  },
  { kind: 'section', name: 'main', holds: [card, { kind: 'text', name: 'words', text: says('Words') }] },
]

function shared(documents: Documents, chosen: string[], drawing = PAGE) {
  const made = makeShared(
    { id: drawing, blocks: blocksIn(documents, drawing) },
    chosen.map(idOf),
    'Card',
    styleOf(documents),
    at,
    newId,
  )
  if ('reason' in made) throw new Error(made.reason)
  return { ...made, documents: after(documents, made.parts) }
}
const originalOf = (documents: Documents, id: string): Original => ({
  shared: styleOf(documents).records.shared[id],
  values: valuesOf(styleOf(documents), id),
  blocks: blocksIn(documents, id),
})

test.each([['card'], ['hero']])('sharing %s changes nothing that is seen, at any band', (name) => {
  const before = projectOf(page)
  const made = shared(before, [name])
  expect(shown(made.documents)).toEqual(shown(before))
  expect(blocksIn(made.documents)[made.copy]).toMatchObject({ kind: 'copy' })
  expect(blocksIn(made.documents)[idOf(name)]).toBeUndefined()
})

test('several blocks are shared in a box; sections, copies and blocks from here and there are not', () => {
  const { documents, copy } = shared(projectOf(page), ['card', 'words'])
  const texts = JSON.stringify(shown(documents))
  expect(texts).toContain('A card')
  const reasonOf = (chosen: string[]) => {
    const made = makeShared(
      { id: PAGE, blocks: blocksIn(documents) },
      chosen,
      'X',
      styleOf(documents),
      at,
      newId,
    )
    return 'reason' in made ? made.reason : ''
  }
  expect(reasonOf([idOf('hero'), idOf('main')])).toMatch(/one by one/)
  expect(reasonOf([copy])).toMatch(/copy of a shared block already/)
  expect(reasonOf([])).toMatch(/Choose/)
  expect(reasonOf([idOf('head'), copy])).toMatch(/same box or section/)
})

test('a copy made independent shows what it showed, and follows no more', () => {
  const { documents, copy, shared: id } = shared(projectOf(page), ['card'])
  const title = Object.values(blocksIn(documents, id)).find(({ name }) => name === 'title') as Block
  const change = (operations: Operation[], band = wide) =>
    onlyInCopy(
      operations,
      originalOf(documents, id),
      { document: PAGE, id: copy },
      { ...at, band },
      newId,
      (block) => blocksIn(documents, id)[block].text,
    ) as ChangePart[]
  const delta = textDifference(says('A card'), says('Another'))
  const edit: Operation = { type: 'edit', collection: 'blocks', id: title.id, path: ['text'], delta }
  let differing = after(documents, change([edit]))
  const hide = onlyInCopy(
    setLeaf([title.id], ['hidden'], true, { ...at, band: narrow }),
    originalOf(differing, id),
    { document: PAGE, id: copy },
    at,
    newId,
    () => [],
  ) as ChangePart[]
  differing = after(differing, hide)
  expect(valuesOf(styleOf(differing), id).map(({ label }) => label)).toEqual([
    'title: text',
    'title: hidden here',
  ])
  expect(JSON.stringify(shown(differing))).toContain('Another')
  const copyBlock = blocksIn(differing)[copy]
  const { operations } = makeIndependent(blocksIn(differing), copyBlock, originalOf(differing, id), newId)
  const loose = after(differing, onPage(operations))
  expect(shown(loose)).toEqual(shown(differing))
  const changed = after(loose, [
    { document: id, kind: 'drawing', operations: setLeaf([title.id], ['tag'], 'h5', at) },
  ])
  expect(shown(changed)).toEqual(shown(loose))
})

test('what a change does to the root of one copy is written on that copy', () => {
  const { documents, copy, shared: id } = shared(projectOf(page), ['card'])
  const { root } = styleOf(documents).records.shared[id]
  const parts = onlyInCopy(
    setLeaf([root], ['look', 'opacity'], 0.2, { ...at, band: narrow }),
    originalOf(documents, id),
    { document: PAGE, id: copy },
    at,
    newId,
    () => [],
  ) as ChangePart[]
  expect(parts).toHaveLength(1)
  expect(blocksIn(after(documents, parts))[copy].at?.[narrow].look).toEqual({ opacity: 0.2 })
})

test('blocks are not added, moved or renamed for one copy, or for one row, alone', () => {
  const { documents, copy, shared: id } = shared(projectOf(page), ['card'])
  const original = originalOf(documents, id)
  const { root } = original.shared
  for (const operation of [
    { type: 'put', collection: 'blocks', id: newId(), record: { id: 'x' } },
    { type: 'set', collection: 'blocks', id: root, path: ['order'], value: 'b' },
    { type: 'set', collection: 'blocks', id: root, path: ['name'], value: 'b' },
  ] as Operation[]) {
    const here = { document: PAGE, id: copy }
    expect(onlyInCopy([operation], original, here, at, newId, () => [])).toHaveProperty('reason')
    expect(onlyInRow([operation], idOf('row'), () => [])).toHaveProperty('reason')
  }
})

test('in one row a text is written whole, and what is deleted is hidden', () => {
  const delta = textDifference(says('All rows'), says('This row'))
  const operations: Operation[] = [
    { type: 'edit', collection: 'blocks', id: idOf('a'), path: ['text'], delta },
    { type: 'remove', collection: 'blocks', id: idOf('b') },
    ...setLeaf([idOf('c')], ['look', 'opacity'], undefined, { ...at, band: narrow }),
  ]
  expect(onlyInRow(operations, idOf('row'), () => says('All rows'))).toEqual([
    {
      type: 'set',
      collection: 'blocks',
      id: idOf('a'),
      path: ['rows', idOf('row'), 'text'],
      value: composeText(says('All rows'), delta),
    },
    { type: 'set', collection: 'blocks', id: idOf('b'), path: ['rows', idOf('row'), 'hidden'], value: true },
    { type: 'set', collection: 'blocks', id: idOf('c'), path: ['rows', idOf('row'), 'look', 'opacity'] },
  ])
})

test('copies put blocks of their own where the original lets them, and no longer where it does not', () => {
  const { documents, copy, shared: id } = shared(projectOf(page), ['card'])
  const { root } = styleOf(documents).records.shared[id]
  const own: Operation = {
    type: 'put',
    collection: 'blocks',
    id: idOf('mine'),
    record: { id: idOf('mine'), order: 'a0', kind: 'text', parent: copy, text: says('Mine') },
  }
  expect(applyChange(documentKinds, documents, onPage([own])).outcomes).toHaveLength(1)
  const open = after(documents, setOwnPlace(documents, id, blocksIn(documents, id)[root], newId))
  expect(placeOf(styleOf(open), id)).toBe(root)
  const filled = after(open, onPage([own]))
  expect(JSON.stringify(shown(filled))).toContain('Mine')
  expect(JSON.stringify(shown(filled))).not.toContain('A card')
  const closed = after(open, setOwnPlace(open, id, undefined, newId))
  expect(placeOf(styleOf(closed), id)).toBeUndefined()
  expect(shown(closed)).toEqual(shown(documents))
})

test('a shared block cannot be put into itself, straight or through another', () => {
  const inner = shared(projectOf(page), ['title'])
  const outer = shared(inner.documents, ['card'])
  const { documents } = outer
  expect(showsShared(documents, outer.shared, inner.shared)).toBe(true)
  expect(showsShared(documents, inner.shared, outer.shared)).toBe(false)
  const copyOf = (id: string): Operation[] => [
    {
      type: 'put',
      collection: 'blocks',
      id: newId(),
      record: { id: 'x', order: 'a0', kind: 'copy', data: { shared: id } },
    },
  ]
  expect(refusesCopies(documents, inner.shared, copyOf(outer.shared))).toMatch(/shows “Card” itself/)
  expect(refusesCopies(documents, inner.shared, copyOf(inner.shared))).toMatch(/itself/)
  expect(refusesCopies(documents, outer.shared, copyOf(inner.shared))).toBeUndefined()
  expect([...pagesShowing(documents, inner.shared)]).toEqual([PAGE])
})
