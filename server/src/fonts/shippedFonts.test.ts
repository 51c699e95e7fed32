import fc from 'fast-check'
import { breakOpportunities } from '@nolvex/core/text/breakOpportunities'
import { fontCatalogue } from '@nolvex/core/text/fontCatalogue'
import type { FontFace } from '@nolvex/core/text/fontLibrary'
import { adjustmentAt, advanceAt, cachedSize } from '@nolvex/core/text/fontMetrics'
import { breakLines, maxContentWidth } from '@nolvex/core/text/lines'
import { shapeParagraph, visibleEnd, widthBetween, type Paragraph } from '@nolvex/core/text/paragraph'
import { setPositions } from '@nolvex/core/text/positions'
import { shippedFontLibrary } from './shippedFonts'

const library = shippedFontLibrary()

/** Words as they come, with what joins (fi, ffl), kerns with spaces (T, V, W, Y) and stands beside digits. */
const word = fc.oneof(
  fc.string({ unit: fc.constantFrom(...'abcdefgilnortuvwy'), minLength: 1, maxLength: 8 }),
  fc.constantFrom(
    'first',
    'office',
    'waffle',
    'AVATAR',
    'Ty.',
    'fi',
    'fl4t',
    '09:40',
    '3x9',
    '(WAVE),',
    'day-return',
  ),
  fc.string({ minLength: 1, maxLength: 6, unit: 'grapheme-ascii' }),
)
const plainText = fc.array(word, { minLength: 1, maxLength: 8 }).map((words) => words.join(' '))

/** Ends of characters as HarfBuzz shapes the whole text. */
function shapedWhole(face: FontFace, size: number, text: string): number[] {
  const { clusters, advances, adjustments } = face.shape(text)
  const ends: number[] = []
  let position = 0
  let glyph = 0
  for (let index = 0; index < text.length; index++) {
    for (; clusters[glyph] === index; glyph++)
      position +=
        advanceAt(face.metrics, advances[glyph], size) + adjustmentAt(face.metrics, adjustments[glyph], size)
    ends.push(position)
  }
  return ends
}

test.each(fontCatalogue.filter(({ setsByPairs }) => setsByPairs))(
  '$family $weight, italic $italic, sets text by pairs as HarfBuzz does',
  (font) => {
    const face = library.face(font)
    fc.assert(
      fc.property(plainText, fc.double({ min: 8, max: 60, noNaN: true }), (text, asked) => {
        const positions = new Float64Array(text.length + 1)
        setPositions({ face, size: asked, text, positions }, { start: 0, end: text.length })
        const expected = shapedWhole(face, cachedSize(asked), text)
        expected.forEach((end, index) => expect(positions[index + 1]).toBeCloseTo(end, 9))
      }),
      { numRuns: 400, seed: 7 },
    )
  },
)

test('lines may end where the rules say, as wide as the characters before them', () => {
  const sign = fc.constantFrom(' ', ' ', '\n', '-', '09-12', '?', '(', ')', '/', '\u007f', 'é', 'fi')
  const anyText = fc
    .array(fc.oneof(word, sign), { minLength: 1, maxLength: 12 })
    .map((parts) => parts.join(''))
  const faces = fc.constantFrom('Public Sans', 'Lora', 'Inter')
  fc.assert(
    fc.property(anyText, faces, fc.integer({ min: 9, max: 40 }), (text, family, size) => {
      const paragraph = shapeParagraph(library, [{ text, family, weight: 400, italic: false, size }])
      const { stops, firstStop, stopCount } = paragraph
      const found = Array.from({ length: stopCount }, (_, index) => firstStop + index)
      const { at, start, end } = stops
      expect(found.map((stop) => at[stop])).toEqual(breakOpportunities(text))
      for (const stop of found) {
        expect(start[stop]).toBeCloseTo(paragraph.position(at[stop]), 9)
        expect(end[stop]).toBeCloseTo(paragraph.position(visibleEnd(text, at[stop])), 9)
      }
      const set = shapedWhole(paragraph.items[0].face, cachedSize(size), text.replaceAll('\n', ''))
      if (paragraph.items.length === 1 && !text.includes('\n'))
        expect(paragraph.position(text.length)).toBeCloseTo(set.at(-1) as number, 9)
    }),
    { numRuns: 400, seed: 7 },
  )
})

test('a paragraph wider than 32-bit numbers hold is as wide as its pieces', () => {
  const run = { family: 'Public Sans', weight: 400, italic: false, size: 40 }
  const widthOf = (text: string) => maxContentWidth(shapeParagraph(library, [{ ...run, text }]))
  const words = (count: number) => Array.from({ length: count }, () => 'Sailings').join(' ')
  const perWord = (widthOf(words(200)) - widthOf(words(100))) / 100
  expect(widthOf(words(5000)) / (5000 * perWord)).toBeCloseTo(1, 3)
})

/** Lines found by trying every break in turn, the plain way. */
function plainLines(paragraph: Paragraph, room: number): number[] {
  const starts: number[] = []
  let start = 0
  while (start < paragraph.text.length) {
    starts.push(start)
    const fits = breakOpportunities(paragraph.text).filter(
      (at) => at > start && widthBetween(paragraph, start, visibleEnd(paragraph.text, at)) <= room + 1 / 64,
    )
    const next = Math.max(...fits)
    if (!Number.isFinite(next)) return starts
    start = next
  }
  return starts
}

test('lines end at the last break that fits', () => {
  const words = fc.array(fc.constantFrom('a', 'boat', 'harbour', 'crossing', 'of', 'isles'), {
    minLength: 1,
    maxLength: 40,
  })
  fc.assert(
    fc.property(words, fc.integer({ min: 80, max: 600 }), (list, room) => {
      const runs = [{ text: list.join(' '), family: 'Lora', weight: 400, italic: false, size: 16 }]
      const paragraph = shapeParagraph(library, runs)
      expect(breakLines(paragraph, room).map(({ start }) => start)).toEqual(plainLines(paragraph, room))
    }),
    { numRuns: 200, seed: 7 },
  )
})
