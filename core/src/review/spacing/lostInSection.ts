import { atEachBand, named } from '../drawing/atEachBand'
import type { DrawingRule } from '../drawing/drawingRule'
import { hasEdge, type Seen } from '../drawing/seenBlocks'

/** px a section is high from which on it can be empty, and the share of it that is taken at least */
const [HIGH, TAKEN] = [640, 0.2]

/** Sections in which little stands in much room, with nothing behind it that would fill it. */
export const lostInSection: DrawingRule = {
  id: 'lostInSection',
  label: 'A few words lost in much room',
  why: 'White space sets things apart; a screen of it with a line in it looks as if something did not load.',
  severity: 'fair',
  from: 'plain',
  ofPages: true,
  find: (facts) =>
    atEachBand(facts, ({ seen }) =>
      seen.flatMap((one) => {
        const { node, h, children } = one
        if (one.parent || h < HIGH || node.look.backdrop || node.look.gradient || children.length === 0)
          return []
        const inside = partsOf(one)
        const top = Math.min(...inside.map(({ y }) => y))
        const bottom = Math.max(...inside.map((part) => part.y + part.h))
        if (bottom - top > TAKEN * h) return []
        return [
          {
            of: one,
            says: `${named(one)} is ${Math.round(h)} px high for ${Math.round(bottom - top)} px of what stands in it`,
          },
        ]
      }),
    ),
}

/** What of a section is seen by itself: words, pictures and grounds, at any depth. */
function partsOf(one: Seen): Seen[] {
  const isSeen =
    one.words !== '' || one.node.content.type !== 'blocks' || one.node.look.fill !== undefined || hasEdge(one)
  if (isSeen && one.parent) return [one]
  const inside = one.children.flatMap(partsOf)
  return inside.length ? inside : [one]
}
