import { centreOffset } from '../../snap/distances'
import type { Rect } from '../../snap/rect'
import { px } from '../../units/length'
import { atEachBand, named, type LeafChange, type Sight } from '../drawing/atEachBand'
import type { DrawingRule } from '../drawing/drawingRule'
import { hasSeenEdge, linesOf, type Seen } from '../drawing/seenBlocks'
import { tightAround } from '../hierarchy/judgedBlocks'
import { nearestStep, scaleSteps, stepValue, type Step } from '../spacing/scaleSteps'

/** px off the middle that are seen as a mistake: less is not seen, more is meant */
const [LEAST, MOST] = [1, 6]

/** What is nearly in the middle of its ground. A little high is where the eye takes the middle to be. */
export const offCentre: DrawingRule = {
  id: 'offCentre',
  label: 'Nearly in the middle',
  why: 'Nearly centred looks like a slip, and what stands low seems to fall; a little high looks right.',
  severity: 'slight',
  from: 'finished',
  find: (facts) => {
    const steps = scaleSteps(facts.sources.style)
    return atEachBand(facts, ({ seen }) =>
      seen.flatMap((ground) => {
        if (!ground.parent || ground.node.isPart || !hasSeenEdge(ground)) return []
        const inner = onlyThing(ground)
        if (!inner) return []
        const found = [across(inner, ground), down(inner, ground)].flatMap((off) => off ?? [])
        return found.map((off) => sightOf(steps, inner, ground, off))
      }),
    )
  },
}

/** What stands in a ground by itself. */
interface Inner extends Rect {
  of: Seen
  isOneLine: boolean
}

function onlyThing(ground: Seen): Inner | undefined {
  if (ground.node.content.type === 'text')
    return ground.words ? { of: ground, ...tightAround(ground), isOneLine: isOneLine(ground) } : undefined
  const [only, ...others] = ground.children
  if (!only || others.length || only.node.isPart || only.h === 0) return undefined
  if (only.node.content.type === 'text')
    return only.words ? { of: only, ...tightAround(only), isOneLine: isOneLine(only) } : undefined
  const { x, y, w, h } = only
  return only.node.content.type === 'icon' ? { of: only, x, y, w, h, isOneLine: true } : undefined
}

const isOneLine = (one: Seen) => linesOf(one).count === 1

interface Off {
  by: number
  side: 'left' | 'right' | 'above' | 'below'
}

/** Lines of words begin where their column does; a single one, or a sign, is meant to be in the middle. */
function across(inner: Inner, ground: Seen): Off | undefined {
  const { x } = centreOffset(inner, ground)
  if (!inner.isOneLine || Math.abs(x) <= LEAST || Math.abs(x) > MOST) return undefined
  return { by: Math.abs(x), side: x < 0 ? 'left' : 'right' }
}

function down(inner: Inner, ground: Seen): Off | undefined {
  const { y, optical } = centreOffset(inner, ground)
  if (Math.abs(y) > MOST) return undefined
  if (y > LEAST) return { by: y, side: 'below' }
  return optical < -LEAST ? { by: -y, side: 'above' } : undefined
}

const WORDS = { left: 'left of', right: 'right of', above: 'above', below: 'below' }

function sightOf(steps: Step[], inner: Inner, ground: Seen, { by, side }: Off): Sight {
  const off = `${Math.round(by * 10) / 10} px ${WORDS[side]}`
  const says =
    inner.of === ground
      ? `The words of ${named(ground)} stand ${off} its middle`
      : `${named(inner.of)} stands ${off} the middle of ${named(ground)}`
  const changes = centring(steps, inner, ground, side === 'left' || side === 'right')
  return { of: ground, says, mend: changes && { label: 'Put it in the middle', changes } }
}

/** The same room at both sides, of the scale; or where it stands freely, its anchor. */
function centring(steps: Step[], inner: Inner, ground: Seen, isAcross: boolean): LeafChange[] | undefined {
  const axis = isAcross ? 'x' : 'y'
  if (ground.node.arrange.type === 'placed' && inner.of !== ground)
    return [
      { of: inner.of.node, path: ['place', 'anchor', axis], value: 'centre' },
      { of: inner.of.node, path: ['place', 'offset', axis], value: { ...px(0) } },
    ]
  const sides = isAcross ? (['left', 'right'] as const) : (['top', 'bottom'] as const)
  const { box } = ground
  const insets = isAcross ? [box.insetLeft, box.insetRight] : [box.insetTop, box.insetBottom]
  // Where the room at both sides is alike, something else moves it: its width, or an arrangement.
  if (Math.abs(insets[0] - insets[1]) < LEAST || steps.length === 0) return undefined
  const value = stepValue(nearestStep(steps, (insets[0] + insets[1]) / 2))
  return sides.map((side) => ({ of: ground.node, path: ['arrange', 'padding', side], value }))
}
