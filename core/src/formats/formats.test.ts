import { Readable } from 'node:stream'
import fc from 'fast-check'
import { strToU8, unzipSync, zipSync } from 'fflate'
import { XMLToSitemapItemStream } from 'sitemap'
import type { Documents } from '../document/types'
import type { Page, SiteDocument } from '../site/site'
import { pagesInOrder } from '../site/treeOrder'
import { usualSite } from '../site/usualSite'
import { plainStyle } from '../style/plainStyle'
import { readIndentedText, writeIndentedText } from './indentedText'
import { readOpml, writeOpml } from './opml'
import { PackedFileError } from './documentEntries'
import { readProject, writeProjectFile } from './projectFile'
import { parseSitemapIndex } from 'sitemap'
import { readSitemapFiles, sitemapFiles } from './sitemapXml'

describe('an indented list', () => {
  const read = (text: string) => readIndentedText(text).entries.map(({ title, depth }) => `${depth} ${title}`)

  test.each([
    ['tabs', 'Home\n\tIsles\n\t\tOrrel\n\tFares', ['0 Home', '1 Isles', '2 Orrel', '1 Fares']],
    [
      'spaces of any width',
      'Home\n   Isles\n       Orrel\n   Fares',
      ['0 Home', '1 Isles', '2 Orrel', '1 Fares'],
    ],
    [
      'bullets and numbers',
      '- Home\n  * Isles\n  2. Fares\n  • Help',
      ['0 Home', '1 Isles', '1 Fares', '1 Help'],
    ],
    ['blank lines and carriage returns', '\uFEFFHome\r\n\r\n\r\n\tIsles\r\n', ['0 Home', '1 Isles']],
    ['a first line that is indented', '    Home\n    Fares', ['0 Home', '0 Fares']],
    ['a jump of several steps', 'Home\n\t\t\t\tOrrel', ['0 Home', '1 Orrel']],
    ['nothing', ' \n\t\n', []],
  ])('with %s', (_what, text, expected) => {
    expect(read(text)).toEqual(expected)
  })

  test('says where it had to guess', () => {
    const { entries, remarks } = readIndentedText('Home\n        Isles\n    Fares')
    expect(entries.map(({ depth }) => depth)).toEqual([0, 1, 1])
    expect(remarks).toEqual([{ line: 3, remark: expect.stringContaining('nearest') }])
    expect(readIndentedText('x'.repeat(600)).remarks[0].remark).toContain('cut to 500')
  })

  test('reads back what it writes', () => {
    const title = fc.stringMatching(/^[A-Za-zÀ-ž](?:[\w ]{0,18}\w)?$/)
    fc.assert(
      fc.property(fc.array(fc.tuple(title, fc.nat(3)), { maxLength: 30 }), (drafts) => {
        let deepest = -1
        const entries = drafts.map(([name, wish]) => {
          deepest = Math.min(wish, deepest + 1)
          return { title: name.replace(/ +/g, ' '), depth: deepest }
        })
        const found = readIndentedText(writeIndentedText(entries)).entries
        expect(found.map(({ title: name, depth }) => ({ title: name, depth }))).toEqual(entries)
      }),
      { numRuns: 100, seed: 2 },
    )
  })
})

const page = (id: string, title: string, parent?: string): Page => ({ id, order: `a${id}`, title, parent })
const pages = Object.fromEntries(
  [
    page('home', 'Home'),
    page('isles', 'Isles', 'home'),
    page('orrel', 'Orrel & Tansay', 'isles'),
    page('two', 'Isles', 'home'),
    page('accents', 'Über «Fähren» 船', 'home'),
    page('odd', 'a', 'home'),
  ].map((one) => [one.id, one]),
)
pages.odd.path = "o'dd<path>"

