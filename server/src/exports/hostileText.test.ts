import { readFileSync } from 'node:fs'
import { join } from 'node:path'
import fc from 'fast-check'
import { strFromU8, unzipSync } from 'fflate'
import { parse, type DefaultTreeAdapterMap } from 'parse5'
import { SaxesParser } from 'saxes'
import { writeCheckList } from '@nolvex/core/formats/checkList'
import { writeContentCsv } from '@nolvex/core/formats/contentCsv'
import { readProject } from '@nolvex/core/formats/projectFile'
import { writeOpml } from '@nolvex/core/formats/opml'
import { sitemapFiles } from '@nolvex/core/formats/sitemapXml'
import { gridCss } from '@nolvex/core/markup/gridCss'
import { documentKinds } from '@nolvex/core/resolve/documentKinds'
import type { Documents, Json, StoredRecord } from '@nolvex/core/document/types'
import { aroundPages, pageSources } from '@nolvex/core/resolve/pageSources'
import type { SiteDocument } from '@nolvex/core/site/site'
import { rootFolder } from '../config'
import { renderGrid } from './renderGrid'
import { renderMap } from './renderMap'
import { renderPage } from './renderPage'

const file = readFileSync(join(rootFolder(), 'demo', 'skerrin-ferries.nolvex.zip'))
const { documents } = readProject(unzipSync(new Uint8Array(file)))
/** It shows copies of shared blocks, a series and words of its own. */
const DRAWN = 'pagehome00000000'
/** what the exports of that page, of the map and of the grid are made from */
const clean: Documents = {
  ...aroundPages(documents),
  ...Object.fromEntries(['site', 'style', DRAWN].map((id) => [id, documents[id]])),
}

/** What might end an element, an attribute, a string, a comment, a rule, a value or a line wherever it is written. */
const HOSTILE = [
  '</style><script>alert(1)</script>',
  '"><img src=x onerror=alert(1)>',
  "' onload='alert(1)",
  '--></title><svg onload=alert(1)>',
  ']]><script xlink:href="http://elsewhere.example/x"/>',
  '</textarea></select><iframe src="http://elsewhere.example">',
  '}</style><style>@import url(http://elsewhere.example/x.css);body{background:url(http://elsewhere.example/y)',
  '*/ } body { background: url(http://elsewhere.example) } /*',
  '\\"; } * { behavior: url(http://elsewhere.example) }',
  '\\22 ;background:url(http://elsewhere.example)',
  'javascript:alert(1)',
  'data:text/html,<script>alert(1)</script>',
  '&lt;script&gt;&#60;script&#62;&quot; onclick=1',
  '<!--<script>',
  "=cmd|' /C calc'!A0",
  '\u2028</script>\u0085\u007f\u0001',
]

/** A record with every text it holds made `text`, as far as its schema lets it. */
function spoilt(kind: string, collection: string, record: StoredRecord, text: string): StoredRecord {
  const { schema, parents } = documentKinds[kind].collections[collection]
  const kept = new Set(['id', 'order', 'kind', ...parents.map(({ field }) => field)])
  let now = record
  const walk = (value: Json | undefined, put: (value: Json) => StoredRecord) => {
    if (typeof value === 'string') {
      const tried = put(text)
      if (schema.safeParse(tried).success) now = tried
    } else if (Array.isArray(value))
      value.forEach((_, at) => walk(value[at], (one) => put((valueNow(value) as Json[]).with(at, one))))
    else if (value && typeof value === 'object')
      for (const key of Object.keys(value)) walk(value[key], (one) => put({ ...value, [key]: one }))
  }
  const valueNow = (value: Json) => value
  for (const key of Object.keys(record))
    if (!kept.has(key)) walk(now[key], (value) => ({ ...now, [key]: value }))
  return now
}

function hostileDocuments(text: string): Documents {
  return Object.fromEntries(
    Object.entries(clean).map(([id, document]) => {
      const records = Object.fromEntries(
        Object.entries(document.records).map(([collection, all]) => [
          collection,
          Object.fromEntries(
            Object.values(all).map((record) => [record.id, spoilt(document.kind, collection, record, text)]),
          ),
        ]),
      )
      return [id, { ...document, records }]
    }),
  )
}

/** Everything that leaves a project as HTML, SVG, XML or CSS. */
async function exported(documents: Documents, title: string) {
  const sources = pageSources(documents, DRAWN)
  const { site } = sources
  const page = {
    page: DRAWN,
    width: 834,
    scale: 1 as const,
    finish: 'plain' as const,
    title,
    sources,
    pictures: {},
  }
  const sheet = { paper: 'A4' as const, date: '2026-05-31', title, site }
  const look = {
    direction: 'down' as const,
    connectors: 'stepped' as const,
    heavy: false,
    sections: true,
    menus: true,
  }
  const { pages, bands, settings } = (site as SiteDocument).records
  const map = await renderMap({ ...sheet, ...look, format: 'map', file: 'svg' })
  const isZip = strFromU8(map.subarray(0, 2)) === 'PK'
  return {
    html: strFromU8(unzipSync(await renderPage({ ...page, format: 'html' }))['index.html']),
    svgs: [
      strFromU8(await renderPage({ ...page, format: 'svg' })),
      strFromU8(await renderGrid({ ...sheet, format: 'grid', file: 'svg' })),
      ...(isZip ? Object.values(unzipSync(map)).map((one) => strFromU8(one)) : [strFromU8(map)]),
    ],
    xmls: [
      sitemapFiles(pages, settings.site.address ?? 'https://www.example.com')[0].xml,
      writeOpml(
        title,
        Object.values(pages).map((one) => ({ title: one.title, depth: 0 })),
      ),
    ],
    css: gridCss(Object.values(bands), settings.site.lead),
  }
}

