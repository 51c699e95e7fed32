import { Readable } from 'node:stream'
import fc from 'fast-check'
import { strToU8, zipSync } from 'fflate'
import { XMLToSitemapItemStream } from 'sitemap'
import type { Documents } from '../document/types'
import type { Page } from '../site/site'
import { usualSite } from '../site/usualSite'
import { plainStyle } from '../style/plainStyle'
import { readIndentedText, writeIndentedText } from './indentedText'
import { ProjectFileError, readProjectFile, writeProjectFile } from './projectFile'
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
    expect(readSitemapFiles(files.map(({ xml }) => xml)).pages).toHaveLength(50_001)
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

  test('reads back equal', () => {
    const file = writeProjectFile(project)
    expect(readProjectFile(file)).toEqual(project)
    expect(writeProjectFile(readProjectFile(file))).toEqual(file)
  })

  test('cut anywhere it says so and gives nothing', () => {
    const file = writeProjectFile(project)
    for (const share of [0, 0.1, 0.5, 0.9, 0.99]) {
      expect(() => readProjectFile(file.subarray(0, Math.floor(file.length * share)))).toThrow(
        ProjectFileError,
      )
    }
  })

  test.each([
    ['another zip', zipSync({ 'readme.txt': strToU8('hello') }), 'lacks project.json'],
    ['no JSON', zipSync({ 'project.json': strToU8('{') }), 'not JSON'],
    [
      'a newer format',
      zipSync({
        'project.json': strToU8(
          JSON.stringify({ format: 'nolvex-project', schema: 99, name: 'x', documents: [], assets: [] }),
        ),
      }),
      'newer Nolvex',
    ],
    ['a bomb', zipSync({ 'project.json': new Uint8Array(30_000_000) }, { level: 9 }), 'packed more tightly'],
  ])('%s is refused in words', (_what, file, words) => {
    expect(() => readProjectFile(file)).toThrow(words)
  })

  test('a record no change could have written is refused by name', () => {
    const broken = structuredClone(project)
    broken.documents.site.records.pages[id].title = 7
    expect(() => readProjectFile(writeProjectFile(broken))).toThrow(
      /documents\/site.json.*pages p000000000000001: title/,
    )
  })
})
