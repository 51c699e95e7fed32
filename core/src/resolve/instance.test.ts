import type { Primitive } from '../block/primitive'
import { usualBands, usualSite } from '../site/usualSite'
import { plainStyle } from '../style/plainStyle'
import { px } from '../units/length'
import { InstanceMaker } from './instance'
import { bandsOf } from './resolvePage'
import { StyleTokens } from './styleTokens'

const at = { bands: bandsOf(usualSite), band: usualBands.wide }
const maker = new InstanceMaker({
  document: 'page000000000000',
  at,
  grid: usualSite.records.bands[usualBands.wide].grid,
  tokens: new StyleTokens(plainStyle, at),
  pageAddress: (page) => (page === 'pagefares0000000' ? '/fares' : undefined),
})
const block = { id: 'block00000000000', order: 'a0', kind: 'box' as const }

test('parts of a block have keys of their own, and what an edit to any of them writes is the block', () => {
  const child = maker.instance(
    { ...block, id: 'child00000000000', kind: 'text', text: [{ insert: 'In it' }] },
    [],
  )
  const field: Primitive = {
    content: {
      type: 'blocks',
      holds: [
        {
          name: 'label',
          tag: 'p',
          values: { place: { width: 'fit' } },
          content: { type: 'text', text: [{ insert: 'E-mail' }] },
        },
        {
          name: 'body',
          tag: 'div',
          values: { arrange: { gap: px(8) } },
          content: { type: 'blocks', holds: ['own'] },
        },
      ],
    },
  }
  const frame = maker.instance(block, [])
  const node = maker.expand(field, frame, [child])
  const [label, body] = node.children
  expect([node.key, label.key, body.key]).toEqual([block.id, `${block.id}/label`, `${block.id}/body`])
  expect(new Set([node, label, body].map(({ origin }) => origin.record))).toEqual(new Set([block.id]))
  expect(body.children).toEqual([child])
  expect(body.arrange.rowGap).toEqual(px(8))
  expect(label.content).toMatchObject({ type: 'text', runs: [{ text: 'E-mail' }] })
})

test('a link leads to a page wherever it stands, or to an address; inside it nothing leads elsewhere', () => {
  const link = { ...block, kind: 'link' as const, text: [{ insert: 'Fares', attributes: { link: '/x' } }] }
  const toPage = maker.instance({ ...link, data: { to: { page: 'pagefares0000000' } } }, [])
  expect(toPage.attributes).toEqual({ href: '/fares' })
  expect(toPage.content).toMatchObject({ runs: [{ text: 'Fares', link: undefined }], underlined: true })
  expect(maker.instance({ ...link, data: { to: { address: 'tel:123' } } }, []).attributes.href).toBe(
    'tel:123',
  )
  const toGonePage = maker.instance({ ...link, data: { to: { page: 'pagegone00000000' } } }, [])
  expect(toGonePage.attributes).toEqual({})
  expect(toGonePage.content).toMatchObject({ underlined: false })
})

test('a line is as thick as its stroke, across or down', () => {
  const stroke = { width: px(3), colour: { hex: '#123456' } }
  const across = maker.instance({ ...block, kind: 'line', look: { stroke } }, [])
  expect(across.content).toMatchObject({ type: 'shape', isDown: false, height: px(3) })
  const down = maker.instance(
    { ...block, kind: 'line', place: { width: 'fit', height: 'fill' }, look: { stroke } },
    [],
  )
  expect(down.content).toMatchObject({ isDown: true, width: px(3) })
})
