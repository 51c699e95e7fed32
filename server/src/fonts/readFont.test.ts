import { mkdtemp, readFile, rm, writeFile } from 'node:fs/promises'
import { createRequire } from 'node:module'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { convert } from 'fontverter'
import * as harfbuzz from 'harfbuzzjs'
import subsetFont from 'subset-font'
import { Resvg } from '@resvg/resvg-js'
import { fontCatalogue } from '@nolvex/core/text/fontCatalogue'
import { fontLibraryWith, shippedFontPath } from './shippedFonts'
import { readFont } from './readFont'
import { nameTable, readAxes, readNames, readTables, writeTables } from './sfnt'
import { shapeParagraph } from '@nolvex/core/text/paragraph'
import { maxContentWidth } from '@nolvex/core/text/lines'

const require = createRequire(import.meta.url)
let folder: string
/** A face that does not ship: one that does, under another name. */
let own: Buffer
beforeAll(async () => {
  folder = await mkdtemp(join(tmpdir(), 'nolvex-font-'))
  const lora = await readFile(
    shippedFontPath(fontCatalogue.find(({ family }) => family === 'Lora') ?? fontCatalogue[0]),
  )
  own = writeTables(lora, new Map(readTables(lora)).set('name', nameTable('Quay Serif', 400, false)))
})
afterAll(() => rm(folder, { recursive: true }))

async function read(bytes: Buffer, name = 'quay.ttf') {
  await writeFile(join(folder, 'upload'), bytes)
  return readFont(folder, { name, file: 'upload' })
}
const without = (...tags: string[]) =>
  writeTables(own, new Map([...readTables(own)].filter(([tag]) => !tags.includes(tag))))

test('a font is taken in by its content, whatever it is called, packed or not', async () => {
  const expected = { family: 'Quay Serif', files: [{ weight: 400, italic: false, type: 'font/ttf' }] }
  expect(await read(own, 'photograph.jpg')).toMatchObject(expected)
  expect(await read(await convert(own, 'woff2'))).toMatchObject(expected)
  expect(await read(await convert(own, 'woff'))).toMatchObject(expected)
})

test('it sets text as wide as the font it came from, and the PNG writer finds it by its name', async () => {
  const { files } = await read(await convert(own, 'woff2'))
  const bytes = new Uint8Array(await readFile(join(folder, files[0].file)))
  const library = fontLibraryWith([{ family: 'Quay Serif', weight: 400, italic: false, bytes }])
  const widthIn = (family: string) =>
    maxContentWidth(
      shapeParagraph(library, [{ text: 'First boat 09:40', family, weight: 400, italic: false, size: 20 }]),
    )
  expect(widthIn('Quay Serif')).toBe(widthIn('Lora'))
  const svg = `<svg xmlns="http://www.w3.org/2000/svg" width="90" height="30"><text y="20" font-family="Quay Serif">Boat</text></svg>`
  const drawn = new Resvg(svg, {
    font: { loadSystemFonts: false, fontFiles: [join(folder, files[0].file)], defaultFontFamily: 'none' },
  })
  expect(drawn.render().pixels.some(Boolean)).toBe(true)
})

// HarfBuzz itself shapes the variable font along its axis.
test('of a variable font there is a regular and a bold, each as wide as the font is there', async () => {
  const path = require.resolve('@fontsource-variable/public-sans/files/public-sans-latin-wght-normal.woff2')
  const sfnt = await convert(await readFile(path), 'sfnt')
  const renamed = writeTables(sfnt, new Map(readTables(sfnt)).set('name', nameTable('Quay Sans', 100, false)))
  expect(readAxes(readTables(renamed).get('fvar') as Buffer)).toEqual([
    { tag: 'wght', least: 100, usual: 100, most: 900 },
  ])
  const { family, files } = await read(renamed)
  expect([family, files.map(({ weight }) => weight)]).toEqual(['Quay Sans', [400, 700]])
  const advance = (bytes: Buffer, weight?: number) => {
    const font = new harfbuzz.Font(new harfbuzz.Face(new harfbuzz.Blob(new Uint8Array(bytes))))
    if (weight) font.setVariations([new harfbuzz.Variation('wght', weight)])
    return [...'Hamburgefonstiv'].map((letter) =>
      font.glyphHAdvance(font.nominalGlyph(letter.codePointAt(0) ?? 0) ?? 0),
    )
  }
  for (const { file, weight } of files)
    expect(advance(await readFile(join(folder, file)))).toEqual(advance(renamed, weight))
})

test('what is written has sound checksums and is read again', () => {
  const again = writeTables(own, readTables(own))
  expect(again).toEqual(own)
  expect(readNames(readTables(own).get('name') as Buffer).family).toBe('Quay Serif')
})

test.each<[what: string, bytes: () => Buffer | Promise<Buffer>, words: RegExp]>([
  ['a picture', () => Buffer.from('89504e470d0a1a0a00', 'hex'), /is no font/],
  ['nothing much', () => Buffer.from('ab'), /is no font/],
  ['a collection', () => Buffer.from('ttcf0000'), /collection/],
  ['half a font', () => own.subarray(0, own.length / 2), /damaged.*reaches beyond its end/],
  ['a beginning alone', () => own.subarray(0, 20), /damaged/],
  ['half a packed one', async () => (await convert(own, 'woff2')).subarray(0, 5000), /damaged/],
  ['one without a table', () => without('cmap'), /lacks the table cmap/],
  ['one without outlines', () => without('glyf', 'loca'), /no outlines/],
  [
    'half the alphabet',
    () =>
      subsetFont(own, 'abcdefghijklm', {
        keepAllGlyphs: false,
        variationAxes: {},
        targetFormat: 'sfnt',
      }),
    /lacks letters pages need: n o p/,
  ],
  ['one that ships', () => readFile(shippedFontPath(fontCatalogue[0])), /ships with Nolvex already/],
])('%s is refused in words', async (_what, bytes, words) => {
  await expect(read(Buffer.from(await bytes()))).rejects.toThrow(words)
})
