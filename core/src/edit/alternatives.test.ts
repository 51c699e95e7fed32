import { applyChange } from '../document/apply'
import type { ChangePart, Documents } from '../document/types'
import { putBlock } from '../drawing/drawing'
import { documentKinds } from '../resolve/documentKinds'
import type { SiteDocument } from '../site/site'
import { usualSite } from '../site/usualSite'
import { plainStyle } from '../style/plainStyle'
import { alternativesOf, counting, forgetAlternative, keepAlternative, takeAlternative } from './alternatives'

const id = (name: string) => name.padEnd(16, '0')
const page = id('home')
const block = (name: string, more: object = {}) => ({
  id: id(name),
  kind: 'section' as const,
  order: 'a0',
  ...more,
})
const after = (documents: Documents, parts: ChangePart[]): Documents => {
  const applied = applyChange(documentKinds, documents, parts)
  expect(applied.outcomes).toEqual([])
  return applied.documents
}
const begun = after({ site: usualSite, style: plainStyle } as unknown as Documents, [
  {
    ...{ document: 'site', kind: 'site' },
    operations: [
      { type: 'put', collection: 'pages', id: page, record: { id: page, order: 'a0', title: 'Home' } },
    ],
  },
  {
    ...{ document: page, kind: 'drawing' },
    operations: [
      block('hero', { name: 'Hero' }),
      block('words', { kind: 'box', parent: id('hero') }),
      block('said', { kind: 'text', parent: id('words'), text: [{ insert: 'Small boats' }] }),
      block('foot', { order: 'a5' }),
    ].map((one) => putBlock(one as never)),
  },
])
const kept = (documents: Documents) => (documents.site as unknown as SiteDocument).records.alternatives
const write = (documents: Documents, name: string, path: string[], value: string) =>
  after(documents, [
    {
      ...{ document: page, kind: 'drawing' },
      operations: [{ type: 'set', collection: 'blocks', id: id(name), path, value }],
    },
  ])

test('a page that is kept stands beside what becomes of it, and either may count', () => {
  const branched = after(begun, keepAlternative(begun, { page }, { id: id('alt'), name: 'With a picture' }))
  const changed = write(branched, 'hero', ['name'], 'Hero with a picture')
  expect(changed[id('alt')].records).toEqual(begun[page].records)
  const [alternative] = alternativesOf((changed.site as unknown as SiteDocument).records, { page })
  expect(alternative).toMatchObject({ name: 'With a picture', page })
  const taken = after(changed, takeAlternative(changed, alternative))
  expect(taken[page].records).toEqual(begun[page].records)
  expect(taken[id('alt')].records).toEqual(changed[page].records)
  // Taken again, all is as it was.
  const back = after(taken, takeAlternative(taken, alternative))
  expect(back[page].records).toEqual(changed[page].records)
})

test('of a section only that is kept and taken, where it stands now', () => {
  const of = { page, section: id('hero') }
  const branched = after(begun, keepAlternative(begun, of, { id: id('alt'), name: 'Shorter' }))
  expect(Object.keys(branched[id('alt')].records.blocks)).toEqual([id('hero'), id('words'), id('said')])
  const moved = write(write(branched, 'hero', ['order'], 'a9'), 'foot', ['name'], 'The foot')
  const [alternative] = Object.values(kept(moved))
  const taken = after(moved, takeAlternative(moved, alternative))
  const { blocks } = taken[page].records
  expect(blocks[id('hero')]).toMatchObject({ order: 'a9', name: 'Hero' })
  expect(blocks[id('foot')]).toMatchObject({ name: 'The foot' })
  expect(blocks[id('said')]).toMatchObject({ text: [{ insert: 'Small boats' }] })
  expect(counting(taken, of).records.blocks).not.toHaveProperty(id('foot'))
})

test('a guide that is kept holds no shared blocks: drawings show them whichever guide counts', () => {
  const [level] = Object.values(plainStyle.records.levels)
  const shared = { id: id('card'), order: 'a0', name: 'Card', root: id('root') }
  const put = (collection: string, record: { id: string }): ChangePart => ({
    ...{ document: 'style', kind: 'style' },
    operations: [{ type: 'put', collection, id: record.id, record: record as never }],
  })
  const withShared = after(begun, [put('shared', shared)])
  const branched = after(withShared, keepAlternative(withShared, {}, { id: id('alt'), name: 'By day' }))
  expect(branched[id('alt')].records.shared).toEqual({})
  const changed = after(branched, [
    {
      ...{ document: 'style', kind: 'style' },
      operations: [{ type: 'set', collection: 'levels', id: level.id, path: ['weight'], value: 700 }],
    },
  ])
  const [alternative] = Object.values(kept(changed))
  const taken = after(changed, takeAlternative(changed, alternative))
  expect(taken.style.records.levels[level.id]).toEqual(begun.style.records.levels[level.id])
  expect(taken.style.records.shared).toEqual({ [shared.id]: shared })
  expect(taken[id('alt')].records.levels[level.id]).toMatchObject({ weight: 700 })
})

test('one that is forgotten leaves nothing behind', () => {
  const branched = after(begun, keepAlternative(begun, { page }, { id: id('alt'), name: 'Another' }))
  const [alternative] = Object.values(kept(branched))
  const without = after(branched, forgetAlternative(branched, alternative))
  expect(kept(without)).toEqual({})
  expect(without[id('alt')]?.records.blocks ?? {}).toEqual({})
  expect(without[page]).toEqual(branched[page])
})
