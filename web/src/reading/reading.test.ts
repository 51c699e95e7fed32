import { readPageList } from './readPageList'
import { readTable } from './readTable'

const file = (name: string, content: string | Uint8Array) => new File([content as BlobPart], name)
const read = (...files: File[]) => readPageList({ text: '', files })
const BOM = '\uFEFF'

test('what is typed is read as it seems to be meant', async () => {
  const found = await readPageList({ text: 'Home\n  Fares', files: [] })
  expect(found).toMatchObject({ format: 'indented', trouble: '', heading: [] })
  expect(found.pages.map(({ title, depth }) => `${depth} ${title}`)).toEqual(['0 Home', '1 Fares'])
  expect(await readPageList({ text: ' \n', files: [] })).toMatchObject({ pages: [], trouble: '' })
})

test('a table tells its columns, and what was said of them holds', async () => {
  const table = file('pages.csv', `${BOM}what;where\nHome;\nFares;prices`)
  expect(await read(table)).toMatchObject({
    format: 'csv',
    heading: ['what', 'where'],
    mapping: { title: 0 },
  })
  const said = await readPageList({ text: '', files: [table], mapping: { title: 0, path: 1 } })
  expect(said.pages.map(({ path }) => path)).toEqual([undefined, 'prices'])
})

/** Lists that are longer, deeper or worse than any map: each is told, and reading ends there. */
test.each<[string, File, RegExp]>([
  ['a million rows', file('m.csv', `title\n${'page\n'.repeat(1_000_000)}`), /more than 4,000 rows/],
  ['a million lines', file('m.txt', 'page\n'.repeat(1_000_000)), /At most 4,000 pages/],
  [
    'a million addresses',
    file('a.txt', Array.from({ length: 300_000 }, (_, at) => `/p${at}`).join('\n')),
    /At most 4,000 pages/,
  ],
  [
    'outlines without end',
    file('o.opml', `<opml><body>${'<outline text="x">'.repeat(100_000)}`),
    /At most 4,000 pages/,
  ],
  ['declarations without end', file('d.xml', '<?xml'.repeat(80_000)), /XML is broken at line 1/],
  [
    'a quote that never closes',
    file('q.csv', `a,b\n"${'x,\n'.repeat(1_000_000)}`),
    /Line 2: a value opens with a quote/,
  ],
  ['another encoding', file('l.csv', new Uint8Array([0xe9, 0x2c, 0x0a])), /l\.csv: The file is not in UTF-8/],
  ['no text', file('n.txt', 'a\0b'), /n\.txt: The file is no text/],
  ['more than 20 MB', file('b.txt', 'x'.repeat(20_000_001)), /larger than 20 MB/],
  ['entities of its own', file('e.xml', '<!DOCTYPE a [<!ENTITY b "c">]><a/>'), /entities of its own/],
])('%s', async (_what, hostile, words) => {
  const found = await read(hostile)
  expect(found.trouble).toMatch(words)
  expect(found.pages).toEqual([])
})

test('addresses and outlines far too deep are put where they can be, or left out, and it is said', async () => {
  const deep = `/${Array.from({ length: 20_000 }, () => 'a').join('/')}`
  const { pages, remarks } = await readPageList({ text: `/fares\n${deep}`, files: [] })
  expect(pages.map(({ title }) => title)).toEqual(['Home', 'Fares'])
  expect(remarks[0].remark).toContain('more than 100 parts')
  const list = Array.from({ length: 300 }, (_, at) => `${'\t'.repeat(at)}page`).join('\n')
  const outline = await readPageList({ text: list, files: [] })
  expect(Math.max(...outline.pages.map(({ depth }) => depth))).toBe(100)
  expect(outline.remarks.at(-1)?.remark).toContain('100 deep')
})

test('titles are cut between characters', async () => {
  const { pages } = await readPageList({ text: `${'x'.repeat(499)}😀 and more`, files: [] })
  expect(pages[0].title).toBe('x'.repeat(499))
})

test('a table is read to its last row, or not at all', async () => {
  expect(await readTable(file('t.csv', 'a,b\n1,2'), 1)).toEqual({
    heading: ['a', 'b'],
    rows: [['1', '2']],
    trouble: '',
  })
  expect((await readTable(file('t.csv', 'a,b\n1,2\n3,4'), 1)).trouble).toContain('more than 1 rows')
})
