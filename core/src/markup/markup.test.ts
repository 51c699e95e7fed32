import type { Block } from '../block/block'
import { bandsOf, resolveAllBands } from '../resolve/resolvePage'
import { usualBands, usualSite } from '../site/usualSite'
import { plainStyle } from '../style/plainStyle'
import { px } from '../units/length'
import { htmlElement, written } from '../text/elementWriter'
import { textHtml as contentOf } from './blockHtml'
import { cssPictures, writtenCss } from '../text/cssWriter'
import { classFromName } from './className'
import { pageHtml } from './pageHtml'

const { narrow, medium, wide } = usualBands
const id = (name: string) => name.padEnd(16, '0')
const block = (name: string, kind: Block['kind'], order: string, more: Partial<Block> = {}): Block => {
  return { id: id(name), kind, order, name, ...more }
}

function htmlOf(list: Block[], title = 'Page'): string {
  const blocks = Object.fromEntries(list.map((one) => [one.id, one]))
  const drawing = { kind: 'drawing', id: id('page'), schema: 3, records: { blocks } }
  const sources = { drawing, site: usualSite, style: plainStyle }
  const { inOrder, lead } = bandsOf(usualSite)
  const pages = resolveAllBands(sources)
  return pageHtml({
    bands: inOrder,
    lead,
    pages,
    title,
    language: 'en',
    fonts: [],
    pictureAddress: () => 'data:,',
  })
}

const textHtml = (runs: Parameters<typeof contentOf>[0]) =>
  written(htmlElement('p', {}, contentOf(runs))).slice('<p>'.length, -'</p>'.length)

/** What a class is given under a media query, or without one. */
function rule(html: string, name: string, query?: string): string {
  const sheet = query
    ? (html.split(`@media ${query} {`)[1]?.split('\n}\n')[0] ?? '')
    : html.split('@media (width')[0]
  return new RegExp(`\\.${name}(?:, [^{]*)? \\{([^}]*)\\}`).exec(sheet)?.[1].trim() ?? ''
}

describe('bands become media queries', () => {
  const box = block('box', 'section', 'a0', {
    arrange: { gap: px(40) },
    look: { fill: { hex: '#eeeeee' } },
    at: {
      [medium]: { arrange: { gap: px(24) }, look: { fill: 'none' } },
      [narrow]: { arrange: { type: 'row' } },
    },
  })
  const html = htmlOf([box])
  test('the lead’s rules stand without a query', () => {
    expect(rule(html, 'box')).toContain('gap: 40px')
    expect(rule(html, 'box')).toContain('background-color: #eeeeee')
  })
  test('the next band writes what differs, and says what is gone', () => {
    const said = rule(html, 'box', '(width < 1120px)')
    expect(said).toContain('24px')
    expect(said).toContain('background-color: transparent')
    expect(said).not.toContain('display')
  })
  test('a band farther out differs from its neighbour, not from the lead', () => {
    const said = rule(html, 'box', '(width < 680px)')
    expect(said).toContain('flex-flow: row')
    expect(said).not.toContain('background')
  })
  test('a block hidden at one band is not displayed there', () => {
    const hidden = htmlOf([block('box', 'section', 'a0', { at: { [narrow]: { hidden: true } } })])
    expect(rule(hidden, 'box')).not.toContain('none')
    expect(rule(hidden, 'box', '(width < 680px)')).toContain('display: none')
  })
  test('another order at a band is written as order', () => {
    const list = [
      block('box', 'section', 'a0'),
      block('one', 'box', 'a0', { parent: id('box') }),
      block('two', 'box', 'a1', { parent: id('box'), at: { [narrow]: { order: 'Zz' } } }),
    ]
    expect(rule(htmlOf(list), 'two', '(width < 680px)')).toContain('order: 0')
    expect(rule(htmlOf(list), 'one', '(width < 680px)')).toContain('order: 1')
  })
})

describe('what leaves is safe', () => {
  test('text, names and titles are escaped', () => {
    const html = htmlOf(
      [
        block('"><script>', 'section', 'a0'),
        block('words', 'text', 'a0', {
          parent: id('"><script>'),
          text: [{ insert: '<img onerror=x> & more' }],
        }),
      ],
      '</title><script>',
    )
    expect(html).not.toMatch(/<script|<img onerror/)
    expect(html).toContain('&lt;img onerror=x&gt; &amp; more')
    expect(html).toContain('<title>&lt;/title&gt;&lt;script&gt;</title>')
  })
  test.each([
    [
      'https://skerrin.example/?a=1&b="2"',
      '<a href="https://skerrin.example/?a=1&amp;b=&quot;2&quot;">x</a>',
    ],
    ['mailto:quay@skerrin.example', '<a href="mailto:quay@skerrin.example">x</a>'],
    ['/fares', '<a href="/fares">x</a>'],
    ['javascript:alert(1)', 'x'],
    ['data:text/html,x', 'x'],
  ])('a link to %s', (link, expected) => {
    expect(textHtml([{ text: 'x', bold: false, italic: false, small: false, link }])).toBe(expected)
  })
})

