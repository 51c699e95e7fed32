/** The left and right edge of a block, px from the page's left. */
export interface BlockEdges {
  left: number
  right: number
}

/** A grid that explains the edges of a page's blocks, lengths in px. */
export interface InferredGrid {
  columns: number
  columnWidth: number
  gutter: number
  marginLeft: number
  marginRight: number
  /** mean distance of the edges it explains from its own */
  misfit: number
  /** edges it explains, of all that were asked about */
  explained: number
  edges: number
  /** indices of blocks with an edge it does not explain */
  astray: number[]
}

/** An edge within this many px of a column's belongs to it. */
const TOLERANCE = 2
/** Room for the lines themselves being off while they are looked for. */
const SLACK = 0.75
/** Room for the rounding of the browser that laid the page out. */
const EXACT = 0.05
const NARROWEST = 20
const MOST_COLUMNS = 32
/** Periods nearer than this share of them settle to the same grid. */
const ALIKE = 0.004
const MOST_SETTLED = 30
/** What an edge outside the grid costs beyond lying anywhere on the page: strays are one in five at most. */
const STRAY_COST = Math.log(5) + 1.5
const UNEVEN_COST = 4
/** What a side of the grid costs that at most one edge stands at. */
const BARE_COST = 4

interface Fit {
  /** from one column's left edge to the next's */
  period: number
  /** where left edges lie, from 0 to the period, and right ones */
  left: number
  right: number
  cost: number
}

/**
 * The column grids that explain the edges of blocks best: the coarsest that leaves few edges over, first, then the
 * runners-up. Left edges lie at `a + k p`, right ones at `a + k p - g`, for a period p of column and gutter. Every
 * period is tried in steps too small to drift over the page; for each the offset that most edges share is found, the
 * cost of describing all edges by it is reckoned (an edge on the grid costs the choice of its column, a stray one the
 * choice of its place: minimum description length, Rissanen, Automatica 14 (1978)), and the best are settled by least
 * squares. Blocks as wide as the page are passed over.
 * @param pageWidth px
 */
export function inferGrids(blocks: BlockEdges[], pageWidth: number, most = 4): InferredGrid[] {
  const isWhole = ({ left, right }: BlockEdges) => left <= TOLERANCE && right >= pageWidth - TOLERANCE
  const asked = blocks.map((edges, index) => ({ ...edges, index })).filter((edges) => !isWhole(edges))
  const lefts = asked.map(({ left }) => left)
  const rights = asked.map(({ right }) => right)
  if (asked.length < 2) return []
  const found = new Map<number, { grid: InferredGrid; cost: number }>()
  for (const fit of bestFits(lefts, rights, pageWidth)) {
    for (const grid of settled(fit, lefts, rights, pageWidth)) {
      const cost = costOf(grid, lefts, rights, pageWidth)
      const known = found.get(grid.columns)
      if (!known || cost < known.cost) found.set(grid.columns, { grid, cost })
    }
  }
  return [...found.values()]
    .sort((a, b) => a.cost - b.cost)
    .slice(0, most)
    .map(({ grid }) => {
      const astray = asked.filter(
        (one) => !fitsGrid(grid, one.left, 'left') || !fitsGrid(grid, one.right, 'right'),
      )
      return { ...grid, astray: astray.map(({ index }) => index) }
    })
}

/** For every period the offsets most edges share; the cheapest that are not much alike. */
function bestFits(lefts: number[], rights: number[], pageWidth: number): Fit[] {
  const fits: Fit[] = []
  const strayCost = Math.log(pageWidth / (2 * TOLERANCE + 1)) + STRAY_COST
  for (let period = NARROWEST; period <= pageWidth; period += Math.min(0.5, (0.7 * period) / pageWidth)) {
    if (pageWidth / period > MOST_COLUMNS + 1) continue
    const left = commonOffset(lefts, period)
    const right = commonOffset(rights, period)
    const inside = left.count + right.count
    const outside = lefts.length + rights.length - inside
    const cost = inside * Math.log(Math.max(2, pageWidth / period)) + outside * strayCost
    fits.push({ period, left: left.at, right: right.at, cost })
  }
  const chosen: Fit[] = []
  for (const fit of fits.sort((a, b) => a.cost - b.cost)) {
    const isLike = chosen.some(({ period }) => Math.abs(period - fit.period) < period * ALIKE)
    if (!isLike) chosen.push(fit)
    if (chosen.length === MOST_SETTLED) break
  }
  return chosen
}

/** The offset, from 0 to the period, that most values share modulo the period within the tolerance. */
function commonOffset(values: number[], period: number): { at: number; count: number } {
  const width = 2 * (TOLERANCE + SLACK)
  const around = values.map((value) => modulo(value, period)).sort((a, b) => a - b)
  const twice = [...around, ...around.map((value) => value + period)]
  let best = { at: 0, count: 0 }
  let end = 0
  for (let start = 0; start < around.length; start++) {
    if (end < start) end = start
    while (end + 1 < start + around.length && twice[end + 1] - twice[start] <= width) end++
    const count = end - start + 1
    if (count > best.count) best = { at: modulo((twice[start] + twice[end]) / 2, period), count }
  }
  return best
}

