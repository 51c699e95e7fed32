import type { Block } from '../block/block'
import { resolveAllBands, resolvePage } from '../resolve/resolvePage'
import { usualBands, usualSite } from '../site/usualSite'
import { plainStyle } from '../style/plainStyle'
import { pageHtml } from './pageHtml'
import { skeletonOf } from './skeleton'

const id = (name: string) => name.padEnd(16, '0')
const block = (name: string, more: Partial<Block>): Block =>
  ({ id: id(name), kind: 'box', order: 'a0', ...more }) as Block
const blocks = [
  block('hero', { kind: 'section', name: 'Hero' }),
  block('words', { parent: id('hero'), name: 'Words' }),
  block('head', { kind: 'text', tag: 'h1', parent: id('words'), text: [{ insert: 'Sailings' }] }),
  block('more', { parent: id('hero'), order: 'a1', name: 'Words' }),
]
const drawing = {
  ...{ kind: 'drawing', id: id('page'), schema: 3 },
  records: { blocks: Object.fromEntries(blocks.map((one) => [one.id, one])) },
}
const sources = { drawing, site: usualSite, style: plainStyle }

test('what is listed is what the exported HTML has: elements, classes and their order', () => {
  const rows = skeletonOf(resolvePage(sources, usualBands.wide))
  expect(rows.map(({ depth, element, className }) => [depth, element, className])).toEqual([
    [0, 'section', 'hero'],
    [1, 'div', 'words'],
    [2, 'h1', 'text'],
    [1, 'div', 'words-2'],
  ])
  const html = pageHtml({
    bands: Object.values(usualSite.records.bands).sort((a, b) => a.from - b.from),
    lead: usualBands.wide,
    pages: resolveAllBands(sources),
    title: '',
    language: 'en',
    fonts: [],
    pictureAddress: () => '',
  })
  const found = [...html.matchAll(/<(\w+) class="([^"]+)"/g)].map(([, element, className]) => [
    element,
    className,
  ])
  expect(found).toEqual(rows.map(({ element, className }) => [element, className]))
})
