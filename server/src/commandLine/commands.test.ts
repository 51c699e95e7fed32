import { readFileSync } from 'node:fs'
import { mkdtemp, readdir, readFile, rm, writeFile } from 'node:fs/promises'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import type { Block } from '@nolvex/core/block/block'
import { writeProjectFile } from '@nolvex/core/formats/projectFile'
import { pageDrawings } from '@nolvex/core/resolve/pageSources'
import type { StyleDocument } from '@nolvex/core/style/style'
import { fontCatalogue } from '@nolvex/core/text/fontCatalogue'
import { nameTable, readTables, writeTables } from '../fonts/sfnt'
import { shippedFontPath } from '../fonts/shippedFonts'
import { openFile, saveFile } from './projectFiles'
import { runCommand } from './commands'

let folder: string
let said: string[]
let told: string[]
beforeAll(async () => void (folder = await mkdtemp(join(tmpdir(), 'nolvex-command-'))))
afterAll(() => rm(folder, { recursive: true }))
beforeEach(() => {
  said = []
  told = []
})
const run = (...words: string[]) =>
  runCommand(
    words,
    (line) => said.push(line),
    (line) => told.push(line),
  )
const at = (name: string) => join(folder, name)

test('a list of titles becomes a project, its pages drawings, and these a site of linked pages', async () => {
  await writeFile(at('bakery.txt'), 'Home\n  Bread\n    Rye\n  Opening hours\n  Contact\n  Imprint\n')
  expect(await run('new', at('bakery.txt'), '-o', at('site.nolvex.zip'))).toBe(0)
  expect(await run('draft', at('site.nolvex.zip'), '-o', at('drawn.nolvex.zip'))).toBe(0)
  expect(said.at(-1)).toContain('6 pages drafted')
  expect(await run('export', at('drawn.nolvex.zip'), '--as', 'html', '-o', at('site'))).toBe(0)
  const files = await readdir(at('site'), { recursive: true })
  for (const path of ['index.html', 'bread/index.html', 'bread/rye/index.html', 'styles.css'])
    expect(files).toContain(path)
  expect(await readFile(at('site/index.html'), 'utf8')).toContain('href="./bread/index.html"')
  const { name, documents } = await openFile(at('drawn.nolvex.zip'))
  expect([name, pageDrawings(documents).length]).toEqual(['bakery', 6])
  const { shared } = (documents.style as unknown as StyleDocument).records
  expect(Object.values(shared).map((one) => one.name)).toEqual(['Header', 'Footer'])
})

test('pages and bands are named, and pictures come in a finish', async () => {
  const words = ['export', at('drawn.nolvex.zip'), '--as', 'svg', '--pages', 'home,rye', '--bands', 'narrow']
  expect(await run(...words, '--finish', 'sketch', '-o', at('pictures'))).toBe(0)
  expect((await readdir(at('pictures'))).sort()).toEqual(['home-390.svg', 'rye-390.svg'])
  expect(await readFile(at('pictures/home-390.svg'), 'utf8')).toContain('Architects Daughter')
})

test('tokens of the style guide come as design tokens, as CSS and as a palette', async () => {
  for (const as of ['dtcg', 'css', 'gpl'])
    expect(await run('tokens', at('drawn.nolvex.zip'), '--as', as, '-o', at(`tokens.${as}`))).toBe(0)
  const read = (as: string) => readFile(at(`tokens.${as}`), 'utf8')
  const { colour } = JSON.parse(await read('dtcg')) as { colour: Record<string, { $value: { hex: string } }> }
  expect(colour.accent.$value.hex).toBe('#1f5b4c')
  expect(await read('css')).toContain('--colour-accent: #1f5b4c;')
  expect(await read('gpl')).toContain(' 31  91  76\tAccent')
})

test('a project’s own fonts are set in, and go along', async () => {
  const project = await openFile(at('drawn.nolvex.zip'))
  const style = project.documents.style as unknown as StyleDocument
  const asset = {
    id: 'quayseriffont000',
    name: 'Quay Serif 400',
    type: 'font/ttf' as const,
    bytes: quaySerif(),
  }
  const id = 'quayseriffamily0'
  style.records.families = {
    [id]: { id, order: 'a', name: 'Quay Serif', files: [{ asset: asset.id, weight: 400 }] },
  }
  for (const level of Object.values(style.records.levels)) level.family = 'Quay Serif'
  await writeFile(at('own.nolvex.zip'), writeProjectFile({ ...project, assets: [asset] }))
  expect(await run('export', at('own.nolvex.zip'), '--as', 'html', '-o', at('own'))).toBe(0)
  expect(await readFile(at('own/styles.css'), 'utf8')).toContain('font-family: "Quay Serif"')
  const [font] = (await readdir(at('own/fonts'))).filter((name) => name.toLowerCase().startsWith('quay'))
  expect((await readFile(at(`own/fonts/${font}`))).equals(asset.bytes)).toBe(true)
})

/** A font that does not ship: one that does, under another name. */
function quaySerif(): Buffer {
  const lora = fontCatalogue.find(({ family }) => family === 'Lora') ?? fontCatalogue[0]
  const bytes = readFileSync(shippedFontPath(lora))
  return writeTables(bytes, new Map(readTables(bytes)).set('name', nameTable('Quay Serif', 400, false)))
}

