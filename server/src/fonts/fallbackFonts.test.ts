import { familyStack } from '@nolvex/core/text/fallbackFace'
import type { FontLibrary } from '@nolvex/core/text/fontLibrary'
import { maxContentWidth } from '@nolvex/core/text/lines'
import { shapeParagraph } from '@nolvex/core/text/paragraph'
import { twinLibrary, fallbackOf } from './fallbackFonts'
import { shippedFontLibrary } from './shippedFonts'

const library = shippedFontLibrary()
const COPY = [
  'Boats to three isles, every morning from the small quay behind the fish market.',
  'Dogs travel free. Bicycles need a ticket of their own, which the purser sells on board.',
  'Timetable',
  'Book a crossing',
  'Leaves Corrin at 07:40, arrives Skerra at 08:25',
]

const style = (family: string, weight: number) => ({ family, weight, italic: false })
const widthOf = (from: FontLibrary, family: string, weight: number, text: string) =>
  maxContentWidth(shapeParagraph(from, [{ ...style(family, weight), size: 100, text }]))

/** How far off, on average, lines of copy are in the stand-in, as a share of their width. */
function meanError(family: string, weight: number): number {
  const fallback = fallbackOf(style(family, weight), COPY)!
  const twin = family === 'Lora' ? 'Tinos' : 'Arimo'
  const errors = COPY.map((text) => {
    const wanted = widthOf(library, family, weight, text)
    const got = widthOf(twinLibrary(), twin, weight, text) * fallback.sizeAdjust
    return Math.abs(got - wanted) / wanted
  })
  return errors.reduce((sum, error) => sum + error, 0) / errors.length
}

test.each([
  ['Lora', 400],
  ['Lora', 700],
  ['Source Sans 3', 400],
  ['Inter', 400],
] as const)(
  'what stands in for %s %i sets a project’s own copy within 2.5 %% of its width',
  (family, weight) => {
    expect(meanError(family, weight)).toBeLessThan(0.025)
  },
)

test('lines in a stand-in are as high as in the face itself', () => {
  const { metrics } = library.face(style('Lora', 400))
  const { sizeAdjust, ascent, descent, lineGap } = fallbackOf(style('Lora', 400), COPY)!
  // Overrides are shares of the size as adjusted (CSS Fonts 5, section 3.2).
  expect(ascent * sizeAdjust).toBeCloseTo(metrics.ascent / metrics.unitsPerEm, 9)
  expect(descent * sizeAdjust).toBeCloseTo(metrics.descent / metrics.unitsPerEm, 9)
  expect(lineGap * sizeAdjust).toBeCloseTo(metrics.lineGap / metrics.unitsPerEm, 9)
})

test('a face with letters of one width falls back to the computer’s own', () => {
  expect(fallbackOf(style('Roboto Mono', 400), COPY)).toBeUndefined()
  expect(familyStack('Roboto Mono')).toBe('"Roboto Mono", monospace')
  expect(familyStack('Lora')).toBe('"Lora", "Lora fallback", serif')
})
