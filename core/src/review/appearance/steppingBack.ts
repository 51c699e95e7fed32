import { setLeaf } from '../../edit/blockChanges'
import { stateContrasts } from '../colour/stateContrast'
import { contrastNeeded, wordContrast } from '../colour/wordContrast'
import type { Sight } from '../drawing/atEachBand'
import type { DrawingFacts, SeenBand } from '../drawing/drawingFacts'
import { seenBlocks, type Seen } from '../drawing/seenBlocks'

/** Lets an action step back into a variant of its kind; nothing where its words could not be read in it any longer. */
export function steppingBack(
  facts: DrawingFacts,
  { band }: SeenBand,
  { node }: Seen,
  variant: string,
  label: string,
): Sight['mend'] {
  const { document, record } = node.origin
  const at = facts.bands.find((drawn) => drawn.band.id === band.id)?.drawn.at
  if (document !== facts.page.id || !at) return undefined
  const after = facts.laidOutAfter(band, setLeaf([record], ['variant'], variant, at))
  const one = seenBlocks(after).find((other) => other.node.key === node.key)
  if (!one || !isReadable(one)) return undefined
  return { label, changes: [{ of: node, path: ['variant'], value: variant }] }
}

const isReadable = (one: Seen): boolean =>
  (wordContrast(one) ?? Infinity) >= contrastNeeded(one) && stateContrasts(one).length === 0
