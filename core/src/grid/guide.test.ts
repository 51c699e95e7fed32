import { gridAt } from './bandGrid'
import { guideApplies, guidePosition, guideWords, readGuides, type GuidePlace } from './guide'
import { guidesOfBlock, layGuides } from './guideLayout'

const band = { columns: 12, gutter: 20, margin: 10, rows: { height: 1024, rows: 16, gutter: 16, margin: 64 } }
const ground = { width: 960, height: 2000, columns: gridAt(band, 960), band }
const placed = (axis: 'x' | 'y', text: string) => {
  const read = readGuides(text, axis)
  return 'error' in read ? read.error : read.places.map((at) => guidePosition({ axis, at }, ground))
}

test('guides are typed in px, %, by column edges and as the centre', () => {
  expect(placed('x', '120')).toEqual([120])
  expect(placed('x', '12,5 %; 50%')).toEqual([120, 480])
  expect(placed('x', 'centre')).toEqual([480])
  // 960 = 12 x (60 + 20): columns of 60 begin at 10 and every 80 after
  expect(placed('x', 'column 1, col 2 end, c3 centre, column 12 end')).toEqual([10, 150, 200, 950])
  expect(placed('y', 'row 1, row 2 end, 40')).toEqual([64, 162, 40])
  expect(placed('x', 'column 13')).toEqual([undefined])
})

test('what is no place says what can be typed', () => {
  expect(placed('x', 'twelve')).toMatch(/no place for a guide/)
  expect(placed('x', 'row 2')).toMatch(/no place/)
  expect(placed('y', '')).toMatch(/Type where/)
  expect(placed('x', 'column 0')).toMatch(/no place/)
})

test('a place in words can be typed again', () => {
  const places: GuidePlace[] = [
    { px: 12.5 },
    { percent: 50 },
    { percent: 33.33 },
    { column: 3, edge: 'end' },
    { column: 4, edge: 'start' },
  ]
  for (const at of places) expect(readGuides(guideWords(at), 'x')).toEqual({ places: [at] })
})

test('a guide stands on its page, at its band, or everywhere', () => {
  const here = { page: 'home', band: 'wide' }
  expect(guideApplies({}, here)).toBe(true)
  expect(guideApplies({ band: 'wide' }, here)).toBe(true)
  expect(guideApplies({ page: 'home', band: 'narrow' }, here)).toBe(false)
  expect(guideApplies({ page: 'fares' }, here)).toBe(false)
})

test('a set of guides: 8 columns with 20 px gutters, whole on the page, fixed at its start, or centred', () => {
  const page = { width: 1000, height: 600 }
  const xs = (wishes: Parameters<typeof layGuides>[0]) =>
    layGuides(wishes, page).flatMap(({ axis, at }) => (axis === 'x' && 'px' in at ? [at.px] : []))
  const columns = { count: 8, gutter: 20 }
  // 1000 = 8 x 107.5 + 7 x 20
  expect(xs({ columns, centred: false }).slice(0, 3)).toEqual([0, 107.5, 127.5])
  const fixed = { ...columns, width: 100 }
  expect(xs({ columns: fixed, centred: false }).at(-1)).toBe(940)
  expect([xs({ columns: fixed, centred: true })[0], xs({ columns: fixed, centred: true }).at(-1)]).toEqual([
    30, 970,
  ])
  const margins = { left: 40, right: 40, top: 0, bottom: 0 }
  expect(xs({ margins, centred: false })).toEqual([40, 960])
  expect(() => layGuides({ columns: { ...columns, width: 200 }, centred: false }, page)).toThrow(/1740 px/)
})

test('all edges of a block at once, and its centre lines', () => {
  const px = (parts: ('edges' | 'centre')[]) =>
    guidesOfBlock({ x: 10, y: 20, w: 100, h: 60 }, parts).map(
      ({ axis, at }) => `${axis}${'px' in at ? at.px : ''}`,
    )
  expect(px(['edges'])).toEqual(['x10', 'x110', 'y20', 'y80'])
  expect(px(['centre'])).toEqual(['x60', 'y50'])
})