type Node = DefaultTreeAdapterMap['node']

/** What an HTML page consists of as a browser would read it: elements with their attributes, and what they load. */
function anatomy(html: string) {
  const shapes = new Set<string>()
  const loads: string[] = []
  const styles: string[] = []
  const scripts: string[] = []
  const walk = (node: Node) => {
    if ('tagName' in node) {
      for (const { name, value } of node.attrs) {
        shapes.add(`${node.tagName}[${name}]`)
        if (/^(?:src|srcset|poster|data|background|style)$/.test(name)) loads.push(value)
        if (name === 'href') loads.push(node.tagName === 'a' ? value.replace(/^https?:/, '') : value)
      }
      shapes.add(node.tagName)
      const words = () => node.childNodes.map((text) => ('value' in text ? text.value : '')).join('')
      if (node.tagName === 'style') styles.push(words())
      if (node.tagName === 'script') scripts.push(words())
    }
    if ('childNodes' in node) node.childNodes.forEach(walk)
  }
  // Megabytes of fonts say nothing here: no sign of base64 ends anything.
  walk(parse(html.replace(/(?<=;base64,)[a-z\d+/]{500,}=*/gi, '')))
  return { shapes, loads, styles, scripts }
}

/** The same of an XML file; broken XML throws. */
function xmlAnatomy(xml: string) {
  const shapes = new Set<string>()
  const loads: string[] = []
  const parser = new SaxesParser()
  parser.on('error', (error) => {
    throw error
  })
  parser.on('opentag', ({ name, attributes }) => {
    shapes.add(name)
    for (const [attribute, value] of Object.entries(attributes)) {
      shapes.add(`${name}[${attribute}]`)
      if (/href$/.test(attribute)) loads.push(String(value))
    }
  })
  parser.write(xml).close()
  return { shapes, loads }
}

const FOREIGN = /^(?!data:image\/|data:font\/|#|\/)[a-z][a-z+.-]*:|^\/\//i
/** CSS without its strings, comments and class names: what is left is what a browser acts on. */
const bare = (css: string) =>
  css
    .replace(/"(?:[^"\\]|\\[^\n])*"/g, '""')
    .replace(/\/\*[^*]*\*+(?:[^/*][^*]*\*+)*\//g, '')
    .replace(/\.[a-z][\w-]*/g, '.x')

let usual: Awaited<ReturnType<typeof exported>>
beforeAll(async () => {
  usual = await exported(clean, 'Skerrin Ferries')
})

async function check(text: string) {
  const given = await exported(hostileDocuments(text), text)
  const [page, cleanPage] = [anatomy(given.html), anatomy(usual.html)]
  // A text of several lines has breaks.
  expect([...page.shapes].filter((shape) => shape !== 'br' && !cleanPage.shapes.has(shape))).toEqual([])
  expect([...page.shapes].filter((shape) => /\[on|^script\[src|^iframe/.test(shape))).toEqual([])
  // The one script is ours, word for word.
  expect(page.scripts).toEqual(cleanPage.scripts)
  expect(page.loads.filter((address) => FOREIGN.test(address))).toEqual([])
  expect(page.styles).toHaveLength(cleanPage.styles.length)
  expect(bare(page.styles[0])).not.toMatch(/@import|elsewhere|expression|behavior/)
  expect(bare(given.css)).not.toMatch(/@import|elsewhere|behavior|url\(/)
  const svgShapes = new Set(usual.svgs.flatMap((svg) => [...xmlAnatomy(svg).shapes]))
  for (const svg of given.svgs) {
    const { shapes, loads } = xmlAnatomy(svg)
    expect([...shapes].filter((shape) => !svgShapes.has(shape))).toEqual([])
    expect(loads.filter((address) => FOREIGN.test(address))).toEqual([])
  }
  given.xmls.forEach((xml, at) =>
    expect(
      [...xmlAnatomy(xml).shapes].filter((shape) => !xmlAnatomy(usual.xmls[at]).shapes.has(shape)),
    ).toEqual([]),
  )
}

test.each(HOSTILE)(
  'with every text a project holds made %j, exports hold nothing that a clean one does not',
  check,
)

test('the hostile text does stand in all of them, as text', async () => {
  const { html, svgs, xmls, css } = await exported(hostileDocuments(HOSTILE[0]), HOSTILE[0])
  const escaped = '&lt;script&gt;alert(1)&lt;/script&gt;'
  for (const one of [html, ...svgs.slice(0, 2), xmls[1]]) expect(one).toContain(escaped)
  expect(css).toContain('/* style script alert(1) script')
})

test('nor with texts made at random of what is hostile', async () => {
  const piece = fc.oneof(
    fc.constantFrom(...HOSTILE),
    fc.constantFrom(...`<>"'&;{}()\\/*!-=@#\n\t`),
    fc.string(),
  )
  const text = fc.array(piece, { minLength: 1, maxLength: 6 }).map((parts) => parts.join('').slice(0, 90))
  await fc.assert(fc.asyncProperty(text, check), { numRuns: 8, seed: 10 })
})

test('a spreadsheet takes no value for a formula, and Markdown none for its own signs', () => {
  const { site, content } = hostileDocuments('=cmd|x') as unknown as {
    site: SiteDocument
    content: { records: { items: never } }
  }
  const { items } = content.records
  expect(writeContentCsv(site.records, items)).not.toMatch(/(?:^|,)"?=/m)
  const marked = hostileDocuments('[x](javascript:alert(1)) <b>').site as unknown as SiteDocument
  expect(writeCheckList('x', marked.records, [])).not.toMatch(/(?<!\\)\[x\]\(javascript|(?<!\\)<b>/)
})
