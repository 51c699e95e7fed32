import { plainStyle } from './plainStyle'
import { quickStart, type Start } from './quickStart'
import { roleTokenId } from './guideIds'
import type { StyleDocument } from './style'
import type { ColourToken, Token } from './token'

/** The parts of a computed guide that may be taken by themselves. */
export const START_PARTS = {
  colour: 'colours',
  type: 'type',
  space: 'space and corners',
  parts: 'parts',
} as const
export type StartPart = keyof typeof START_PARTS

/** What colours every project begins with become: the roles they stood for. */
const PLAIN_ROLES = {
  colourink0000000: 'text',
  coloursoft000000: 'soft',
  colourpaper00000: 'raised',
  colourground0000: 'tint',
  colouraccent0000: 'action',
} as const

/**
 * A guide with a computed one taken into it, or some of its parts. What is there by the same id is replaced, all else stays;
 * colours every project begins with become those of the roles they stood for, so that drawings that name them follow; those
 * that nothing names are left out.
 * @param isNamed whether anything in the project names a token
 */
export function takeStart(
  style: StyleDocument,
  start: Start,
  which: readonly StartPart[],
  isNamed: (id: string) => boolean = () => true,
): StyleDocument {
  const guide = quickStart(start)
  const takes = new Set(which)
  const isTaken = ({ type }: Token) => takes.has(type === 'colour' ? 'colour' : 'space')
  const taken = guide.tokens.filter(isTaken)
  const kept = takes.has('colour') ? withoutRoles(style.records.tokens, taken, isNamed) : style.records.tokens
  const records = { ...style.records, tokens: { ...kept, ...byId(taken) } }
  if (takes.has('type')) records.levels = { ...records.levels, ...byId(guide.levels) }
  if (takes.has('parts')) {
    records.parts = { ...records.parts, ...byId(guide.parts) }
    // Parts name tokens: those that are missing come along.
    records.tokens = { ...byId(guide.tokens), ...records.tokens }
  }
  return { ...style, records }
}

const byId = <T extends { id: string }>(list: T[]): Record<string, T> =>
  Object.fromEntries(list.map((one) => [one.id, one]))

/** Tokens there were, their roles given up to those that are taken. */
function withoutRoles(
  tokens: Record<string, Token>,
  taken: Token[],
  isNamed: (id: string) => boolean,
): Record<string, Token> {
  const ids = new Set(taken.map(({ id }) => id))
  return Object.fromEntries(
    Object.values(tokens).flatMap((token): [string, Token][] => {
      if (token.type !== 'colour' || ids.has(token.id)) return [[token.id, token]]
      const followed = asRole(token)
      if (followed !== token && !isNamed(token.id)) return []
      const { role: _role, ...others } = followed
      return [[token.id, others]]
    }),
  )
}

function asRole(token: ColourToken): ColourToken {
  const role = PLAIN_ROLES[token.id as keyof typeof PLAIN_ROLES] as
    (typeof PLAIN_ROLES)['colourink0000000'] | undefined
  const plain = plainStyle.records.tokens[token.id] as ColourToken | undefined
  const isAsItWas = role !== undefined && plain?.value === token.value && token.dark === undefined
  return isAsItWas ? { ...token, value: { token: roleTokenId(role) } } : token
}
