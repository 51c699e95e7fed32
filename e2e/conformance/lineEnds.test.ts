import { breakLines, countLines, endBeforeEllipsis } from '@nolvex/core/text/lines'
import { hyphenAt, shapeParagraph, widthBetween, type Paragraph } from '@nolvex/core/text/paragraph'
import { shippedFontLibrary } from '@nolvex/server/fonts/shippedFonts'

const library = shippedFontLibrary()
const set = (text: string, spacing?: number): Paragraph =>
  shapeParagraph(library, [{ family: 'Public Sans', weight: 400, italic: false, size: 16, text, spacing }])
const linesOf = (paragraph: Paragraph, room: number) =>
  breakLines(paragraph, room).map(({ start, end }) =>
    paragraph.text.slice(start, end).replaceAll('\u00ad', '·'),
  )

test('a word is parted where it was typed, and the hyphen there has to fit as well', () => {
  const paragraph = set('by the har\u00adbour\u00admas\u00adter')
  const syllable = widthBetween(paragraph, 0, 'by the har\u00ad'.length)
  const hyphen = hyphenAt(paragraph, 'by the har\u00ad'.length)
  expect(hyphen?.width).toBeGreaterThan(0)
  expect(linesOf(paragraph, syllable + hyphen!.width)[0]).toBe('by the har·')
  expect(linesOf(paragraph, syllable + hyphen!.width - 1)[0]).toBe('by the')
  expect(countLines(paragraph, syllable + hyphen!.width)).toBe(
    linesOf(paragraph, syllable + hyphen!.width).length,
  )
})

test('a soft hyphen within a line shows nothing and takes no room, nor has a letter’s space', () => {
  for (const spacing of [undefined, 3]) {
    const [plain, parted] = [set('harbour', spacing), set('har\u00adbour', spacing)]
    expect(widthBetween(parted, 0, parted.text.length)).toBe(widthBetween(plain, 0, plain.text.length))
  }
  expect(hyphenAt(set('har\u00adbour'), 3)).toBeUndefined()
  // The last character of a text ends it: no line follows, so no hyphen is seen.
  expect(hyphenAt(set('har\u00ad'), 4)).toBeUndefined()
})

test('of a line that goes on unseen, as many graphemes stand before the ellipsis as fit', () => {
  const paragraph = set('The ferry leaves at half past seven')
  const [line] = breakLines(paragraph, 160)
  const end = endBeforeEllipsis(paragraph, line, 100)
  expect(widthBetween(paragraph, line.start, end)).toBeLessThanOrEqual(100)
  expect(widthBetween(paragraph, line.start, end + 1)).toBeGreaterThan(100)
  expect(endBeforeEllipsis(paragraph, line, 160)).toBe(line.end)
  expect(endBeforeEllipsis(paragraph, line, 0)).toBe(line.start)
  // A flag is one grapheme of four code units: all of it stands there or none.
  const flags = set('🇳🇴🇳🇴🇳🇴')
  const [only] = breakLines(flags, 1000)
  expect(endBeforeEllipsis(flags, only, widthBetween(flags, 0, 6)) % 4).toBe(0)
})
