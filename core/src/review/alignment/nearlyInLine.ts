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
  return blocks.flatMap((one, index): Sight[] => {
    const near = blocks.filter((other) => {
      const off = Math.abs(other[axis] - one[axis])
      return other !== one && off >= LEAST && off <= MOST
    })
    if (near.length === 0) return []
    const sharing = (at: number) => blocks.filter((other) => Math.abs(other[axis] - at) < LEAST).length
    const line = near.reduce((best, other) => (sharing(other[axis]) > sharing(best[axis]) ? other : best))
    // Of two alike the later one moves; of a line and a stray, the stray.
    const isStray = sharing(line[axis]) > sharing(one[axis])
    if (!isStray && (sharing(line[axis]) < sharing(one[axis]) || blocks.indexOf(line) > index)) return []
    const by = Math.abs(line[axis] - one[axis])
    const edge = axis === 'x' ? 'left' : 'top'
    const says = `${named(one)} stands ${Math.round(by * 10) / 10} px off the ${edge} edge of ${named(line)}`
    const isFromStart = (axis === 'x' ? one.node.place.x : one.node.place.y) === 'start'
    const value = { ...px(Math.round((line[axis] - (one.parent?.[axis] ?? 0)) * 100) / 100) }
    const changes = [{ of: one.node, path: ['place', 'offset', edge], value }]
    return [{ of: one, says, mend: isFromStart ? { label: 'Put it in line', changes } : undefined }]
  })
}
