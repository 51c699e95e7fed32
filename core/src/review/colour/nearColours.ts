import { HARD_TO_TELL, nearDuplicates } from '../../colour/nearDuplicates'
import { alphaOf } from '../../colour/spaces'
import { tokenColour } from '../../style/token'
import { atLead, named } from '../drawing/atEachBand'
import type { DrawingRule } from '../drawing/drawingRule'
import type { Seen } from '../drawing/seenBlocks'

/** Two colours of a page that are not the same and hardly two. What is the guide’s and what is beside it is told so. */
export const nearColours: DrawingRule = {
  id: 'nearColours',
  label: 'Colours that are nearly the same',
  why: 'Two colours that nobody tells apart are one colour and one mistake.',
  severity: 'slight',
  from: 'finished',
  find: (facts) =>
    atLead(facts, ({ seen }) => {
      const { tokens } = facts.sources.style.records
      const ofGuide = new Set(
        Object.values(tokens).flatMap(({ id, type }) =>
          type === 'colour' ? (tokenColour(tokens, id)?.toLowerCase() ?? []) : [],
        ),
      )
      const users = new Map<string, Seen>()
      for (const one of seen) for (const hex of coloursOf(one)) if (!users.has(hex)) users.set(hex, one)
      const hexes = [...users.keys()]
      return nearDuplicates(hexes, HARD_TO_TELL).flatMap(({ a, b }) => {
        const [first, second] = [hexes[a], hexes[b]]
        const of = users.get(second)
        // One of them named and the other not is a value beside its token.
        if (!of || first === second || ofGuide.has(first) !== ofGuide.has(second)) return []
        return [
          {
            of,
            says: `${second} at ${named(of)} is hardly told from ${first} at ${named(users.get(first) ?? of)}`,
          },
        ]
      })
    }),
}

/** Colours a block is painted in, as they are when nothing shows through. */
function coloursOf({ node: { look, isPart }, label }: Seen): string[] {
  if (isPart) return []
  return [look.fill, label ? look.colour : undefined].flatMap((hex) =>
    hex && hex !== 'none' && alphaOf(hex) === 1 ? [hex.toLowerCase()] : [],
  )
}
