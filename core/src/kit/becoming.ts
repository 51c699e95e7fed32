import { inOrder } from '../document/tree'
import type { Level } from '../style/level'
import { addedVariants } from '../style/part'
import type { StyleDocument } from '../style/style'
import { tokenColour, tokenOfRole, type Token } from '../style/token'
import { blockKinds, type AnyKind } from '../block/kinds'
import { cssLength } from '../units/length'
import { takenId, type Kit } from './kit'
import type { Needs } from './needs'

/** Why something of a kit is taken to be something the project has. */
export const REASONS = {
  taken: 'taken before',
  chosen: 'as chosen before',
  same: 'the same',
  role: 'for the same use',
  name: 'of the same name',
  value: 'of the same value',
} as const
export type Reason = keyof typeof REASONS

/** Something of a kit's guide that is needed: what it becomes here, or nothing where it comes along. */
export interface Becoming {
  of: 'tokens' | 'levels' | 'variants'
  /** id in the kit; of a variant its kind and name */
  id: string
  name: string
  into?: string
  why?: Reason
  /** what of the project it could become, by id */
  choices: Record<string, string>
}

/** The key of a variant of a kind. */
export const variantKey = (kind: string, variant: string) => `${kind} ${variant}`

/**
 * What each token, level and variant that is needed of a kit becomes in a project: one that was taken or chosen before, the
 * same one, one for the same use, of the same name or value; else it comes along.
 * @param asked tokens and levels that were chosen for themselves, and so come along unless they were before
 */
export function becoming(
  kit: Kit,
  needs: Needs,
  own: StyleDocument,
  asked: ReadonlySet<string> = new Set(),
): Becoming[] {
  const before = own.records.kits[kit.about.id]?.became ?? {}
  const known = (collection: 'tokens' | 'levels', id: string): Pick<Becoming, 'into' | 'why'> | undefined => {
    const derived = takenId(kit.about.id, id)
    if (derived in own.records[collection]) return { into: derived, why: 'taken' }
    if (before[id] in own.records[collection]) return { into: before[id], why: 'chosen' }
    return undefined
  }
  const tokens = needs.tokens.map((id): Becoming => {
    const token = kit.style.records.tokens[id]
    const fits = inOrder(Object.values(own.records.tokens)).filter((one) => isAlike(one, token))
    const found = known('tokens', id) ?? (asked.has(id) ? undefined : sameToken(kit, own, token, fits))
    return { of: 'tokens', id, name: token.name, choices: namesOf(fits), ...found }
  })
  const levels = needs.levels.map((id): Becoming => {
    const level = kit.style.records.levels[id]
    const fits = inOrder(Object.values(own.records.levels))
    const found = known('levels', id) ?? (asked.has(id) ? undefined : sameLevel(level, fits))
    return { of: 'levels', id, name: level.name, choices: namesOf(fits), ...found }
  })
  return [...tokens, ...levels, ...variants(kit, needs, own)]
}

const namesOf = (records: { id: string; name: string }[]) =>
  Object.fromEntries(records.map(({ id, name }) => [id, name]))

const useOf = (token: Token) => (token.type === 'length' ? (token.use ?? 'space') : undefined)
const isAlike = (a: Token, b: Token) => a.type === b.type && useOf(a) === useOf(b)
const sameName = (a: { name: string }, b: { name: string }) => a.name.toLowerCase() === b.name.toLowerCase()

function sameToken(
  kit: Kit,
  own: StyleDocument,
  token: Token,
  fits: Token[],
): Pick<Becoming, 'into' | 'why'> {
  const same = fits.find(({ id }) => id === token.id)
  if (same) return { into: same.id, why: 'same' }
  const role = token.type === 'colour' && token.role ? tokenOfRole(own.records.tokens, token.role) : undefined
  if (role) return { into: role.id, why: 'role' }
  const named = fits.find((one) => sameName(one, token))
  if (named) return { into: named.id, why: 'name' }
  const value = spelled(kit.style, token)
  const equal = value === undefined ? undefined : fits.find((one) => spelled(own, one) === value)
  return equal ? { into: equal.id, why: 'value' } : {}
}

/** What a token comes to, where that can be compared. */
function spelled({ records }: StyleDocument, token: Token): string | undefined {
  if (token.type === 'colour')
    return ['light' as const, 'dark' as const].map((set) => tokenColour(records.tokens, token.id, set)).join()
  if (token.type === 'length') return 'unit' in token.value ? cssLength(token.value) : undefined
  return JSON.stringify(token.value)
}

function sameLevel(level: Level, fits: Level[]): Pick<Becoming, 'into' | 'why'> {
  const same = fits.find(({ id }) => id === level.id)
  if (same) return { into: same.id, why: 'same' }
  const role = level.role && fits.find((one) => one.role === level.role)
  if (role) return { into: role.id, why: 'role' }
  const named = fits.find((one) => sameName(one, level))
  return named ? { into: named.id, why: 'name' } : {}
}

/** A kit may name kinds nobody knows. */
const kindsByName: Record<string, AnyKind | undefined> = blockKinds

function variants(kit: Kit, needs: Needs, own: StyleDocument): Becoming[] {
  const met = new Map<string, Becoming>()
  for (const id of needs.parts) {
    const { kind, variant } = kit.style.records.parts[id]
    if (variant === undefined || met.has(variantKey(kind, variant))) continue
    const known = kindsByName[kind]?.variants ?? {}
    const labels = Object.fromEntries(Object.entries(known).map(([key, { label }]) => [key, label]))
    const choices = { ...labels, ...addedVariants(kind, own.records.parts) }
    const name = addedVariants(kind, kit.style.records.parts)[variant] ?? variant
    const isHere = variant in choices
    met.set(variantKey(kind, variant), {
      ...{ of: 'variants', id: variantKey(kind, variant), name: `${name} (${kind})`, choices },
      ...(isHere && { into: variant, why: 'name' as const }),
    })
  }
  return [...met.values()]
}
