import fc from 'fast-check'
import { contrastRatio } from './contrast'
import { DEFICIENCIES, DEFICIENCY_MATRICES, simulateDeficiency } from './deficiency'
import { mainColours } from './mainColours'
import { nearestPassing } from './nearestPassing'
import { colourRamp } from './ramp'
import { ciede2000 } from './ciede2000'
import { oklchOf } from './spaces'

const hexes = fc.nat(0xffffff).map((value) => `#${value.toString(16).padStart(6, '0')}`)

describe('deficiency', () => {
  // Machado, Oliveira and Fernandes 2009: rows of each matrix sum to 1, so that greys stay as they are.
  test.each(DEFICIENCIES)('%s keeps greys', (kind) => {
    for (const row of DEFICIENCY_MATRICES[kind]) expect(row[0] + row[1] + row[2]).toBeCloseTo(1, 5)
    for (const grey of ['#000000', '#808080', '#ffffff']) expect(simulateDeficiency(grey, kind)).toBe(grey)
  })

  // Red and green of one lightness, the pair confused in the text of that article.
  test('red and green come near one another for those without red or green cones', () => {
    const [red, green] = ['#c04040', '#5a7a20']
    const apart = (kind: (typeof DEFICIENCIES)[number]) =>
      ciede2000(simulateDeficiency(red, kind), simulateDeficiency(green, kind))
    expect(apart('deutan')).toBeLessThan(ciede2000(red, green) / 2)
    expect(apart('protan')).toBeLessThan(ciede2000(red, green) / 2)
    expect(apart('tritan')).toBeGreaterThan(ciede2000(red, green) / 2)
  })

  test('opacity is kept', () => {
    expect(simulateDeficiency('#c0404080', 'tritan')).toMatch(/80$/)
  })
})

describe('ramps', () => {
  test('fall in lightness, hold the colour itself, and keep its hue', () => {
    fc.assert(
      fc.property(hexes, fc.integer({ min: 2, max: 14 }), (hex, count) => {
        const ramp = colourRamp(hex, count)
        expect(ramp).toHaveLength(count)
        expect(ramp.filter(({ isBase }) => isBase).map((step) => step.hex)).toEqual([hex])
        const own = oklchOf(hex)
        const steps = ramp.map((step) => oklchOf(step.hex))
        for (let index = 1; index < count; index++)
          expect(steps[index].l).toBeLessThan(steps[index - 1].l + 0.004)
        // Cutting off to what sRGB has moves a colour off the line of its hue by what is hardly noticed.
        if (own.c > 0.03)
          for (const { c, h } of steps)
            expect(Math.abs(c * Math.sin(((h - own.h) * Math.PI) / 180))).toBeLessThan(0.03)
      }),
      { numRuns: 200, seed: 7 },
    )
  })
})

describe('nearestPassing', () => {
  test('passes, keeps the hue, and a step less would not pass', () => {
    fc.assert(
      fc.property(hexes, hexes, fc.constantFrom(3, 4.5, 7), (hex, ground, wanted) => {
        const found = nearestPassing(hex, ground, wanted)
        if (!found) {
          expect(contrastRatio('#000000', ground)).toBeLessThan(wanted)
          expect(contrastRatio('#ffffff', ground)).toBeLessThan(wanted)
          return
        }
        expect(contrastRatio(found, ground)).toBeGreaterThanOrEqual(wanted)
        if (found === hex) expect(contrastRatio(hex, ground)).toBeGreaterThanOrEqual(wanted)
        else expect(contrastRatio(found, ground)).toBeLessThan(wanted + 0.35)
      }),
      { numRuns: 300, seed: 7 },
    )
  })

  // WCAG 2.2, 1.4.3: #767676 is the lightest grey that passes on white, as its understanding document says.
  test('of greys on white the lightest that passes', () => {
    expect(nearestPassing('#999999', '#ffffff', 4.5)).toBe('#767676')
  })
})

describe('mainColours', () => {
  const pixels = (...areas: [hex: string, count: number][]) =>
    new Uint8ClampedArray(
      areas.flatMap(([hex, count]) => {
        const [r, g, b] = [1, 3, 5].map((at) => parseInt(hex.slice(at, at + 2), 16))
        return Array.from({ length: count }, () => [r, g, b, 255]).flat()
      }),
    )

  test('are those the picture is made of, with their shares', () => {
    const found = mainColours(pixels(['#1f5b4c', 600], ['#f2e8d0', 300], ['#d2452d', 100]), 5)
    expect(found.map(({ hex }) => hex)).toEqual(['#1f5b4c', '#f2e8d0', '#d2452d'])
    expect(found.map(({ share }) => share)).toEqual([0.6, 0.3, 0.1])
  })

  test('noise round a colour gives one colour near it, and a small striking one is kept', () => {
    const noisy = Array.from({ length: 4000 }, (_, index): [string, number] => {
      const wave = (at: number) => (60 + Math.round(6 * Math.sin(index * at))).toString(16)
      return [`#${wave(1.1)}${wave(2.3)}${wave(3.7)}`, 1]
    })
    const found = mainColours(pixels(...noisy, ['#ffcc00', 40]), 4)
    expect(ciede2000(found[0].hex, '#3c3c3c')).toBeLessThan(2)
    expect(found.some(({ hex }) => ciede2000(hex, '#ffcc00') < 2)).toBe(true)
  })

  test('what is seen through has no colours', () => {
    expect(mainColours(new Uint8ClampedArray([200, 10, 10, 0, 10, 10, 10, 20]))).toEqual([])
    expect(mainColours(new Uint8ClampedArray())).toEqual([])
  })
})