test('a pack is one PDF', async () => {
  const words = ['export', at('drawn.nolvex.zip'), '--as', 'pdf', '--pages', 'contact', '-o', at('pack')]
  expect(await run(...words)).toBe(0)
  const bytes = await readFile(at('pack/bakery.pdf'))
  expect(bytes.subarray(0, 5).toString()).toBe('%PDF-')
})

test('what is found in the plan ends with 1, as words or as data', async () => {
  await writeFile(at('twins.txt'), 'Home\n  News\n  News\n')
  await run('new', at('twins.txt'), '-o', at('twins.nolvex.zip'))
  expect(await run('review', at('twins.nolvex.zip'))).toBe(1)
  expect(said.join('\n')).toContain('News')
  said = []
  expect(await run('review', at('twins.nolvex.zip'), '--json')).toBe(1)
  expect(JSON.parse(said.join('\n'))).toContainEqual({
    ...{ rule: 'sameTitle', severity: 'fair', hasFix: false },
    page: { id: expect.any(String) as string, title: 'News' },
    sentence: expect.stringContaining('News') as string,
  })
})

/** Gives every box of a project a gap that is on no scale. */
async function spoilGaps(file: string) {
  const project = await openFile(file)
  const boxes = Object.values(project.documents)
    .filter(({ kind }) => kind === 'drawing')
    .flatMap(({ records }) => Object.values(records.blocks) as unknown as Block[])
    .filter(({ kind }) => kind === 'box')
  for (const box of boxes) box.arrange = { ...box.arrange, gap: { value: 13, unit: 'px' } }
  await saveFile(file, project)
}

test('only what is so grave ends with 1, and what can be mended is mended into another file', async () => {
  await writeFile(at('plain.txt'), 'Home\n  News\n  Prices\n')
  await run('new', at('plain.txt'), '-o', at('plain.nolvex.zip'))
  await run('draft', at('plain.nolvex.zip'), '-o', at('plain.nolvex.zip'))
  await spoilGaps(at('plain.nolvex.zip'))
  expect(await run('review', at('plain.nolvex.zip'))).toBe(1)
  const before = said.length
  said = []
  expect(await run('review', at('plain.nolvex.zip'), '--fix', '-o', at('mended.nolvex.zip'))).toBe(1)
  expect(said[0]).toMatch(/mended\.nolvex\.zip: [1-9]\d* mended/)
  expect(said.length - 1).toBeLessThan(before)
  said = []
  expect(await run('review', at('mended.nolvex.zip'), '--fail', 'serious')).toBe(0)
  expect(await run('review', at('plain.nolvex.zip'), '--fix')).toBe(2)
  expect(await run('review', at('plain.nolvex.zip'), '--fail', 'ever')).toBe(2)
  expect(told.join('\n')).toContain('serious, fair, slight')
})

test('a report is written as what its file is named for', async () => {
  await writeFile(at('told.txt'), 'Home\n  News\n  News\n')
  await run('new', at('told.txt'), '-o', at('told.nolvex.zip'))
  await run('draft', at('told.nolvex.zip'), '-o', at('told.nolvex.zip'))
  await spoilGaps(at('told.nolvex.zip'))
  expect(await run('review', at('told.nolvex.zip'), '--report', at('told.html'))).toBe(1)
  const html = await readFile(at('told.html'), 'utf8')
  expect(html).toContain('3 pages were looked at')
  expect(html).toContain('data:image/png;base64,')
  await run('review', at('told.nolvex.zip'), '--report', at('told.pdf'))
  expect((await readFile(at('told.pdf'))).subarray(0, 5).toString()).toBe('%PDF-')
  expect(await run('review', at('told.nolvex.zip'), '--report', at('told.doc'))).toBe(2)
})

test.each([
  [['draft', 'nowhere.zip', '-o', 'x.zip'], 'nowhere.zip'],
  [['export', 'drawn', '--as', 'html'], 'needs'],
  [['dance'], 'no command “dance”'],
  [['new', '--loud'], '--loud'],
  [['sitemap'], 'needs a project file'],
  [['tokens'], 'needs a project file'],
  [['tokens', 'x.zip', '--as', 'swatches'], 'not “swatches”'],
])('%s is told on standard error, with status 2', async (words, says) => {
  expect(await run(...words)).toBe(2)
  expect(told.join('\n')).toContain(says)
  expect(said).toEqual([])
})

test('a page or a band nobody knows is named, and so is a file that is no project', async () => {
  const drawn = ['export', at('drawn.nolvex.zip'), '--as', 'svg', '-o', at('none')]
  expect(await run(...drawn, '--pages', 'cellar')).toBe(2)
  expect(await run(...drawn, '--bands', 'huge')).toBe(2)
  await writeFile(at('wrong.zip'), 'no zip at all')
  expect(await run('review', at('wrong.zip'))).toBe(2)
  expect(told[0]).toContain('“cellar”')
  expect(told[1]).toContain('Narrow, Medium, Wide')
  expect(told[2]).toContain('wrong.zip')
})

test('help says what there is', async () => {
  expect(await run('--help')).toBe(0)
  for (const command of ['new', 'draft', 'export', 'review', 'sitemap', 'tokens'])
    expect(said.join()).toContain(`  ${command} `)
})
