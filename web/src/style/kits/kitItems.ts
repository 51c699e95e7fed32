import { inOrder } from '@nolvex/core/document/tree'
import { blockKinds, type AnyKind } from '@nolvex/core/block/kinds'
import { NOTHING_CHOSEN, type KitChoice } from '@nolvex/core/kit/kit'
import type { Level } from '@nolvex/core/style/level'
import { addedVariants } from '@nolvex/core/style/part'
import type { StyleDocument, Token } from '@nolvex/core/style/style'
import { cssLength } from '@nolvex/core/units/length'

/** What a kit, or a project, has to take: what each sort of it is called. */
export const SORTS = {
  shared: 'Shared blocks',
  patterns: 'Patterns',
  parts: 'Parts',
  tokens: 'Tokens',
  levels: 'Levels',
} as const
export type Sort = keyof typeof SORTS

/** Something a kit has: a shared block, a pattern, all parts of a variant, a token, a level. */
export interface KitItem {
  /** unlike that of any other item */
  id: string
  sort: Sort
  name: string
  /** the records it is made of */
  records: string[]
  /** the block it is drawn as, in the drawing of its record */
  root?: string
  part?: { kind: string; variant: string | undefined }
  token?: Token
  level?: Level
}

/** All there is, in the order it is shown in. */
export function kitItems({ records }: StyleDocument): KitItem[] {
  const drawn = (sort: 'shared' | 'patterns') =>
    inOrder(Object.values<{ id: string; order: string; name: string; root: string }>(records[sort])).map(
      ({ id, name, root }): KitItem => ({ id: `${sort} ${id}`, sort, name, records: [id], root }),
    )
  const tokens = inOrder(Object.values(records.tokens)).map((token): KitItem => ({
    ...{ id: `tokens ${token.id}`, sort: 'tokens', name: token.name, records: [token.id], token },
  }))
  const levels = inOrder(Object.values(records.levels)).map((level): KitItem => ({
    ...{ id: `levels ${level.id}`, sort: 'levels', name: level.name, records: [level.id], level },
  }))
  return [...drawn('shared'), ...drawn('patterns'), ...partItems(records), ...tokens, ...levels]
}

const kinds: Record<string, AnyKind | undefined> = blockKinds

function partItems({ parts }: StyleDocument['records']): KitItem[] {
  const items = new Map<string, KitItem>()
  for (const { id, kind, variant } of inOrder(Object.values(parts))) {
    const key = `parts ${kind} ${variant ?? ''}`
    const known = items.get(key)
    if (known) known.records.push(id)
    else
      items.set(key, {
        ...{ id: key, sort: 'parts', name: partName(kind, variant, parts), records: [id] },
        part: { kind, variant },
      })
  }
  return [...items.values()]
}

function partName(kind: string, variant: string | undefined, parts: StyleDocument['records']['parts']) {
  const label = kinds[kind]?.label ?? kind
  if (variant === undefined) return label
  const name = kinds[kind]?.variants?.[variant]?.label ?? addedVariants(kind, parts)[variant] ?? variant
  return `${label}, ${name.toLowerCase()}`
}

/** Whether all words of what is looked for stand in a name. */
export function isFound({ name }: Pick<KitItem, 'name'>, looked: string): boolean {
  const here = name.toLowerCase()
  return looked
    .toLowerCase()
    .split(/\s+/)
    .every((word) => here.includes(word))
}

/** What some items are of a kit. */
export function choiceOf(items: KitItem[]): KitChoice {
  const of = (sort: Sort) => items.filter((item) => item.sort === sort).flatMap(({ records }) => records)
  return {
    ...NOTHING_CHOSEN,
    shared: of('shared'),
    patterns: of('patterns'),
    parts: of('parts'),
    tokens: of('tokens'),
    levels: of('levels'),
  }
}

/** What a token is, in a word or two. */
export function tokenSays(token: Token, { records }: StyleDocument): string {
  const as = (id: string) => `as ${records.tokens[id]?.name ?? 'one that is gone'}`
  if (token.type === 'duration') return `${token.value} ms`
  if (token.type === 'length') return 'unit' in token.value ? cssLength(token.value) : as(token.value.token)
  if (token.type === 'shadow') return 'shadow'
  return typeof token.value === 'string' ? token.value : as(token.value.token)
}
