import { blockAt } from '../drawing/atEachBand'
import type { DrawingFacts } from '../drawing/drawingFacts'
import { isDrawnAction, type Seen } from '../drawing/seenBlocks'

/** Whether something is drawn to be pressed before what is beside it: an action of no variant that steps back. */
export function isMainAction(facts: DrawingFacts, one: Seen): boolean {
  if (!isDrawnAction(one)) return false
  const { document, record } = one.node.origin
  const variant = blockAt(facts, document, record)?.variant
  return variant === undefined || variant === 'primary'
}
