import { ciede2000 } from '../../colour/ciede2000'
import { atLead, named } from '../drawing/atEachBand'
import type { DrawingRule } from '../drawing/drawingRule'
import { isHeading, isTarget, isWithin, type Seen } from '../drawing/seenBlocks'

/** px a button is tall and at most wide, and characters it says. */
const SIZE = { least: 32, most: 72, wide: 320, characters: 28 }
/** px beside its words, without which a ground is a mark and no button */
const BESIDE = 12

/** What looks as if it could be pressed, and cannot. */
export const looksLikeButton: DrawingRule = {
  id: 'looksLikeButton',
  label: 'Looks like a button and is none',
  why: 'People press it, nothing happens, and they trust the real ones less.',
  severity: 'fair',
  from: 'finished',
  find: (facts) =>
    atLead(facts, ({ seen }) =>
      seen.flatMap((one) => {
        if (one.node.isPart || isTarget(one) || isWithin(one, isTarget) || holdsTarget(one)) return []
        if (!isShapedSo(one) || isHeading(one)) return []
        return [{ of: one, says: `${named(one)} looks like a button and leads nowhere` }]
      }),
    ),
}

const holdsTarget = ({ children }: Seen): boolean =>
  children.some((child) => isTarget(child) || holdsTarget(child))

function isShapedSo(one: Seen): boolean {
  const { node, box, w, h, ground, behind } = one
  const words = onlyWords(one)
  if (!words || words.length > SIZE.characters || h < SIZE.least || h > SIZE.most || w > SIZE.wide)
    return false
  const beside = Math.min(box.insetLeft, box.insetRight)
  if (beside < BESIDE) return false
  const isFilled = node.look.fill && ground && behind ? ciede2000(ground, behind) > 20 : false
  const isFramed = box.border.every((width) => width > 0) && box.border[0] > 0
  return node.look.radius !== undefined && (isFilled || isFramed)
}

/** The words of something that shows nothing else. */
function onlyWords({ words, children, node }: Seen): string | undefined {
  if (words) return words
  if (node.content.type !== 'blocks' || children.length !== 1) return undefined
  return children[0].words || undefined
}
