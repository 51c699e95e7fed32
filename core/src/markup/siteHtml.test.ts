import { draftPages } from '../draft/draftPages'
import { applyChange } from '../document/apply'
import type { Documents } from '../document/types'
import { emptyContent } from '../content/content'
import { documentKinds } from '../resolve/documentKinds'
import { pageSources } from '../resolve/pageSources'
import { bandsOf, resolveAllBands } from '../resolve/resolvePage'
import { pageAddresses } from '../site/address'
import type { Page, SiteDocument } from '../site/site'
import { usualSite } from '../site/usualSite'
import { plainStyle } from '../style/plainStyle'
import { siteHtml, type SiteFile } from './siteHtml'

const idOf = (name: string) => `page${name}`.padEnd(16, '0')
const page = (name: string, title: string, parent?: string, more: Partial<Page> = {}): Page => {
  return { id: idOf(name), order: `a${name}`, title, ...(parent ? { parent: idOf(parent) } : {}), ...more }
}
const planned = [
  page('a', 'Home'),
  page('b', 'Bread', 'a'),
  page('c', 'Rye', 'b'),
  page('d', 'Outside in', 'a', { path: '..' }),
  page('e', 'Outside in', 'a', { path: '%2e%2e' }),
]

/** The site drafted from its map and written, with some pages left out. */
function filesOf(without: string[] = [], covered?: number[]): Map<string, string> {
  let count = 0
  const newId = () => `made${String(count++).padStart(12, '0')}`
  const pages = Object.fromEntries(planned.map((one) => [one.id, one]))
  const site: SiteDocument = { ...usualSite, records: { ...usualSite.records, pages } }
  const making = draftPages(
    { site, content: emptyContent, style: plainStyle, name: 'Larder' },
    planned,
    newId,
  )
  let step = making.next()
  while (!step.done) step = making.next()
  const { documents } = applyChange(
    documentKinds,
    { site, style: plainStyle } as unknown as Documents,
    step.value,
  )
  const drafted = documents.site as unknown as SiteDocument
  const addresses = pageAddresses(pages)
  const shown = planned
    .filter(({ id }) => !without.includes(id))
    .map(({ id, title }) => {
      const pages = resolveAllBands(pageSources(documents, id))
      return { id, title, address: addresses.get(id) as string, pages, ...(id === idOf('b') && { covered }) }
    })
  const { inOrder, lead } = bandsOf(drafted)
  const files = siteHtml(
    { bands: inOrder, lead, language: 'en', fonts: [], picturePath: ({ asset }) => `pictures/${asset}.png` },
    shown,
  )
  return new Map(files.map(({ path, text }: SiteFile) => [path, text]))
}

const linksIn = (html = '') => [...html.matchAll(/<a [^>]*href="([^"]*)"/g)].map(([, href]) => href)
const from = (path: string, href: string) => new URL(href, `https://site.example/${path}`).pathname.slice(1)

test('pages lie as their addresses say, whatever those are, and none outside the folder', () => {
  const paths = [...filesOf().keys()]
  expect(paths).toEqual([
    'index.html',
    'bread/index.html',
    'bread/rye/index.html',
    'page/index.html',
    'page-2/index.html',
    'styles.css',
  ])
})

test('every link between pages leads to a file there is, from wherever it stands', () => {
  const files = filesOf()
  for (const [path, text] of files) {
    for (const href of linksIn(text)) {
      if (/^(?:#|https?:|mailto:|tel:)/.test(href)) continue
      expect([path, href, files.has(from(path, href))]).toEqual([path, href, true])
    }
    const sheet = /<link rel="stylesheet" href="([^"]*)">/.exec(text)?.[1]
    if (path.endsWith('.html')) expect(from(path, sheet as string)).toBe('styles.css')
  }
  expect(linksIn(files.get('bread/rye/index.html'))).toContain('../../bread/index.html')
})

test('links to a page that is left out lead nowhere, and stay as words', () => {
  const files = filesOf([idOf('b')])
  const home = files.get('index.html') as string
  expect(linksIn(home).some((href) => href.includes('bread/index.html'))).toBe(false)
  expect(home).toContain('>Bread</a>')
})

test('classes of different pages do not meet, and alike rules are written once', () => {
  const sheet = filesOf().get('styles.css') as string
  expect(sheet).toContain('.home-header')
  expect(sheet).toContain('.bread-header')
  const rules = sheet.split('\n').filter((line) => line.startsWith('.'))
  expect(new Set(rules).size).toBe(rules.length)
})

test('a link to a file of the project leads to it where it comes along, and nowhere where it does not', () => {
  const section = { id: 'section000000000', order: 'a0', kind: 'section' as const }
  const to = { asset: 'assettimes000000', name: 'Times.pdf' }
  const link = {
    id: 'linktofile000000',
    order: 'a0',
    kind: 'link' as const,
    parent: section.id,
    data: { to },
  }
  const blocks = { [section.id]: section, [link.id]: { ...link, text: [{ insert: 'All times' }] } }
  const drawing = { kind: 'drawing', id: 'page000000000000', schema: 3, records: { blocks } }
  const pages = resolveAllBands({ drawing, site: usualSite, style: plainStyle })
  const { inOrder, lead } = bandsOf(usualSite)
  const written = (filePath?: (asset: string) => string | undefined) =>
    siteHtml({ bands: inOrder, lead, language: 'en', fonts: [], picturePath: () => 'data:,', filePath }, [
      { id: drawing.id, title: 'Deep', address: '/a/deep', pages },
    ])[0].text
  expect(written((asset) => `files/${asset}.pdf`)).toContain('href="../../files/assettimes000000.pdf"')
  expect(written()).not.toContain('href="/files')
  expect(written()).toContain('All times')
})

test('on a page whose top is covered, links come to stand below what covers it, at each band', () => {
  const files = filesOf([], [120, 80.5, 80])
  expect(files.get('bread/index.html')).toContain('<html lang="en" class="bread-page">')
  expect(files.get('index.html')).toContain('<html lang="en">')
  const heights = [
    ...(files.get('styles.css') as string).matchAll(/\.bread-page { scroll-padding-top: (\d+)px }/g),
  ]
  expect(heights.map(([, px]) => px)).toEqual(['120', '81', '80'])
})
