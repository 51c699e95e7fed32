import { atEachBand, named } from '../drawing/atEachBand'
import type { DrawingRule } from '../drawing/drawingRule'
import type { Seen } from '../drawing/seenBlocks'
import { scaleSteps } from './scaleSteps'
import { isArranged } from './stacks'

/** Gaps differ so much by intent; less is an oversight. */
const NEARLY = 0.3
const SLACK = 0.75

/** Blocks in a run whose gaps are nearly, but not quite, equal. */
export const unequalRun: DrawingRule = {
  id: 'unequalRun',
  label: 'Gaps that are nearly equal',
  why: 'The eye takes nearly equal for a mistake: make them equal, or clearly different.',
  severity: 'fair',
  from: 'plain',
  find: (facts) => {
    const steps = scaleSteps(facts.sources.style)
    return atEachBand(facts, ({ seen }) =>
      seen.filter(isArranged).flatMap((holder) =>
        (['y', 'x'] as const).flatMap((axis) => {
          const run = runAlong(holder, axis)
          if (!run) return []
          const [least, most] = [Math.min(...run.gaps), Math.max(...run.gaps)]
          if (most - least <= SLACK || least <= 0 || most - least > NEARLY * most) return []
          // Two steps of the scale beside each other are meant.
          if (run.gaps.every((gap) => steps.some((step) => Math.abs(step.px - gap) <= SLACK))) return []
          const list = run.gaps.map((gap) => Math.round(gap)).join(', ')
          const says = `The gaps between the blocks of ${named(holder)} are nearly equal: ${list} px`
          const usual = [...run.gaps].sort((a, b) => a - b)[Math.floor(run.gaps.length / 2)]
          const marks = run.gaps.map((gap, index) => ({
            rect: between(run.blocks[index], run.blocks[index + 1], axis),
            says: `${Math.round(gap)} px`,
          }))
          return [{ of: holder, says, marks, mend: evened(run, usual, axis) }]
        }),
      ),
    )
  },
}

interface Run {
  blocks: Seen[]
  gaps: number[]
}

/** Three blocks or more one after another along an axis, none over another. */
function runAlong(holder: Seen, axis: 'x' | 'y'): Run | undefined {
  const size = axis === 'x' ? 'w' : 'h'
  const blocks = holder.children
    .filter(({ node, h }) => !node.isPart && h > 0 && !node.place.sticky)
    .sort((a, b) => a[axis] - b[axis])
  if (blocks.length < 3) return undefined
  const gaps = blocks.slice(1).map((one, index) => one[axis] - blocks[index][axis] - blocks[index][size])
  return gaps.every((gap) => gap >= 0) ? { blocks, gaps } : undefined
}

/** The same gap everywhere: own gaps given back in a column or row, places moved where blocks stand freely. */
function evened({ blocks, gaps }: Run, usual: number, axis: 'x' | 'y') {
  const holder = blocks[0].parent
  if (holder?.node.arrange.type === 'placed') {
    const edge = axis === 'x' ? 'left' : 'top'
    const size = axis === 'x' ? 'w' : 'h'
    const isFromStart = blocks.every(({ node }) => (axis === 'x' ? node.place.x : node.place.y) === 'start')
    if (!isFromStart) return undefined
    let at = blocks[0][axis]
    const changes = blocks.map((one) => {
      const value = Math.round(at - holder[axis])
      at += one[size] + usual
      return { of: one.node, path: ['place', 'offset', edge], value: { value, unit: 'px' } }
    })
    return { label: 'Make them equal', changes: changes.slice(1) }
  }
  const changes = blocks
    .slice(1)
    .filter(({ node }, index) => node.place.space !== undefined && gaps[index] !== usual)
    .map(({ node }) => ({ of: node, path: ['place', 'space'], value: undefined }))
  return changes.length ? { label: 'Make them equal', changes } : undefined
}

function between(one: Seen, next: Seen, axis: 'x' | 'y') {
  if (axis === 'x')
    return { x: one.x + one.w, y: one.y, w: next.x - one.x - one.w, h: Math.min(one.h, next.h) }
  return { x: one.x, y: one.y + one.h, w: Math.min(one.w, next.w), h: next.y - one.y - one.h }
}