const modulo = (value: number, period: number) => ((value % period) + period) % period

/**
 * Settles a fit by least squares over the edges it explains and reads the grid off it: from the first to the last
 * column an edge stands at, and without outer columns only one edge stands at, which may be a stray.
 */
function settled(fit: Fit, lefts: number[], rights: number[], pageWidth: number): InferredGrid[] {
  let now = fit
  for (let turn = 0; turn < 3; turn++) {
    const next = leastSquares(now, lefts, rights)
    if (!next) return []
    now = next
  }
  const { period } = now
  const apart = modulo(now.left - now.right, period)
  // Without gutters the two kinds of edges lie together, a hair to either side.
  const gutter = apart > period - 2 * TOLERANCE ? 0 : apart
  const columnWidth = period - gutter
  if (columnWidth < NARROWEST / 2 || gutter > period / 2) return []
  const ranges = [usedColumns(now, lefts, rights, gutter, 1), usedColumns(now, lefts, rights, gutter, 2)]
  return ranges.flatMap(([first, last]) => {
    const start = modulo(now.left, period)
    const begin = start + first * period
    const end = start + last * period + columnWidth
    const grid = widened({ begin, end, period, pageWidth })
    const columns = Math.round((grid.end - grid.begin + gutter) / period)
    const isOnPage = grid.begin >= -TOLERANCE && grid.end <= pageWidth + TOLERANCE
    if (!(columns >= 1 && columns <= MOST_COLUMNS && isOnPage)) return []
    const exact = {
      columns,
      columnWidth,
      gutter,
      marginLeft: Math.max(0, grid.begin),
      marginRight: Math.max(0, pageWidth - grid.end),
    }
    return [described(inWholePixels(exact, lefts, rights, pageWidth), lefts, rights)]
  })
}

/** Solves lefts = a + k p and rights = b + k p for a, b and p over the edges near enough. */
function leastSquares(fit: Fit, lefts: number[], rights: number[]): Fit | undefined {
  const near = (values: number[], offset: number) =>
    values
      .map((value) => ({ value, k: Math.round((value - offset) / fit.period) }))
      .filter(({ value, k }) => Math.abs(value - offset - k * fit.period) <= TOLERANCE + SLACK)
  const [left, right] = [near(lefts, fit.left), near(rights, fit.right)]
  if (left.length === 0 || right.length === 0) return undefined
  const mean = (values: number[]) => values.reduce((sum, value) => sum + value, 0) / values.length
  const groups = [left, right].map((group) => {
    const [k, value] = [mean(group.map((one) => one.k)), mean(group.map((one) => one.value))]
    return { group, k, value }
  })
  let [above, below] = [0, 0]
  for (const { group, k, value } of groups) {
    for (const one of group) {
      above += (one.k - k) * (one.value - value)
      below += (one.k - k) ** 2
    }
  }
  if (below === 0) return undefined
  const period = above / below
  if (!(period > NARROWEST / 2)) return undefined
  const [a, b] = groups.map(({ k, value }) => value - k * period)
  return { ...fit, period, left: a, right: b }
}

/** First and last column at which at least `least` edges stand, counted from the first that lies on the page. */
function usedColumns(
  fit: Fit,
  lefts: number[],
  rights: number[],
  gutter: number,
  least: number,
): [number, number] {
  const start = modulo(fit.left, fit.period)
  const at = (value: number) => Math.round((value - start) / fit.period)
  const isNear = (value: number) => Math.abs(value - start - at(value) * fit.period) <= TOLERANCE + SLACK
  const ends = rights.map((value) => value + gutter).filter(isNear)
  const stands = [...lefts.filter(isNear).map(at), ...ends.map((value) => at(value) - 1)]
  const used = stands.filter((column) => stands.filter((other) => other === column).length >= least)
  return [Math.min(...used), Math.max(...used)]
}

/** Columns nothing stands at are added where they make the margins more alike. */
function widened({
  begin,
  end,
  period,
  pageWidth,
}: {
  begin: number
  end: number
  period: number
  pageWidth: number
}) {
  let [left, right] = [begin, end]
  const uneven = (from: number, to: number) => Math.abs(from - (pageWidth - to))
  while (uneven(left, right) > period / 2) {
    const toLeft = left > pageWidth - right
    const next = toLeft ? [left - period, right] : [left, right + period]
    if (
      next[0] < -TOLERANCE ||
      next[1] > pageWidth + TOLERANCE ||
      uneven(next[0], next[1]) >= uneven(left, right)
    )
      break
    ;[left, right] = next
  }
  return { begin: left, end: right }
}

type Figures = Pick<InferredGrid, 'columns' | 'columnWidth' | 'gutter' | 'marginLeft' | 'marginRight'>

/** How far, px, gutter and margins are looked around for whole figures. */
const AROUND = 4

