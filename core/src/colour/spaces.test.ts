import Color from 'colorjs.io'
import fc from 'fast-check'
import { gamutMap } from './gamutMap'
import { readColour } from './readColour'
import { composited, hexOf, hslOf, labOf, oklabOf, oklchOf, withAlpha } from './spaces'
import { cssColourName, writeColour } from './writeColour'

const hexes = fc.nat(0xffffff).map((value) => `#${value.toString(16).padStart(6, '0')}`)
const runs = { numRuns: 500, seed: 7 }

// Against colorjs.io, written by the editors of CSS Color 4.
test('conversions agree with colorjs.io on random colours', () => {
  fc.assert(
    fc.property(hexes, (hex) => {
      const other = new Color(hex)
      const close = (mine: number[], theirs: (number | null)[], digits: number) =>
        mine.forEach((one, index) => expect(one).toBeCloseTo(theirs[index] ?? 0, digits))
      const { l, a, b } = oklabOf(hex)
      close([l, a, b], other.to('oklab').coords, 5)
      const d50 = labOf(hex, 'D50')
      close([d50.l, d50.a, d50.b], other.to('lab').coords, 2)
      const d65 = labOf(hex, 'D65')
      close([d65.l, d65.a, d65.b], other.to('lab-d65').coords, 2)
      const hsl = hslOf(hex)
      close([hsl.s * 100, hsl.l * 100], other.to('hsl').coords.slice(1), 3)
      const lch = oklchOf(hex)
      if (lch.c > 0.001) close([lch.h], other.to('oklch').coords.slice(2), 1)
    }),
    runs,
  )
})

test('gamut mapping agrees with colorjs.io on random colours', () => {
  const unit = fc.double({ min: 0, max: 1, noNaN: true })
  const chroma = fc.double({ min: 0, max: 0.45, noNaN: true })
  const hue = fc.double({ min: 0, max: 360, noNaN: true })
  fc.assert(
    fc.property(unit, chroma, hue, (l, c, h) => {
      const mapped = gamutMap({ l, c, h })
      const other = new Color('oklch', [l, c, h]).toGamut({ space: 'srgb', method: 'css' }).to('srgb')
      const theirs = other.coords.map((one) => Math.min(1, Math.max(0, Number(one))))
      const mine = [mapped.r, mapped.g, mapped.b]
      mine.forEach((one, index) => expect(Math.abs(one - theirs[index])).toBeLessThan(1 / 255))
    }),
    runs,
  )
})

// CSS Color 4: examples 3 (teal), 22 and sections 5.1, 6.1, 9.2; as getComputedStyle gives them in sRGB.
test.each([
  ['#0F8', '#00ff88'],
  ['0f8', '#00ff88'],
  ['#3399ff80', '#3399ff80'],
  ['rgb(255 0 0 / 50%)', '#ff000080'],
  ['rgb(51, 170, 51)', '#33aa33'],
  ['hsl(120deg 100% 25%)', '#008000'],
  ['hwb(120 0% 49.8039%)', '#008000'],
  ['lab(46.2775% -47.5621 48.5837)', '#008000'],
  ['oklch(51.975% 0.17686 142.495)', '#008000'],
  ['oklab(51.975% -0.1403 0.10768)', '#008000'],
  ['color(srgb 0.41 0.79 0.02)', '#69c905'],
  ['RebeccaPurple', '#663399'],
  ['transparent', '#00000000'],
])('reads %s', (written, hex) => {
  expect(readColour(written)).toEqual({ hex, isMapped: false })
})

test('a colour sRGB does not have becomes the nearest it has, and says so', () => {
  const read = readColour('color(display-p3 0 1 0)')
  expect(read).toMatchObject({ isMapped: true })
  const { l, h } = oklchOf('hex' in read ? read.hex : '')
  expect(Math.abs(l - 0.8486)).toBeLessThan(0.03)
  expect(Math.abs(h - 145.6)).toBeLessThan(6)
})

test.each(['', 'greenish', '#12', 'rgb(1 2)', 'oklch(nan 1 2)', 'url(x)', 'var(--a)', 'x'.repeat(5000)])(
  '%s is no colour',
  (text) => {
    expect(readColour(text)).toMatchObject({ error: expect.stringContaining('is no colour') })
  },
)

test('what is written in any notation is read as the same colour', () => {
  fc.assert(
    fc.property(
      hexes,
      fc.constantFrom('hex', 'rgb', 'hsl', 'oklch'),
      fc.boolean(),
      (hex, way, seenThrough) => {
        const colour = seenThrough ? withAlpha(hex, 0.5) : hex
        expect(readColour(writeColour(colour, way))).toMatchObject({ hex: colour })
      },
    ),
    runs,
  )
})

test('CSS has names for some colours', () => {
  expect(cssColourName('#663399')).toBe('rebeccapurple')
  expect(cssColourName('#663398')).toBeUndefined()
  expect(cssColourName('#66339980')).toBeUndefined()
})

// Common practice: black at 60 % on white is #666666.
test('what is seen through is mixed with its ground', () => {
  expect(composited('#00000099', '#ffffff')).toBe('#666666')
  expect(composited('#1f5b4c', '#ffffff')).toBe('#1f5b4c')
  expect(hexOf({ r: 2, g: -1, b: 0.5 })).toBe('#ff0080')
})
