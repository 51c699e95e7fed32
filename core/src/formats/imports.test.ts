import fc from 'fast-check'
import { readAddressList } from './addressList'
import { readCsv, writeCsv } from './csv'
import { ImportError, textOfFile } from './importedPages'
import { readOpml, writeOpml } from './opml'
import { guessMapping, pagesOfTable } from './pagesCsv'
import { guessFormat, readPages } from './readPages'
import { readSitemapFiles } from './sitemapXml'

const outline = (pages: { title: string; depth: number }[]) =>
  pages.map(({ title, depth }) => `${depth} ${title}`)

describe('CSV', () => {
  // RFC 4180, section 2: rules 1 to 7.
  test.each([
    ['rows end with CRLF', 'a,b\r\n1,2\r\n', [['1', '2']]],
    ['the last line break may be missing', 'a,b\n1,2', [['1', '2']]],
    ['quotes hold commas and line breaks', 'a,b\r\n"x, y","two\r\nlines"\r\n', [['x, y', 'two\r\nlines']]],
    ['a quote is doubled within quotes', 'a,b\n"say ""boat""",1', [['say "boat"', '1']]],
    ['spaces belong to the value', 'a,b\n x ,y', [[' x ', 'y']]],
    ['semicolons separate as well', 'a;b\n1,5;2', [['1,5', '2']]],
    ['tabs separate as well', 'a\tb\n1\t2', [['1', '2']]],
  ])('%s', (_rule, text, expected) => {
    expect(readCsv(text, 100).rows.map(({ values }) => values)).toEqual(expected)
  })

  test('what is written reads back, formula-like values made harmless', () => {
    const value = fc.string({ unit: fc.constantFrom(...'ab,;"\n =', 'ä', '船'), maxLength: 8 })
    fc.assert(
      fc.property(fc.array(fc.tuple(value, value), { minLength: 1, maxLength: 6 }), (rows) => {
        const full = rows.map(([a, b]) => [`x${a}`, `y${b}`])
        const read = readCsv(writeCsv(['a', 'b'], full), 1000)
        expect(read.rows.map(({ values }) => values)).toEqual(full)
      }),
      { numRuns: 100, seed: 3 },
    )
    const harmless = readCsv(writeCsv(['a'], [['=1+1'], ['@sum'], ['-2'], ['+3'], ['fine']]), 100)
    expect(harmless.rows.map(({ values }) => values[0])).toEqual(["'=1+1", "'@sum", "'-2", "'+3", 'fine'])
  })

  test('an open quote and ragged rows are named by line', () => {
    expect(() => readCsv('a,b\n1,2\n"open,3\n4,5', 100)).toThrow(/Line 3/)
    expect(readCsv('a,b\n"two\nlines",2\n3\n4,5,6', 100).ragged).toEqual([
      { line: 4, has: 1 },
      { line: 5, has: 3 },
    ])
    expect(() => readCsv('\n\n', 100)).toThrow(ImportError)
  })
})

describe('a table of pages', () => {
  const read = (text: string) => {
    const table = readCsv(text, 100)
    return pagesOfTable(table, guessMapping(table.heading))
  }
  test('the tree comes from a parent column, whatever the order of rows', () => {
    const { pages } = read(
      'Title,Parent,Slug\nOrrel,Isles,orrel\nHome,,\nIsles,Home,the isles\nFares,Home,fares.html',
    )
    expect(outline(pages)).toEqual(['0 Home', '1 Isles', '2 Orrel', '1 Fares'])
    expect(pages.map(({ path }) => path)).toEqual([undefined, 'the-isles', 'orrel', 'fares.html'])
  })
  test('or from a depth column, or there is none', () => {
    expect(outline(read('title,depth\nHome,0\nIsles,1\nOrrel,5\nFares,1').pages)).toEqual([
      '0 Home',
      '1 Isles',
      '2 Orrel',
      '1 Fares',
    ])
    expect(outline(read('page\nHome\nFares').pages)).toEqual(['0 Home', '0 Fares'])
  })
  test('a circle of parents is refused by line, an unknown parent is remarked', () => {
    expect(() => read('id,title,parent\n1,Home,\n2,A,3\n3,B,2')).toThrow(/circle at lines 3, 4/)
    expect(read('id,title,parent\n1,Home,\n2,A,9').remarks).toEqual([
      { line: 3, remark: expect.stringContaining('no page “9”') },
    ])
  })
  test('rows without title are left out, long titles cut', () => {
    const { pages, remarks } = read(`title,path\n,x\n${'t'.repeat(600)},y`)
    expect(pages.map(({ title }) => title.length)).toEqual([500])
    expect(remarks.map(({ line }) => line)).toEqual([2, 3])
  })
})

