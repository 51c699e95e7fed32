import { boundsOf, endOf, startOf, type Axis, type Rect } from '../rect'
import type { Cut } from './cuts'
import { areEven, median, type Found, type FoundCell, type FoundGrid } from './found'
import { alignmentIn } from './foundLine'

/** From where to where a track goes, px. */
type Track = [from: number, to: number]

/** Of the cells, how many are taken at least. */
const TAKEN = 0.6

/** Things in whole cells of the tracks that straight cuts leave, or nothing where they are no grid. */
export function gridOfCuts(found: Found[], across: Cut, down: Cut, tolerance: number): FoundGrid | undefined {
  const tracks = ({ parts }: Cut, axis: Axis) =>
    parts.map((part): Track => {
      const bounds = boundsOf(part.map(({ rect }) => rect))
      return [startOf(bounds, axis), endOf(bounds, axis)]
    })
  const grid = onTracks(found, tracks(across, 'x'), tracks(down, 'y'), tolerance)
  if (!grid) return undefined
  const { cells, columns, columnGaps, rowGaps } = grid
  const isEven = areEven(columnGaps, tolerance) && areEven(rowGaps, tolerance)
  if (!isEven || cells.some(standsAstray)) return undefined
  // Columns of like width, or things that fill their cells; else it is rows of something.
  const share = (holds: (cell: FoundCell) => boolean) => cells.filter(holds).length / cells.length
  const isFilled =
    share(({ across: how }) => how === 'stretch') > 0.6 && share(({ down: how }) => how === 'stretch') > 0.3
  return areEven(columns, tolerance) || isFilled ? grid : undefined
}

/** A grid where no straight cut goes through, as of things that span: its tracks are found by like edges. */
export function gridOfEdges(found: Found[], tolerance: number): FoundGrid | undefined {
  const across = tracksByEdges(found, 'x', tolerance)
  const down = tracksByEdges(found, 'y', tolerance)
  if (!across || !down || across.length < 2 || down.length < 2) return undefined
  const grid = onTracks(found, across, down, tolerance)
  if (!grid) return undefined
  const { cells, columnGaps, rowGaps } = grid
  const filled = cells.filter(({ across: how }) => how === 'stretch').length
  const isSure =
    areEven(columnGaps, tolerance) &&
    areEven(rowGaps, tolerance) &&
    filled >= 0.7 * cells.length &&
    !cells.some(standsAstray)
  return isSure ? grid : undefined
}

const standsAstray = ({ offsetAcross, offsetDown }: FoundCell) =>
  offsetAcross !== undefined || offsetDown !== undefined

/** A track begins where things begin, and ends at the last end before the next begins. */
function tracksByEdges(found: Found[], axis: Axis, tolerance: number): Track[] | undefined {
  const starts = together(
    found.map(({ rect }) => startOf(rect, axis)),
    tolerance,
  )
  const ends = together(
    found.map(({ rect }) => endOf(rect, axis)),
    tolerance,
  )
  const tracks: Track[] = []
  for (const [index, start] of starts.entries()) {
    const next = starts[index + 1] ?? Infinity
    const end = ends.findLast((one) => one > start + 1 && one <= next + tolerance)
    if (end === undefined) return undefined
    tracks.push([start, end])
  }
  return tracks
}

/** Places that lie together, as the middle of each group. */
function together(places: number[], tolerance: number): number[] {
  const groups: number[][] = []
  for (const place of [...places].sort((a, b) => a - b)) {
    const group = groups.at(-1)
    if (group && place - group[group.length - 1] <= tolerance && place - group[0] <= 2 * tolerance)
      group.push(place)
    else groups.push([place])
  }
  return groups.map(median)
}

function onTracks(found: Found[], across: Track[], down: Track[], tolerance: number): FoundGrid | undefined {
  const taken = new Set<number>()
  const cells: FoundCell[] = []
  for (const { rect } of found) {
    const column = spanned(rect, 'x', across, tolerance)
    const row = spanned(rect, 'y', down, tolerance)
    if (!column || !row) return undefined
    for (let x = column.first; x <= column.last; x++)
      for (let y = row.first; y <= row.last; y++) {
        const cell = y * across.length + x
        if (taken.has(cell)) return undefined
        taken.add(cell)
      }
    cells.push(cellAt(rect, { column, row }, across, down, tolerance))
  }
  if (taken.size < TAKEN * across.length * down.length) return undefined
  const gaps = (tracks: Track[]) => tracks.slice(1).map(([from], index) => from - tracks[index][1])
  const sizes = (tracks: Track[]) => tracks.map(([from, to]) => to - from)
  return {
    type: 'grid',
    rect: boundsOf(found.map(({ rect }) => rect)),
    children: found,
    cells,
    ...{ columns: sizes(across), rows: sizes(down), columnGaps: gaps(across), rowGaps: gaps(down) },
  }
}

interface Spanned {
  first: number
  last: number
}

/** The tracks something lies in. */
function spanned(rect: Rect, axis: Axis, tracks: Track[], tolerance: number): Spanned | undefined {
  const [start, end] = [startOf(rect, axis), endOf(rect, axis)]
  const lies = ([from, to]: Track) => {
    const inside = Math.min(end, to) - Math.max(start, from)
    return inside > tolerance || inside >= Math.min(to - from, end - start) - 0.5
  }
  const first = tracks.findIndex(lies)
  return first === -1 ? undefined : { first, last: tracks.findLastIndex(lies) }
}

function cellAt(
  rect: Rect,
  { column, row }: { column: Spanned; row: Spanned },
  acrossTracks: Track[],
  downTracks: Track[],
  tolerance: number,
): FoundCell {
  const [x, right] = [acrossTracks[column.first][0], acrossTracks[column.last][1]]
  const [y, bottom] = [downTracks[row.first][0], downTracks[row.last][1]]
  const room = { x, y, w: right - x, h: bottom - y }
  const across = alignmentIn(rect, room, 'x', tolerance)
  const down = alignmentIn(rect, room, 'y', tolerance)
  return {
    ...{ column: column.first, columns: column.last - column.first + 1 },
    ...{ row: row.first, rows: row.last - row.first + 1 },
    ...{ across: across ?? 'start', down: down ?? 'start' },
    ...(across ? {} : { offsetAcross: rect.x - x }),
    ...(down ? {} : { offsetDown: rect.y - y }),
  }
}
