import type { Block } from '../block/block'
import type { Operation } from '../document/types'
import { resolvePage } from '../resolve/resolvePage'
import { usualBands, usualSite } from '../site/usualSite'
import { plainStyle } from '../style/plainStyle'
import { inPageState, removePageState, statesOfPage } from './pageStateChanges'

const id = (name: string) => name.padEnd(16, '0')
const [page, empty, wrong] = ['page', 'empty', 'wrong'].map(id)
const site = {
  ...usualSite,
  records: {
    ...usualSite.records,
    pageStates: {
      [wrong]: { id: wrong, page, order: 'a1', name: 'Wrong' },
      [empty]: { id: empty, page, order: 'a0', name: 'Empty' },
      [id('other')]: { id: id('other'), page: id('else'), order: 'a0', name: 'Of another page' },
    },
  },
}
const all = statesOfPage(site.records, page)
const blocks: Record<string, Block> = {
  [id('top')]: { id: id('top'), kind: 'section', order: 'a0' },
  [id('list')]: { id: id('list'), kind: 'section', order: 'a1', shownWhen: ['usual', wrong] },
  [id('note')]: { id: id('note'), kind: 'section', order: 'a2', shownWhen: [empty] },
}
const drawing = { kind: 'drawing', id: page, schema: 3, records: { blocks } }
const shownIn = (pageState?: string) =>
  resolvePage({ drawing, site, style: plainStyle }, usualBands.wide, 'mockup', { pageState }).children.map(
    ({ key }) => key,
  )

test('a page has its usual state and those of its own, in order', () => {
  expect(all).toEqual(['usual', empty, wrong])
})

test('a state shares all blocks but those that say otherwise', () => {
  expect(shownIn()).toEqual([id('top'), id('list')])
  expect(shownIn(empty)).toEqual([id('top'), id('note')])
  expect(shownIn(wrong)).toEqual([id('top'), id('list')])
})

test('what is put in a state is shown there alone, with what stands in it', () => {
  const put = (one: string, parent?: string): Operation => ({
    type: 'put',
    collection: 'blocks',
    id: id(one),
    record: { id: id(one), kind: 'box', order: 'a0', ...(parent && { parent: id(parent) }) },
  })
  const operations = [put('box', 'top'), put('inside', 'box')]
  const counted = inPageState(operations, blocks, empty, all)
  expect(counted[0]).toMatchObject({ record: { shownWhen: [empty] } })
  expect(counted[1]).toBe(operations[1])
  expect(inPageState(operations, blocks, 'usual', all)).toBe(operations)
})

test('what is taken away in a state stays in the others; what is shown there alone goes', () => {
  const remove = (one: string): Operation => ({ type: 'remove', collection: 'blocks', id: id(one) })
  const set = (one: string, value: string[]) => ({
    ...{ type: 'set', collection: 'blocks', id: id(one), path: ['shownWhen'] },
    value,
  })
  expect(inPageState([remove('top')], blocks, empty, all)).toEqual([set('top', ['usual', wrong])])
  expect(inPageState([remove('list')], blocks, wrong, all)).toEqual([set('list', ['usual'])])
  expect(inPageState([remove('note')], blocks, empty, all)).toEqual([remove('note')])
})

test('a state that is deleted takes what is shown in it alone, and is named no more', () => {
  const [own, drawn] = removePageState(empty, page, drawing)
  expect(own.operations).toEqual([{ type: 'remove', collection: 'pageStates', id: empty }])
  expect(drawn.operations).toEqual([{ type: 'remove', collection: 'blocks', id: id('note') }])
  const [, others] = removePageState(wrong, page, drawing)
  expect(others.operations).toEqual([
    { type: 'set', collection: 'blocks', id: id('list'), path: ['shownWhen'], value: ['usual'] },
  ])
})
