import { ROLES, type Role } from '../../colour/roles'
import { tokenColour } from '../../style/token'
import { atLead, named } from '../drawing/atEachBand'
import type { DrawingFacts } from '../drawing/drawingFacts'
import type { DrawingRule } from '../drawing/drawingRule'
import type { Seen } from '../drawing/seenBlocks'

/** Colours that say how something is. */
const SAYING: Role[] = ['good', 'warning', 'wrong', 'info']
/** px a mark is wide and high at most */
const MARK = 40

/** Small marks that say how something is by their colour, with no word or sign. @see WCAG 2.2, 1.4.1 */
export const colourAlone: DrawingRule = {
  id: 'colourAlone',
  label: 'Meaning by colour alone',
  why: 'One man in twelve cannot tell green from red, and in print nobody can.',
  severity: 'serious',
  from: 'finished',
  find: (facts) => {
    const meanings = meaningsOf(facts)
    return atLead(facts, ({ seen }) =>
      seen.flatMap((one) => {
        const { fill, outline } = one.node.look
        const role = meanings.get(fill ?? outline?.colour ?? '')
        if (!role || one.w > MARK || one.h > MARK || saysSomething(one)) return []
        // Several of one kind, and at least one of another: what tells them apart is their colour.
        const others = seen.filter((other) => isAlike(one, other))
        const isTold = others.some((other) => (meanings.get(other.node.look.fill ?? '') ?? role) !== role)
        if (!isTold) return []
        const says = `${named(one)} says “${ROLES[role].toLowerCase()}” by its colour alone: a word or a sign belongs beside it`
        return [{ of: one, says }]
      }),
    )
  },
}

/** What colours of the guide say, by how they are written. */
function meaningsOf({ sources }: DrawingFacts): Map<string, Role> {
  const { tokens } = sources.style.records
  return new Map(
    Object.values(tokens).flatMap((token): [string, Role][] => {
      if (token.type !== 'colour' || !token.role || !SAYING.includes(token.role)) return []
      const hex = tokenColour(tokens, token.id)
      return hex ? [[hex, token.role]] : []
    }),
  )
}

/** Whether words or a sign stand in a mark, or words right beside it. */
function saysSomething(one: Seen): boolean {
  const holds = (inner: Seen): boolean =>
    inner.words !== '' || inner.node.content.type === 'icon' || inner.children.some(holds)
  const beside = one.parent?.children.some(
    (other) =>
      other !== one && other.words !== '' && Math.abs(other.y + other.h / 2 - one.y - one.h / 2) < MARK / 2,
  )
  return holds(one) || Boolean(one.node.attributes['aria-label']) || Boolean(beside)
}

const isAlike = (one: Seen, other: Seen): boolean =>
  other !== one &&
  other.node.content.type === one.node.content.type &&
  Math.abs(other.w - one.w) < 1 &&
  Math.abs(other.h - one.h) < 1 &&
  !saysSomething(other)
