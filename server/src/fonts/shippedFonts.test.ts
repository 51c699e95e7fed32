import fc from 'fast-check'
import { breakOpportunities } from '@nolvex/core/text/breakOpportunities'
import { fontCatalogue } from '@nolvex/core/text/fontCatalogue'
import type { FontFace } from '@nolvex/core/text/fontLibrary'
import { adjustmentAt, advanceAt, cachedSize } from '@nolvex/core/text/fontMetrics'
import { breakLines } from '@nolvex/core/text/lines'
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