/**
 * The grid in whole px near a settled one: that which explains most edges, those that lie on it exactly counted twice, so
 * that a few strays near by do not pull it from where the others are; among equals the one with the rounder gutter, then
 * with the lesser misfit. Margins that are nearly alike are made alike.
 */
function inWholePixels(exact: Figures, lefts: number[], rights: number[], pageWidth: number): Figures {
  const isEven = Math.abs(exact.marginLeft - exact.marginRight) <= 2 * TOLERANCE
  const middle = (exact.marginLeft + exact.marginRight) / 2
  const [left, right] = isEven ? [middle, middle] : [exact.marginLeft, exact.marginRight]
  let best = { ...exact, rank: [weightOf(exact, lefts, rights), -3, 0] }
  for (let about = -AROUND; about <= AROUND; about++) {
    for (let aside = -AROUND; aside <= AROUND; aside++) {
      const gutter = Math.round(exact.gutter) + about
      const [marginLeft, marginRight] = [Math.round(left) + aside, Math.round(right) + aside]
      const columnWidth =
        (pageWidth - marginLeft - marginRight - (exact.columns - 1) * gutter) / exact.columns
      if (gutter < 0 || marginLeft < 0 || marginRight < 0 || columnWidth <= 0) continue
      const figures = { columns: exact.columns, columnWidth, gutter, marginLeft, marginRight }
      const weight = weightOf(figures, lefts, rights)
      if (weight < best.rank[0]) continue
      const rank = [weight, -roundness(gutter), -described(figures, lefts, rights).misfit]
      if (isBefore(best.rank, rank)) best = { ...figures, rank }
    }
  }
  const { columns, columnWidth, gutter, marginLeft, marginRight } = best
  return { columns, columnWidth, gutter, marginLeft, marginRight }
}

/** 0 for the gutters designers type most, 2 for odd ones. */
const roundness = (gutter: number) => (gutter % 4 === 0 || gutter % 10 === 0 ? 0 : gutter % 2 === 0 ? 1 : 2)

const isBefore = (a: number[], b: number[]): boolean => {
  const at = a.findIndex((value, index) => value !== b[index])
  return at >= 0 && a[at] < b[at]
}

/** Distance (px) from the nearest column's left or right edge. */
function offGrid(
  { columns, columnWidth, gutter, marginLeft }: Figures,
  value: number,
  side: 'left' | 'right',
): number {
  const from = value - marginLeft - (side === 'right' ? columnWidth : 0)
  const index = Math.min(columns - 1, Math.max(0, Math.round(from / (columnWidth + gutter))))
  return Math.abs(from - index * (columnWidth + gutter))
}
const fitsGrid = (grid: Figures, value: number, side: 'left' | 'right') =>
  offGrid(grid, value, side) <= TOLERANCE + EXACT

/** Edges a grid explains, and once more those that lie on it but for rounding. */
function weightOf(grid: Figures, lefts: number[], rights: number[]): number {
  const distances = [
    ...lefts.map((value) => offGrid(grid, value, 'left')),
    ...rights.map((value) => offGrid(grid, value, 'right')),
  ]
  const within = (most: number) => distances.filter((distance) => distance <= most).length
  return within(TOLERANCE + EXACT) + within(EXACT)
}

function described(grid: Figures, lefts: number[], rights: number[]): InferredGrid {
  const distances = [
    ...lefts.map((value) => offGrid(grid, value, 'left')),
    ...rights.map((value) => offGrid(grid, value, 'right')),
  ].filter((distance) => distance <= TOLERANCE + EXACT)
  const sum = distances.reduce((total, distance) => total + distance, 0)
  const misfit = distances.length ? sum / distances.length : 0
  return { ...grid, misfit, explained: distances.length, edges: lefts.length + rights.length, astray: [] }
}

/** What it takes to say where all edges lie by a grid. */
function costOf(grid: InferredGrid, lefts: number[], rights: number[], pageWidth: number): number {
  const strays = lefts.length + rights.length - grid.explained
  const strayCost = Math.log(pageWidth / (2 * TOLERANCE + 1)) + STRAY_COST
  const uneven = Math.abs(grid.marginLeft - grid.marginRight) > 2 * TOLERANCE ? UNEVEN_COST : 0
  const bare = bareSides(grid, lefts, rights) * BARE_COST
  return grid.explained * Math.log(grid.columns + 1) + strays * strayCost + uneven + bare
}

/** How many of the grid's two sides have at most one edge standing at them: one may be a stray. */
function bareSides(
  { columns, columnWidth, gutter, marginLeft }: Figures,
  lefts: number[],
  rights: number[],
): number {
  const right = marginLeft + columns * columnWidth + (columns - 1) * gutter
  const count = (values: number[], side: number) =>
    values.filter((value) => Math.abs(value - side) <= TOLERANCE + EXACT).length
  return (count(lefts, marginLeft) < 2 ? 1 : 0) + (count(rights, right) < 2 ? 1 : 0)
}
