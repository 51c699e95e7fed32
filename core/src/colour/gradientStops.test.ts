import Color from 'colorjs.io'
import fc from 'fast-check'
import { evenStops } from './gradientStops'
import { alphaOf } from './spaces'

const hex = fc.nat(0xffffffff).map((value) => `#${value.toString(16).padStart(8, '0')}`)

/** The colour at a place when colours are mixed as they are, channel by channel, as SVG mixes stops. */
function unfadedMix(stops: { at: number; colour: string }[], at: number): number[] {
  const after = stops.findIndex((stop) => stop.at >= at)
  const [from, to] = [stops[Math.max(0, after - 1)], stops[after]]
  const share = to.at === from.at ? 0 : (at - from.at) / (to.at - from.at)
  const channels = ({ colour }: { colour: string }) =>
    [1, 3, 5].map((index) => parseInt(colour.slice(index, index + 2), 16)).concat(alphaOf(colour) * 255)
  const [a, b] = [channels(from), channels(to)]
  return a.map((value, index) => value + (b[index] - value) * share)
}

// colorjs.io mixes premultiplied, as CSS does; what is seen on black or white is compared.
test('mixed stop by stop, it looks as when colours are faded before they are mixed', () => {
  fc.assert(
    fc.property(hex, hex, fc.integer({ min: 0, max: 64 }), (from, to, step) => {
      const stops = evenStops([
        { at: 0, colour: from },
        { at: 1, colour: to },
      ])
      const [r, g, b, alpha] = unfadedMix(stops, step / 64)
      const mixed = new Color(from).mix(new Color(to), step / 64, { space: 'srgb', premultiplied: true })
      for (const ground of [0, 255])
        [r, g, b].forEach((channel, index) => {
          const seen = (channel * alpha) / 255 + ground * (1 - alpha / 255)
          const share = Number(mixed.alpha)
          const wanted = Number(mixed.coords[index]) * 255 * share + ground * (1 - share)
          expect(Math.abs(seen - wanted)).toBeLessThan(4)
        })
    }),
  )
})

test('stops come in order and within the line; those alike in colour or opacity need none between', () => {
  expect(
    evenStops([
      { at: 1.5, colour: '#FFFFFF' },
      { at: -1, colour: '#000000' },
    ]),
  ).toEqual([
    { at: 0, colour: '#000000' },
    { at: 1, colour: '#ffffff' },
  ])
  expect(
    evenStops([
      { at: 0, colour: '#12345600' },
      { at: 1, colour: '#123456' },
    ]),
  ).toHaveLength(2)
})

test('what turns into nothing keeps its colour on the way', () => {
  const stops = evenStops([
    { at: 0, colour: '#a63d2a' },
    { at: 1, colour: '#00000000' },
  ])
  expect(stops.map(({ colour }) => colour)).toEqual(['#a63d2a', '#a63d2a00', '#00000000'])
})
