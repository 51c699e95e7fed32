import { siteFactsAt } from '../site/siteFacts'
import { usualBands, usualSite } from '../site/usualSite'
import { plainStyle } from '../style/plainStyle'
import { px } from '../units/length'
import type { Block } from '../block/block'
import { InstanceMaker } from './instance'
import type { BlockNode } from './node'
import { bandsOf } from './resolvePage'
import { StyleParts } from './styleParts'
import { StyleTokens } from './styleTokens'

const at = { bands: bandsOf(usualSite), band: usualBands.wide }
const FARES = 'pagefares0000000'
const site = {
  ...usualSite.records,
  pages: { [FARES]: { id: FARES, order: 'a0', title: 'Fares', path: 'fares' } },
}
const tokens = new StyleTokens(plainStyle, at)
const makerOf = (withHidden: boolean) =>
  new InstanceMaker({
    at,
    grid: usualSite.records.bands[usualBands.wide].grid,
    parts: new StyleParts({}, at),
    tokens: { light: tokens, dark: tokens },
    site: siteFactsAt(site, 'page000000000000'),
    withHidden,
    withStates: false,
  })
const instanceBy = (maker: InstanceMaker, own: Block, children: BlockNode[]) =>
  maker.instance(own, children, {
    key: own.id,
    origin: { document: 'page000000000000', record: own.id },
  })
const instance = (own: Block, children: BlockNode[]) => instanceBy(makerOf(false), own, children)
const block = { id: 'block00000000000', order: 'a0', kind: 'box' as const }

test('parts of a block have keys of their own, and what an edit to any of them writes is the block', () => {
  const answer = instance(
    { ...block, id: 'child00000000000', kind: 'text', name: 'May I?', text: [{ insert: 'You may.' }] },
    [],
  )
  const node = instance({ ...block, kind: 'accordion' }, [answer])
  const [question] = node.children
  const [head, panel] = question.children
  expect([question.key, head.key, panel.key]).toEqual(
    ['', '/head', '/panel'].map((part) => `${block.id}/question ${answer.key}${part}`),
  )
  expect([question, head, panel].map(({ origin }) => origin.record)).toEqual([block.id, block.id, block.id])
  expect([node.isPart, question.isPart, answer.isPart]).toEqual([false, true, false])
  expect(head.children[0].content).toMatchObject({ type: 'text', runs: [{ text: 'May I?' }] })
  expect(panel.children).toEqual([answer])
})

test('a pane that is shut is not drawn, and stands in the tree where hidden things do', () => {
  const child = instance({ ...block, id: 'child00000000000' }, [])
  const shut = { ...block, kind: 'accordion' as const, data: { open: 0 } }
  expect(instance(shut, [child]).children[0].children).toHaveLength(1)
  const [, panel] = instanceBy(makerOf(true), shut, [child]).children[0].children
  expect(panel).toMatchObject({ isClosed: true, hidden: false, children: [child] })
})

test('a link leads to a page wherever it stands, or to an address; inside it nothing leads elsewhere', () => {
  const link = { ...block, kind: 'link' as const, text: [{ insert: 'Fares', attributes: { link: '/x' } }] }
  const toPage = instance({ ...link, data: { to: { page: 'pagefares0000000' } } }, [])
  expect(toPage.attributes).toEqual({ href: '/' })
  expect(toPage.content).toMatchObject({ runs: [{ text: 'Fares', link: undefined }], underlined: true })
  expect(instance({ ...link, data: { to: { address: 'tel:123' } } }, []).attributes.href).toBe('tel:123')
  const toGonePage = instance({ ...link, data: { to: { page: 'pagegone00000000' } } }, [])
  expect(toGonePage.attributes).toEqual({})
  expect(toGonePage.content).toMatchObject({ underlined: false })
})

test('a line is as thick as its stroke, across or down', () => {
  const stroke = { width: px(3), colour: { hex: '#123456' } }
  const across = instance({ ...block, kind: 'line', look: { stroke } }, [])
  expect(across.content).toMatchObject({ type: 'shape', isDown: false, height: px(3) })
  const down = instance(
    { ...block, kind: 'line', place: { width: 'fit', height: 'fill' }, look: { stroke } },
    [],
  )
  expect(down.content).toMatchObject({ isDown: true, width: px(3) })
})
