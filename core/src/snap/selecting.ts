import equal from 'fast-deep-equal'
import { childrenOf, outermostPlaced, type DrawnPage, type Placed } from './drawnPage'
import { isWithin, overlaps, type Rect } from './rect'

const isOpen = ({ blocks }: DrawnPage, { record }: Placed) => !blocks[record]?.locked

/**
 * What a rectangle drawn over a page selects, the outermost of what it finds: whatever it encloses, and of blocks that
 * hold no others what it touches, too. Locked blocks stay out of it.
 * @param onlyEnclosed whether touching is not enough
 */
export function inArea(page: DrawnPage, area: Rect, onlyEnclosed = false): Placed[] {
  const found = new Set<string>()
  for (const one of page.placed.values()) {
    if (!isOpen(page, one)) continue
    const isTouched = !onlyEnclosed && one.box.children.length === 0 && overlaps(one, area)
    if (isTouched || isWithin(one, area)) found.add(one.key)
  }
  return outermostPlaced(page, [...found])
}

/** What a selection can be widened to, with the words for it. */
export const ALIKE = {
  kind: 'of the same kind',
  looks: 'with the same looks',
  level: 'of the same text level',
} as const
export type AlikeBy = keyof typeof ALIKE

/** All blocks of a page that are like one, in the page's order, itself among them. Locked ones stay out of it. */
export function alikeTo(page: DrawnPage, one: Placed, by: AlikeBy): Placed[] {
  return [...page.placed.values()].filter((other) => isOpen(page, other) && isAlike(page, one, other, by))
}

function isAlike({ blocks }: DrawnPage, one: Placed, other: Placed, by: AlikeBy): boolean {
  const [node, its] = [one.box.node, other.box.node]
  if (by === 'level')
    return (
      node.content.type === 'text' && its.content.type === 'text' && equal(node.look.level, its.look.level)
    )
  const isSameKind = blocks[one.record]?.kind === blocks[other.record]?.kind
  return isSameKind && (by === 'kind' || equal(node.look, its.look))
}

/** Ways to go from one block to another. */
export type Step = 'parent' | 'first child' | 'next' | 'previous'

/** The block one comes to from another, or nothing where there is none. */
export function stepFrom(page: DrawnPage, one: Placed, step: Step): Placed | undefined {
  const parent = one.parent === null ? null : (page.placed.get(one.parent) ?? null)
  if (step === 'parent') return parent ?? undefined
  if (step === 'first child') return childrenOf(page, one)[0]
  const siblings = childrenOf(page, parent)
  const at = siblings.findIndex(({ key }) => key === one.key)
  return siblings[at + (step === 'next' ? 1 : -1)]
}
