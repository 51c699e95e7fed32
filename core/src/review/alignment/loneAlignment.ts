import type { Axis } from '../../snap/rect'
import { endOf, middleOf, startOf } from '../../snap/rect'
import { px } from '../../units/length'
import { atEachBand, named, type Sight } from '../drawing/atEachBand'
import type { DrawingRule } from '../drawing/drawingRule'
import { isTarget, type Seen } from '../drawing/seenBlocks'
import { tightAround } from '../hierarchy/judgedBlocks'

/** so many others have to agree before one that does not is alone */
const OTHERS = 3
/** px two edges are apart and still one line; px from which on they are meant to be two */
const [SAME, APART] = [0.75, 4]
/** px beside a line of words from which on its alignment is seen */
const SEEN = 8

/** A block that stands on a line of its own where all around it share one. */
export const loneAlignment: DrawingRule = {
  id: 'loneAlignment',
  label: 'An alignment of its own',
  why: 'Each line things stand on is one more to look for; one that a single block has looks like a slip.',
  severity: 'slight',
  from: 'plain',
  find: (facts) =>
    atEachBand(facts, ({ seen }) =>
      seen.flatMap((holder) => {
        const blocks = holder.children.filter(({ node, h }) => !node.isPart && h > 0 && !node.place.sticky)
        if (blocks.length <= OTHERS || holder.node.isPart) return []
        if (holder.node.arrange.type === 'column') return setOtherwise(blocks)
        if (holder.node.arrange.type !== 'placed') return []
        return [...offTheLine(holder, blocks, 'x'), ...offTheLine(holder, blocks, 'y')]
      }),
    ),
}

const SETTING = { start: 'at the start', centre: 'in the middle', end: 'at the end' }

/** Of texts one below another, the one whose lines are set otherwise than those of all others. */
function setOtherwise(blocks: Seen[]): Sight[] {
  const texts = blocks.filter(isSetAsSeen)
  if (texts.length <= OTHERS) return []
  const settings = texts.map(({ node }) => node.look.textAlign)
  // Of three at least two are as all are, where only one is otherwise.
  const usual = settings[0] === settings[1] ? settings[0] : settings[2]
  const [one, ...more] = texts.filter(({ node }) => node.look.textAlign !== usual)
  if (!one || more.length) return []
  const says = `${named(one)} is set ${SETTING[one.node.look.textAlign]} where all ${texts.length - 1} texts with it are set ${SETTING[usual]}`
  const changes = [{ of: one.node, path: ['look', 'textAlign'], value: usual }]
  return [{ of: one, says, mend: { label: `Set it ${SETTING[usual]}`, changes } }]
}

/** Words, whose alignment shows: an action stands where it is looked for, a quotation apart. */
function isSetAsSeen(one: Seen): boolean {
  const { words, node, box, w } = one
  if (!words || node.content.type !== 'text' || isTarget(one) || node.tag === 'blockquote') return false
  return w - box.insetLeft - box.insetRight - tightAround(one).w > SEEN
}

/** Of freely placed blocks, the one that is on no line of any other, where all others begin on the same. */
function offTheLine(holder: Seen, blocks: Seen[], axis: Axis): Sight[] {
  const starts = blocks.map((one) => startOf(one, axis)).sort((a, b) => a - b)
  const line = starts[Math.floor(starts.length / 2)]
  const [one, ...more] = blocks.filter((other) => Math.abs(startOf(other, axis) - line) > SAME)
  if (!one || more.length || Math.abs(startOf(one, axis) - line) <= APART) return []
  const isOnALine = [...blocks, holder].some(
    (other) =>
      other !== one && LINES.some((lineOf) => Math.abs(lineOf(one, axis) - lineOf(other, axis)) <= SAME),
  )
  if (isOnALine) return []
  const edge = axis === 'x' ? 'left' : 'top'
  const says = `${named(one)} is on no line of the ${blocks.length - 1} blocks with it, which share their ${edge} edge`
  const isFromStart = (axis === 'x' ? one.node.place.x : one.node.place.y) === 'start'
  const value = { ...px(Math.round((line - holder[axis]) * 100) / 100) }
  const changes = [{ of: one.node, path: ['place', 'offset', edge], value }]
  return [{ of: one, says, mend: isFromStart ? { label: 'Put it in line', changes } : undefined }]
}

const LINES = [startOf, middleOf, endOf]