describe('sitemap.xml', () => {
  test('is read by the sitemap package, addresses escaped as sitemaps.org asks', async () => {
    const [{ xml }] = sitemapFiles(pages, 'https://skerrin.example/')
    const urls: string[] = []
    for await (const item of Readable.from([xml]).pipe(new XMLToSitemapItemStream()))
      urls.push((item as { url: string }).url)
    expect(urls).toEqual([
      'https://skerrin.example/',
      'https://skerrin.example/uber-fahren-%E8%88%B9',
      'https://skerrin.example/isles',
      'https://skerrin.example/isles/orrel-tansay',
      "https://skerrin.example/o'dd%3Cpath%3E",
      'https://skerrin.example/isles-2',
    ])
    expect(xml).toContain('<urlset xmlns="http://www.sitemaps.org/schemas/sitemap/0.9">')
    expect(xml).not.toMatch(/<path>/)
  })

  test('more than 50,000 addresses are split, with an index (sitemaps.org, “Using Sitemap index files”)', async () => {
    const many = Object.fromEntries(
      Array.from({ length: 50_001 }, (_, index) => [
        `p${index}`,
        { ...page(`p${index}`, 'x'), path: `p${index}` },
      ]),
    )
    const files = sitemapFiles(many, 'https://skerrin.example')
    expect(files.map(({ name }) => name)).toEqual(['sitemap.xml', 'sitemap-1.xml', 'sitemap-2.xml'])
    expect((await parseSitemapIndex(Readable.from([files[0].xml]))).map(({ url }) => url)).toEqual([
      'https://skerrin.example/sitemap-1.xml',
      'https://skerrin.example/sitemap-2.xml',
    ])
    expect(files[1].xml.match(/<loc>/g)).toHaveLength(50_000)
    expect(files[2].xml.match(/<loc>/g)).toHaveLength(1)
    expect(() => readSitemapFiles([files[0].xml])).toThrow(/index of 2 sitemaps/)
    expect(
      readSitemapFiles(
        files.map(({ xml }) => xml),
        60_000,
      ).pages,
    ).toHaveLength(50_001)
  })

  test('pages outside the tree and external ones stay out', () => {
    const some = { ...pages, gone: { ...page('gone', 'Not found'), kind: 'outside' as const } }
    expect(sitemapFiles(some, 'https://skerrin.example')[0].xml).toBe(
      sitemapFiles(pages, 'https://skerrin.example')[0].xml,
    )
  })
})

