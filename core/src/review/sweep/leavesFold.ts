import type { PageLayout } from '../../layout/pageLayout'
import { usualEnvironment } from '../../units/environment'
import { seenBlocks, type Seen } from '../drawing/seenBlocks'
import { foldParts } from '../fold/foldReport'
import type { TellTrouble } from './troublesAt'

/**
 * Tells what should be seen at once and is not: the headline and the main action. They are looked for once; boxes stay
 * the same from width to width.
 * @param first the page at any width of a band
 */
export function foldWatch(first: PageLayout): (tell: TellTrouble) => void {
  const parts = foldParts(seenBlocks(first)).flatMap(({ part, of }) => (part === 'next' ? [] : of))
  return (tell) => {
    for (const one of parts) {
      const below = footOf(one) - usualEnvironment.viewportHeight
      // What is half seen is found.
      if (below > one.box.h / 2) tell('belowFold', one.block.node, below)
    }
  }
}

function footOf({ box, parent }: Seen): number {
  let foot = box.y + box.h
  for (let around = parent; around; around = around.parent) foot += around.box.y
  return foot
}