test('marks nest in one order, and line breaks show', () => {
  const run = { bold: true, italic: true, small: true }
  expect(textHtml([{ ...run, text: 'a\nb' }])).toBe('<strong><em><small>a<br>b</small></em></strong>')
  expect(textHtml([{ text: 'last\n', bold: false, italic: false, small: false }])).toBe('last<br><br>')
  expect(textHtml([])).toBe('<br>')
})

test('blocks are written in reading order with their own elements', () => {
  const html = htmlOf([
    block('hero', 'section', 'a0'),
    block('head', 'text', 'a0', { parent: id('hero'), tag: 'h1', text: [{ insert: 'Boats' }] }),
    block('go', 'button', 'a1', { parent: id('hero'), text: [{ insert: 'Find a sailing' }] }),
    block('photo', 'picture', 'a2', {
      parent: id('hero'),
      data: { file: { width: 640, height: 400 }, alt: 'A "quay"' },
    }),
  ])
  const body = html.slice(html.indexOf('<body>'))
  expect(body).toMatch(
    /<section class="hero">\s*<h1 class="head">Boats<\/h1>\s*<button [^>]*>Find a sailing<\/button>/,
  )
  expect(body).toContain('alt="A &quot;quay&quot;" width="640" height="400"')
})

test('a link is written as one, with nothing in it that leads elsewhere; one that leads nowhere has no address', () => {
  const words = [{ insert: 'Fares', attributes: { link: '/elsewhere' } }]
  const html = htmlOf([
    block('top', 'section', 'a0'),
    block('far', 'link', 'a0', {
      parent: id('top'),
      text: words,
      data: { to: { address: 'https://skerrin.example/' } },
    }),
    block('none', 'link', 'a1', { parent: id('top'), text: words }),
  ])
  expect(html).toContain('<a class="far" href="https://skerrin.example/">Fares</a>')
  expect(html).toContain('<a class="none">Fares</a>')
})

test('a line is a rule as thick as its stroke, drawn in its middle', () => {
  const stroke = { width: px(3), colour: { hex: '#123456' }, dashes: { dash: 6, gap: 4 } }
  const html = htmlOf([
    block('top', 'section', 'a0'),
    block('rule', 'line', 'a0', { parent: id('top'), look: { stroke } }),
  ])
  expect(html).toContain('<hr class="rule">')
  expect(rule(html, 'rule')).toContain('contain-intrinsic-size: 3px 3px')
  expect(rule(html, 'rule')).toContain('#123456 0 6px, transparent 6px 10px')
})

test.each([
  ['Übersicht der Fähren', 'ubersicht-der-fahren'],
  ['3 isles', 'isles'],
  ['船', ''],
  ['} body {', 'body'],
])('%j as a class is %j', (name, expected) => {
  expect(classFromName(name)).toBe(expected)
})

test('the widths of the queries are those of the bands', () => {
  const box = block('box', 'section', 'a0', {
    at: { [narrow]: { arrange: { gap: px(1) } }, [medium]: { arrange: { gap: px(2) } } },
  })
  const queries = [...htmlOf([box]).matchAll(/@media (\(width[^)]*\))/g)].map(([, query]) => query)
  const froms = usualSite.records.bands
  expect(queries).toEqual([`(width < ${froms[wide].from}px)`, `(width < ${froms[medium].from}px)`])
})

describe('a picture behind a block', () => {
  const picture = { asset: 'sea0000000000000', width: 1600, height: 900 }
  const behind = block('behind', 'section', 'a0', {
    look: { backdrop: { picture, focus: { x: 0.2, y: 1 }, veil: { hex: '#102030' }, strength: 0.5 } },
    at: { [narrow]: { look: { backdrop: { picture: 'none' } } } },
  })
  const html = htmlOf([behind])
  test('is named once, and covers it from its focus under its veil', () => {
    expect(html).toContain('html { --picture-sea0000000000000: url("data:,") }')
    expect(rule(html, 'behind')).toContain(
      'background-image: linear-gradient(#10203080 0 0), var(--picture-sea0000000000000)',
    )
    expect(rule(html, 'behind')).toContain('background-position: 20% 100%')
    expect(rule(html, 'behind')).toContain('background-size: cover')
  })
  test('lies under a gradient over it', () => {
    const stops = [
      { at: 0, colour: { hex: '#102030' }, strength: 0 },
      { at: 1, colour: { hex: '#102030' } },
    ]
    const over = block('over', 'section', 'a0', {
      look: { backdrop: { picture }, gradient: { type: 'linear', angle: 180, stops } },
    })
    expect(rule(htmlOf([over]), 'over')).toContain(
      'background-image: linear-gradient(180deg, #10203000 0%, #102030 100%), var(--picture-sea0000000000000)',
    )
  })
  test('is gone where a band takes it off', () => {
    const said = rule(html, 'behind', '(width < 680px)')
    expect(said).toContain('background-image: none')
    expect(said).toContain('background-size: auto')
  })
  test('an address that is not our own is left out', () => {
    const sheet = writtenCss(cssPictures(new Map([['--picture-a', 'https://elsewhere.example/") }']])))
    expect(sheet).toBe('')
  })
})
