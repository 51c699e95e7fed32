import { columnSpan, solveColumns, type ColumnGrid } from '@nolvex/core/grid/columnGrid'
import type { BlockEdges, InferredGrid } from '@nolvex/core/grid/inferGrid'
import { Random } from '../conformance/random'

/** A page of blocks on a known grid, with noise and strays. */
export interface GeneratedPage {
  grid: ColumnGrid
  blocks: BlockEdges[]
}

const divisor = (a: number, b: number): number => (b === 0 ? a : divisor(b, a % b))

/**
 * A page at a random grid, whose columns are wider than its gutters: at least 12 edges, spans whose common divisor is 1, every edge off by up to 2 px, and one
 * edge in five anywhere.
 */
export function generatedPage(seed: number): GeneratedPage {
  const random = new Random(seed)
  const grid = randomGrid(random)
  for (;;) {
    const count = random.int(6, 24)
    const spans = Array.from({ length: count }, () => random.int(1, grid.columns))
    if (spans.reduce(divisor) !== 1) continue
    const blocks = spans.map((span): BlockEdges => {
      const { left, width } = columnSpan(grid, random.int(1, grid.columns - span + 1), span)
      return { left: left + noise(random), right: left + width + noise(random) }
    })
    for (const block of blocks) {
      if (random.chance(0.2)) block.left = random.int(0, grid.width)
      if (random.chance(0.2)) block.right = random.int(0, grid.width)
    }
    return { grid, blocks }
  }
}

const noise = (random: Random) => (random.next() * 2 - 1) * 2

function randomGrid(random: Random): ColumnGrid {
  const columns = random.pick([4, 5, 6, 8, 9, 10, 12, 12, 12, 16])
  const width = random.pick([834, 1024, 1280, 1440, 1680, 1920])
  const margin = random.int(0, 120)
  const gutter = random.pick([8, 12, 16, 20, 24, 30, 32, 40])
  const known = { width, columns, gutter, marginLeft: margin, marginRight: margin }
  if (width - 2 * margin < columns * 2 * gutter) return randomGrid(random)
  return solveColumns({ ...known, columnWidth: 1, gutters: 'between' }, 'columnWidth')
}

/** Whether an inferred grid is the page's own: as many columns, gutter and margin within the noise. */
export function isFound({ grid }: GeneratedPage, found: InferredGrid | undefined): boolean {
  if (found?.columns !== grid.columns) return false
  const isNear = (a: number, b: number) => Math.abs(a - b) <= 2
  return isNear(found.gutter, grid.gutter) && isNear(found.marginLeft, grid.marginLeft)
}
