import { px } from '../../units/length'
import { atEachBand, named, type Sight } from '../drawing/atEachBand'
import type { DrawingRule } from '../drawing/drawingRule'
import type { Seen } from '../drawing/seenBlocks'

/** px off a line that are seen as a mistake: less is not seen, more is meant */
const [LEAST, MOST] = [0.75, 4]

/** Freely placed blocks whose edges all but meet. Rows, columns and grids keep their own edges. */
export const nearlyInLine: DrawingRule = {
  id: 'nearlyInLine',
  label: 'Edges nearly in line',
  why: 'An edge off by a px or two unsettles a page without anybody knowing why.',
  severity: 'fair',
  from: 'plain',
  find: (facts) =>
    atEachBand(facts, ({ seen }) =>
      seen
        .filter(({ node }) => node.arrange.type === 'placed')
        .flatMap((holder) => {
          const blocks = holder.children.filter(({ node, h }) => !node.isPart && h > 0)
          return [...offLines(blocks, 'x'), ...offLines(blocks, 'y')]
        }),
    ),
}

/** Each block that is off the line most others near it share. */
function offLines(blocks: Seen[], axis: 'x' | 'y'): Sight[] {
  const sorted = [...blocks].sort((a, b) => a[axis] - b[axis])
  const places = sorted.map((one) => one[axis])
  const sharing = (at: number) => countBelow(places, at + LEAST) - countBelow(places, at - LEAST)
  return blocks.flatMap((one): Sight[] => {
    const own = sharing(one[axis])
    const line = sorted
      .slice(countBelow(places, one[axis] - MOST - EPSILON), countBelow(places, one[axis] + MOST + EPSILON))
      .filter((other) => Math.abs(other[axis] - one[axis]) >= LEAST)
      .reduce<Seen | undefined>(
        (best, other) => (best && sharing(best[axis]) >= sharing(other[axis]) ? best : other),
        undefined,
      )
    // Of two alike the later one moves; of a line and a stray, the stray.
    const isStray =
      line !== undefined && (sharing(line[axis]) > own || (sharing(line[axis]) === own && isLater(one, line)))
    return line && isStray ? [offLine(one, line, axis)] : []
  })
}

const EPSILON = 1e-6

/** Blocks are asked in reading order: the later of two is lower, or further right. */
const isLater = (one: Seen, other: Seen) => one.y > other.y || (one.y === other.y && one.x > other.x)

/** How many of some rising values are less than one. */
function countBelow(values: number[], value: number): number {
  let [low, high] = [0, values.length]
  while (low < high) {
    const middle = (low + high) >> 1
    if (values[middle] < value) low = middle + 1
    else high = middle
  }
  return low
}

function offLine(one: Seen, line: Seen, axis: 'x' | 'y'): Sight {
  const by = Math.abs(line[axis] - one[axis])
  const edge = axis === 'x' ? 'left' : 'top'
  const says = `${named(one)} stands ${Math.round(by * 10) / 10} px off the ${edge} edge of ${named(line)}`
  const isFromStart = (axis === 'x' ? one.node.place.x : one.node.place.y) === 'start'
  const value = { ...px(Math.round((line[axis] - (one.parent?.[axis] ?? 0)) * 100) / 100) }
  const changes = [{ of: one.node, path: ['place', 'offset', edge], value }]
  return { of: one, says, mend: isFromStart ? { label: 'Put it in line', changes } : undefined }
}