describe('OPML 2.0', () => {
  const file = (body: string) => `<?xml version="1.0"?><opml version="2.0"><head/><body>${body}</body></opml>`
  test('outlines nest and are titled by text', () => {
    const { pages } = readOpml(
      file(
        '<outline text="Home"><outline text="Isles &amp; quays"/><outline text="船 🚢"/></outline><outline text="Help"/>',
      ),
    )
    expect(outline(pages)).toEqual(['0 Home', '1 Isles & quays', '1 船 🚢', '0 Help'])
  })
  test('what is written reads back', () => {
    const title = fc.string({ unit: fc.constantFrom(...'ab<>&"', 'é', '船'), minLength: 1, maxLength: 6 })
    fc.assert(
      fc.property(fc.array(fc.tuple(title, fc.nat(4)), { maxLength: 20 }), (drafts) => {
        let before = -1
        const pages = drafts.map(([name, wish]) => ({
          title: name,
          depth: (before = Math.min(wish, before + 1)),
        }))
        expect(outline(readOpml(writeOpml('Map', pages)).pages)).toEqual(outline(pages))
      }),
      { numRuns: 100, seed: 4 },
    )
  })
  test.each([
    [
      'broken XML is named by line',
      '<opml version="2.0">\n<body>\n<outline text="a">\n</body></opml>',
      /line 4/,
    ],
    [
      'entities of its own are refused',
      '<!DOCTYPE o [<!ENTITY a "aaaa"><!ENTITY b "&a;&a;">]><opml>&b;</opml>',
      /DOCTYPE/,
    ],
    ['an unknown entity is refused', '<opml><body><outline text="&boat;"/></body></opml>', /entity/i],
    ['another file is refused', '<html/>', /no OPML/],
  ])('%s', (_what, xml, words) => {
    expect(() => readOpml(xml)).toThrow(words)
  })
})

describe('addresses', () => {
  test('stand below one another as their paths do', () => {
    const list =
      'https://skerrin.example/\nhttps://skerrin.example/isles/orrel\nhttps://skerrin.example/bikes-and-pets.html\n/isles'
    expect(outline(readAddressList(list).pages)).toEqual(['0 Home', '1 Isles', '2 Orrel', '1 Bikes and pets'])
  })
  test('what is none is left out and named', () => {
    const { pages, remarks } = readAddressList('/a\njavascript:alert(1)\nnot an address\n/%E8%88%B9\n/a')
    expect(outline(pages)).toEqual(['0 Home', '1 A', '1 船'])
    expect(remarks.map(({ line }) => line)).toEqual([2, 3, 5])
  })
  test('a sitemap reads as its addresses', () => {
    const xml =
      '<urlset xmlns="http://www.sitemaps.org/schemas/sitemap/0.9"><url><loc>https://a.example/</loc></url><url><loc> https://a.example/x?y=1&amp;z=2 </loc></url></urlset>'
    expect(outline(readSitemapFiles([xml]).pages)).toEqual(['0 Home', '1 X'])
    expect(() => readSitemapFiles(['<rss/>'])).toThrow(/urlset/)
  })
})

test('files in UTF-16 read, in other encodings they are refused', () => {
  const utf16 = new Uint8Array([
    0xff,
    0xfe,
    ...new Uint8Array(new Uint16Array([...'Æther'].map((sign) => sign.charCodeAt(0))).buffer),
  ])
  expect(textOfFile(utf16)).toBe('Æther')
  expect(() => textOfFile(new Uint8Array([72, 228, 102, 101, 110]))).toThrow(/UTF-8/)
  expect(() => textOfFile(new Uint8Array([0, 1, 2]))).toThrow(/no text/)
})

test.each([
  ['Home\n\tFares', '', 'indented'],
  ['https://a.example/\n/b', '', 'addresses'],
  ['a,b', 'pages.csv', 'csv'],
  ['<?xml version="1.0"?><opml version="2.0">', '', 'opml'],
  ['<urlset>', 'x.txt', 'sitemap'],
])('the format of %j is found', (text, name, format) => {
  expect(guessFormat(text, name)).toBe(format)
})

test('every format reads through one door', () => {
  expect(outline(readPages('indented', ['Home\n  Fares']).pages)).toEqual(['0 Home', '1 Fares'])
  expect(outline(readPages('csv', ['title\nHome']).pages)).toEqual(['0 Home'])
  expect(() => readPages('addresses', ['a\u0000'])).toThrow(ImportError)
})

test('a title may carry its sections after a colon, a table in a column of them', () => {
  const list = readPages('indented', ['Home\n  Fares: price table, passes; questions\n  Help:\n  At 9:40'])
  expect(list.pages.map(({ title, sections }) => [title, sections])).toEqual([
    ['Home', undefined],
    ['Fares', ['price table', 'passes', 'questions']],
    ['Help:', undefined],
    ['At 9:40', undefined],
  ])
  const table = readPages('csv', ['title,sections\nFares,"Prices, Passes"\nHelp,'])
  expect(table.pages.map(({ title, sections }) => [title, sections])).toEqual([
    ['Fares', ['Prices', 'Passes']],
    ['Help', undefined],
  ])
})
