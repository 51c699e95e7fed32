import { performance } from 'node:perf_hooks'
import type { Placed } from '@nolvex/core/snap/drawnPage'
import { HINT_KINDS, type HintKind } from '@nolvex/core/snap/hint'
import { hintGround } from '@nolvex/core/snap/hintGround'
import { hintMove } from '@nolvex/core/snap/hints'
import { HitIndex } from '@nolvex/core/snap/hitTest'
import type { Rect } from '@nolvex/core/snap/rect'
import { findStructure } from '@nolvex/core/snap/structure/findStructure'
import { trueUp } from '@nolvex/core/snap/trueUp/trueUp'
import { USUAL_SCALE } from '@nolvex/core/style/spacingScale'
import { Random } from '../conformance/random'
import { median, p95, timed } from './timing'

const BLOCKS = 10_000
const TURNS = 2000
const WARM_UP = 200
const random = new Random(14)
const scale = USUAL_SCALE.map(({ px }) => px)

/** Hints, hit tests, truing up and structure from placement: each against trying everything, or in ms. */
export function placingInTheCore() {
  const rects = Array.from({ length: BLOCKS }, () => ({
    ...{ x: random.int(0, 1400), y: random.int(0, 50_000) },
    ...{ w: random.int(1, 300), h: random.int(1, 200), name: 'block' },
  }))
  hints(rects)
  hits(rects)
  const loose = looseBlocks(500)
  const untrue = {
    blocks: loose.map((one) => ({ ...one, keepsSize: one.isText })),
    width: 1200,
    height: 9000,
  }
  report('truing up 500 blocks', () => trueUp(untrue, { scale, unit: 8 }))
  report('structure from the placement of 500 blocks', () =>
    findStructure(loose.map(({ key, rect }) => ({ key, rect, takesBlocks: false }))),
  )
}

function hints(rects: (Rect & { name: string })[]) {
  const hintKinds = new Set(Object.keys(HINT_KINDS) as HintKind[])
  const ground = hintGround({ lines: { x: [], y: [] }, hintKinds, scale }, rects, [])
  const anywhere = () => ({ x: random.int(0, 1400), y: random.int(0, 50_000), w: 120, h: 40 })
  const own = times(() => hintMove(anywhere(), ground, 6))
  const every = times(() => nearestEdge(anywhere(), rects), 100)
  console.log(
    `hints among ${BLOCKS} blocks: p95 ${p95(own).toFixed(3)} ms, ${(median(every) / median(own)).toFixed(0)} times as fast as trying every edge`,
  )
}

function nearestEdge(moved: Rect, rects: Rect[]): number {
  let best = Infinity
  for (const { x, w, y, h } of rects)
    for (const line of [x, x + w / 2, x + w, y, y + h / 2, y + h])
      for (const edge of [moved.x, moved.x + moved.w / 2, moved.x + moved.w])
        best = Math.min(best, Math.abs(line - edge))
  return best
}

function hits(rects: Rect[]) {
  const box = { node: { place: { overflow: 'visible' } }, border: [0, 0, 0, 0] } as unknown as Placed['box']
  const all = rects.map((rect, at): Placed => ({
    ...rect,
    key: `b${at}`,
    record: `b${at}`,
    box,
    parent: null,
    depth: 0,
  }))
  const index = new HitIndex(new Map(all.map((one) => [one.key, one])))
  const point = () => ({ x: random.int(0, 1400), y: random.int(0, 50_000) })
  const own = times(() => index.at(point()))
  const every = times(() => {
    const { x, y } = point()
    return all.filter((one) => x >= one.x && y >= one.y && x < one.x + one.w && y < one.y + one.h)
  }, 300)
  console.log(
    `a hit test among ${BLOCKS} blocks: p95 ${p95(own).toFixed(3)} ms, ${(median(every) / median(own)).toFixed(0)} times as fast as trying every block`,
  )
}

/** Blocks in rows of eight, each edge up to 2 px off. */
function looseBlocks(count: number) {
  const off = () => random.int(-2, 2)
  return Array.from({ length: count }, (_, index) => ({
    key: `k${index}`,
    isText: index % 3 === 0,
    rect: {
      ...{ x: 24 + (index % 8) * 140 + off(), y: 24 + Math.floor(index / 8) * 96 + off() },
      ...{ w: 120 + off(), h: 72 + off() },
    },
  }))
}

function times(work: () => unknown, turns = TURNS): number[] {
  for (let turn = 0; turn < Math.min(WARM_UP, turns); turn++) work()
  return Array.from({ length: turns }, () => timed(work))
}

/** CPU of the process, which other work on the machine does not lengthen. */
function report(what: string, work: () => unknown) {
  const took: number[] = []
  const first = performance.now()
  work()
  const cold = performance.now() - first
  for (let turn = 0; turn < 15; turn++) {
    const before = process.cpuUsage()
    work()
    const { user, system } = process.cpuUsage(before)
    took.push((user + system) / 1000)
  }
  console.log(`${what}: ${median(took).toFixed(0)} ms, the first time ${cold.toFixed(0)} ms`)
}