describe('a project file', () => {
  const id = 'p000000000000001'
  const documents = {
    site: {
      ...usualSite,
      records: { ...usualSite.records, pages: { [id]: { id, order: 'a0', title: 'Home' } } },
    },
    style: plainStyle,
  } as unknown as Documents
  const project = {
    name: 'Skerrin <Ferries>',
    documents,
    assets: [
      {
        id: 'asset00000000001',
        name: '../../boat.png',
        type: 'image/png' as const,
        bytes: new Uint8Array([1, 2, 3]),
      },
    ],
  }

  const opened = (file: Uint8Array) => readProject(unzipSync(file))
  const changed = (change: (site: Documents[string]) => void) => {
    const broken = structuredClone(project)
    change(broken.documents.site)
    return writeProjectFile(broken)
  }

  test('reads back equal', () => {
    const file = writeProjectFile(project)
    expect(opened(file)).toEqual(project)
    expect(writeProjectFile(opened(file))).toEqual(file)
  })

  const manifest = (more: object) =>
    zipSync({
      ...unzipSync(writeProjectFile(project)),
      'project.json': strToU8(
        JSON.stringify({
          format: 'nolvex-project',
          schema: 1,
          name: 'x',
          documents: [
            { id: 'site', kind: 'site' },
            { id: 'style', kind: 'style' },
          ],
          assets: [],
          ...more,
        }),
      ),
    })
  const asset = { id: 'asset00000000001', name: 'a.png', type: 'image/png' }
  const pagesInCircle = (site: Documents[string]) => {
    const other = 'p000000000000002'
    site.records.pages[id].parent = other
    site.records.pages[other] = { id: other, parent: id, order: 'a0', title: 'Round' }
  }
  const fill = (site: Documents[string], count: number) => {
    for (let index = 0; index < count; index++) {
      const page = `q${String(index).padStart(15, '0')}`
      site.records.pages[page] = { id: page, order: 'a0', title: 'x' }
    }
  }

  test.each([
    ['another zip', zipSync({ 'readme.txt': strToU8('hello') }), 'lacks project.json'],
    ['no JSON', zipSync({ 'project.json': strToU8('{') }), 'not JSON'],
    ['a newer format', manifest({ schema: 99 }), 'newer Nolvex'],
    ['no documents', manifest({ documents: [] }), 'has no site'],
    ['no style', manifest({ documents: [{ id: 'site', kind: 'site' }] }), 'has no style'],
    [
      'a kind from the prototype',
      manifest({
        documents: [
          { id: 'site', kind: 'constructor' },
          { id: 'style', kind: 'style' },
        ],
      }),
      'not a document',
    ],
    ['the same picture twice', manifest({ assets: [asset, asset] }), 'picture asset00000000001 twice'],
    ['no settings', changed((site) => void delete site.records.settings.site), 'lacks its settings'],
    ['no band', changed((site) => void (site.records.bands = {})), 'lacks a band'],
    ['a collection nobody knows', changed((site) => void (site.records.boats = {})), 'a site has no boats'],
    ['pages in a circle', changed(pagesInCircle), /pages p00000000000000\d stands inside itself/],
    [
      'a NUL in a title',
      changed((site) => void (site.records.pages[id].title = 'a\0b')),
      /title holds half a character or a NUL/,
    ],
    [
      'half a character',
      changed((site) => void (site.records.pages[id].title = '\ud83d')),
      /title holds half a character/,
    ],
    ['more pages than there is room for', changed((site) => fill(site, 20_001)), 'more than 20,000 pages'],
    [
      'a record of another name',
      changed((site) => void (site.records.pages[id].id = 'p000000000000009')),
      'names itself',
    ],
    [
      'a record no change could have written',
      changed((site) => void (site.records.pages[id].title = 7)),
      /documents\/site.json.*pages p000000000000001: title/,
    ],
    [
      'a family that is none',
      writeProjectFile({ ...project, documents: { ...documents, style: hostileStyle() } }),
      'a family is named in letters',
    ],
  ])('with %s is refused in words', (_what, file, words) => {
    expect(() => opened(file)).toThrow(PackedFileError)
    expect(() => opened(file)).toThrow(words)
  })

  function hostileStyle() {
    const style = structuredClone(plainStyle)
    Object.values(style.records.levels)[0].family = '</style><script>alert(1)</script>'
    return style as unknown as Documents[string]
  }

  test('a chain of 2,000 pages opens, and its sitemap and outline are written', () => {
    const chain: Documents[string] = structuredClone(documents.site)
    for (let index = 1; index < 2000; index++) {
      const page = `q${String(index).padStart(15, '0')}`
      const parent = index === 1 ? id : `q${String(index - 1).padStart(15, '0')}`
      chain.records.pages[page] = { id: page, parent, order: 'a0', title: 'x' }
    }
    const { documents: read } = opened(
      writeProjectFile({ ...project, documents: { ...documents, site: chain } }),
    )
    const { pages } = (read.site as unknown as SiteDocument).records
    expect(sitemapFiles(pages, 'https://skerrin.example')[0].xml.match(/<loc>/g)).toHaveLength(2000)
    const outline = pagesInOrder(pages).map(({ page, depth }) => ({ title: page.title, depth }))
    const back = readOpml(writeOpml('Chain', outline)).pages
    expect(back.map(({ depth }) => depth)).toEqual(outline.map(({ depth }) => depth))
  })
})
