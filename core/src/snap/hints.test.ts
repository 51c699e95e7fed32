import fc from 'fast-check'
import { HINT_KINDS, type HintKind } from './hint'
import { hintGround, pageLines, type Called } from './hintGround'
import { hintEdge, hintMove } from './hints'
import type { Rect } from './rect'

const SCALE = [4, 8, 12, 16, 24, 32, 48]
const ALL = Object.keys(HINT_KINDS) as HintKind[]
const groundOf = (neighbours: Called[], kinds = ALL, around: Called[] = [], guides: number[] = []) => {
  const hintKinds = new Set(kinds)
  const lies = { guides: guides.map((position) => ({ axis: 'x' as const, position })), height: 2000 }
  return hintGround({ lines: pageLines(hintKinds, lies), hintKinds, scale: SCALE }, neighbours, around)
}
const rect = (x: number, y: number, w = 100, h = 40): Rect => ({ x, y, w, h })
const called = (name: string, ...at: [number, number, number?, number?]): Called => ({ ...rect(...at), name })

const anyRect = fc.record({
  x: fc.integer({ min: 0, max: 800 }),
  y: fc.integer({ min: 0, max: 800 }),
  w: fc.integer({ min: 1, max: 200 }),
  h: fc.integer({ min: 1, max: 200 }),
})

test('no hint moves anything farther than its reach, and what it moved lies on what it says', () => {
  fc.assert(
    fc.property(
      fc.array(anyRect, { maxLength: 12 }),
      anyRect,
      fc.integer({ min: 0, max: 20 }),
      (others, moved, reach) => {
        const ground = groundOf(others.map((one, at) => ({ ...one, name: `b${at}` })))
        const { dx, dy, hints } = hintMove(moved, ground, reach)
        expect(Math.max(Math.abs(dx), Math.abs(dy))).toBeLessThanOrEqual(reach + 1e-9)
        const at = { ...moved, x: moved.x + dx, y: moved.y + dy }
        for (const { axis, line } of hints) {
          if (!line) continue
          const [from, size] = axis === 'x' ? [at.x, at.w] : [at.y, at.h]
          const nearest = Math.min(
            ...[from, from + size / 2, from + size].map((px) => Math.abs(px - line.at)),
          )
          expect(nearest).toBeLessThan(0.02)
        }
      },
    ),
    { numRuns: 200, seed: 14 },
  )
})

test('of edges and centres the nearest wins, as trying every line shows', () => {
  fc.assert(
    fc.property(fc.array(anyRect, { maxLength: 12 }), anyRect, (others, moved) => {
      const ground = groundOf(
        others.map((one, at) => ({ ...one, name: `b${at}` })),
        ['edges', 'centres'],
      )
      const least = (edges: number[], middle: number, all: [number, number, number][]) =>
        Math.min(
          ...all.flatMap(([start, centre, end]) => [
            ...edges.flatMap((edge) => [Math.abs(start - edge), Math.abs(end - edge)]),
            Math.abs(centre - middle),
          ]),
        )
      const x = least(
        [moved.x, moved.x + moved.w],
        moved.x + moved.w / 2,
        others.map((o) => [o.x, o.x + o.w / 2, o.x + o.w]),
      )
      expect(Math.abs(hintMove(moved, ground, 6).dx)).toBeCloseTo(x <= 6 ? x : 0, 9)
    }),
    { numRuns: 100, seed: 3 },
  )
})

test('a block is hinted to the middle between two, and says the gap that is alike', () => {
  const ground = groundOf([called('one', 0, 0), called('two', 400, 0)], ['gaps'])
  const { dx, hints } = hintMove(rect(197, 0, 101), ground, 6)
  expect(dx).toBe(2.5)
  expect(hints[0]).toMatchObject({ kind: 'gaps', figure: 99.5, what: 'between one and two' })
  expect(hints[0].spans?.map(({ from, to }) => to - from)).toEqual([99.5, 99.5])
})

test('a run of equal gaps goes on at either end', () => {
  const ground = groundOf([called('one', 0, 0), called('two', 130, 0)], ['gaps'])
  expect(hintMove(rect(263, 0), ground, 6)).toMatchObject({
    dx: -3,
    hints: [{ figure: 30, what: 'as two and one' }],
  })
  const before = groundOf([called('one', 300, 0), called('two', 430, 0)], ['gaps'])
  expect(hintMove(rect(166, 0), before, 6)).toMatchObject({ dx: 4, hints: [{ figure: 30 }] })
})

test('gaps come onto the spacing scale, and the scale gives way to what stands nearer', () => {
  const ground = groundOf([called('heading', 0, 0)], ['scale'])
  expect(hintMove(rect(0, 65), ground, 6)).toMatchObject({ dy: -1, hints: [{ kind: 'scale', figure: 24 }] })
  const guided = groundOf([called('heading', 0, 200)], ['scale', 'guides'], [], [103])
  expect(hintMove(rect(102, 0), guided, 6)).toMatchObject({ dx: 1, hints: [{ kind: 'guides' }] })
})

test('kinds that are switched off say nothing, and without reach nothing moves', () => {
  const one = called('one', 0, 0)
  expect(hintMove(rect(3, 100), groundOf([one], []), 6)).toEqual({ dx: 0, dy: 0, hints: [] })
  expect(hintMove(rect(3, 100), groundOf([one]), 0)).toEqual({ dx: 0, dy: 0, hints: [] })
})

test('a pulled edge comes to the size of another block, to lines, and to a gap of the scale', () => {
  const sized = groundOf([called('wide', 0, 200, 240)], ['sizes'])
  expect(hintEdge(rect(500, 0), 'x', 'end', 736, sized, 6)).toMatchObject({
    at: 740,
    hints: [{ kind: 'sizes', figure: 240, what: 'as wide as wide' }],
  })
  const spaced = groundOf([called('next', 400, 0)], ['scale'])
  expect(hintEdge(rect(100, 0), 'x', 'end', 371, spaced, 6)).toMatchObject({
    at: 368,
    hints: [{ figure: 32 }],
  })
  const edged = groundOf([called('next', 400, 200)], ['edges'])
  expect(hintEdge(rect(100, 0), 'x', 'start', 398, edged, 6).at).toBe(400)
})

test('columns and margins are said by their names, with the inside of what a block stands in', () => {
  const hintKinds = new Set(ALL)
  const grid = {
    ...{ width: 1440, columns: 12, columnWidth: 87.33, gutter: 24, marginLeft: 64, marginRight: 64 },
    gutters: 'between' as const,
  }
  const lines = pageLines(hintKinds, { columns: grid, guides: [], height: 900 })
  const ground = hintGround(
    { lines, hintKinds, scale: SCALE },
    [],
    [called('the padding of hero', 20, 20, 1400, 300)],
  )
  expect(hintMove(rect(62, 500), ground, 6).hints[0]).toMatchObject({ kind: 'columns', what: 'left margin' })
  expect(hintMove(rect(177, 500), ground, 6).hints[0].what).toBe('column 2')
  expect(hintMove(rect(700, 22), ground, 6).hints).toEqual(
    expect.arrayContaining([expect.objectContaining({ what: 'top of the padding of hero' })]),
  )
})
