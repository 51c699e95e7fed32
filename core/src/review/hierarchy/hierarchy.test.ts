import { labOf } from '../../colour/spaces'
import { blockFacts } from './blockFacts'
import { ALIKE, becauseOf, eyeOrder, saidOfTwo } from './eyeOrder'
import { outOfOrder } from './intendedOrder'
import type { JudgedBlock } from './judgedBlock'
import { notAsMeant } from './meantOrder'
import { labPlanes, type Pixels } from './pixels'

type Colour = [red: number, green: number, blue: number]
interface Item {
  block: JudgedBlock
  /** which of its pixels are painted */
  paint: (x: number, y: number) => Colour | undefined
}

const WINDOW = { width: 320, height: 200 }
const WHITE: Colour = [255, 255, 255]
const GREY: Colour = [110, 110, 110]
const RED: Colour = [200, 40, 40]

function painted(items: Item[], ground = WHITE): Pixels {
  const { width, height } = WINDOW
  const data = new Uint8ClampedArray(width * height * 4).fill(255)
  const put = (at: number, [red, green, blue]: Colour) => data.set([red, green, blue, 255], at * 4)
  for (let at = 0; at < width * height; at++) put(at, ground)
  for (const { block, paint } of items)
    for (let y = block.y; y < block.y + block.h; y++)
      for (let x = block.x; x < block.x + block.w; x++) {
        const colour = paint(x - block.x, y - block.y)
        if (colour) put(y * width + x, colour)
      }
  return { ...WINDOW, data }
}
const met = (items: Item[], ground?: Colour) =>
  eyeOrder(
    blockFacts(
      items.map(({ block }) => block),
      WINDOW,
      labPlanes(painted(items, ground)),
    ),
  )

const solid = (colour: Colour) => () => colour
/** A bar in the middle of a square, standing or lying. */
const bar =
  (colour: Colour, isLying = false) =>
  (x: number, y: number) => {
    const [along, across] = isLying ? [x, y] : [y, x]
    return along >= 2 && along < 22 && across >= 9 && across < 15 ? colour : undefined
  }
const shape = (name: string, x: number, y: number, paint: Item['paint'], side = 24): Item => ({
  block: { key: name, name, kind: 'shape', x, y, w: side, h: side },
  paint,
})
/** Twenty alike in rows, one of which is another. */
const display = (alike: (at: number) => Item['paint'], odd: Item['paint'], oddAt: number, side = 24) =>
  Array.from({ length: 20 }, (_, at) => {
    const [x, y] = [20 + (at % 5) * 60, 12 + Math.floor(at / 5) * 48]
    return at === oddAt ? shape('odd', x, y, odd, side) : shape(`${at}`, x, y, alike(at))
  })

test('pixels are as CIELAB has them', () => {
  const data = [255, 255, 255, 255, 20, 80, 107, 255, 180, 71, 42, 255, 0, 0, 0, 255]
  const { l, a, b } = labPlanes({ width: 4, height: 1, data })
  for (const [index, hex] of ['#ffffff', '#14506b', '#b4472a', '#000000'].entries()) {
    const known = labOf(hex, 'D65')
    expect([l[index], a[index], b[index]].map((value) => Math.round(value * 10) / 10)).toEqual(
      [known.l, known.a, known.b].map((value) => expect.closeTo(value, 0) as number),
    )
  }
})

/**
 * Displays with one odd one out, as vision research has used them since A. Treisman and G. Gelade, A feature-integration
 * theory of attention, Cognitive Psychology 12 (1980): what differs in one feature is met first.
 */
test.each([3, 7, 11, 16])(
  'one of another colour, way, size or brightness is met first (at place %i)',
  (oddAt) => {
    const displays = {
      colour: display(() => bar(GREY), bar(RED), oddAt),
      way: display(() => bar(GREY), bar(GREY, true), oddAt),
      size: display(() => solid(GREY), solid(GREY), oddAt, 36),
      brightness: display(() => solid([190, 190, 190]), solid([40, 40, 40]), oddAt),
      filled: display(() => bar(GREY), solid(GREY), oddAt),
    }
    for (const [feature, items] of Object.entries(displays))
      expect([feature, met(items)[0].facts.name]).toEqual([feature, 'odd'])
  },
)

test('where all are alike nothing leads', () => {
  const order = met(display(() => bar(GREY), bar(GREY), 5))
  expect(order[0].lead).toBeLessThan(ALIKE)
  expect(saidOfTwo(order[0], order[1])).toContain('are met alike')
})

const text = (name: string, y: number, size: number, weight = 400, colour = GREY): Item => ({
  block: { key: name, name, kind: 'text', x: 16, y, w: 160, h: Math.round(size * 1.2), size, weight },
  // Strokes as letters have them: a third of the width, from the line's top to its foot.
  paint: (x) => (x % 6 < 2 ? colour : undefined),
})

test('larger type is met before smaller, darker before paler, and a picture before all where it is large and colourful', () => {
  const order = met([text('lead', 80, 16), text('headline', 30, 40, 700), text('small', 120, 12)])
  expect(order.map(({ facts }) => facts.name)).toEqual(['headline', 'lead', 'small'])
  expect(becauseOf(order[0].facts, order[1].facts)).toContain('its larger type')

  const pale = met([text('dark', 30, 20, 400, [20, 20, 20]), text('pale', 90, 20, 400, [200, 200, 200])])
  expect(pale[0].facts.name).toBe('dark')
  expect(saidOfTwo(pale[0], pale[1])).toBe('dark is met before pale because of its contrast.')

  const picture: Item = {
    block: { key: 'picture', name: 'picture', kind: 'picture', x: 190, y: 10, w: 120, h: 170 },
    paint: (x, y) => [180, (x * 3) % 120, (y * 2) % 90],
  }
  expect(met([text('headline', 30, 28, 700), picture])[0].facts.name).toBe('picture')
})

test('what covers a block takes its pixels', () => {
  const under = shape('under', 100, 60, solid(RED), 60)
  const over = shape('over', 100, 60, solid(GREY), 60)
  const [first] = met([under, over])
  expect(first.facts.name).toBe('over')
})

test('what was meant to be met first and is not is said, with what is met in its place', () => {
  const order = met([text('headline', 30, 16), text('notice', 80, 40, 700, RED), text('other', 140, 12)])
  expect(outOfOrder(order, ['headline'])).toEqual([
    {
      meant: 'headline',
      meets: 'notice',
      says: expect.stringContaining('notice is met before headline') as string,
    },
  ])
  expect(outOfOrder(order, ['notice', 'headline'])).toEqual([])
  expect(outOfOrder(order, ['gone', 'notice'])).toEqual([])
})

test('without ranks a heading is expected to lead the words; a picture may be met before it', () => {
  const picture: Item = {
    block: { key: 'picture', name: 'picture', kind: 'picture', x: 190, y: 10, w: 120, h: 170 },
    paint: (x, y) => [180, (x * 3) % 120, (y * 2) % 90],
  }
  const order = met([text('headline', 30, 28, 700), text('lead', 90, 14), picture])
  expect(order[0].facts.name).toBe('picture')
  expect(notAsMeant(order, { keys: ['headline'], isRanked: false })).toEqual([])
  expect(notAsMeant(order, { keys: ['headline'], isRanked: true })).toMatchObject([{ meets: 'picture' }])
})
