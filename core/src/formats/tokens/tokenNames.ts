import type { Token } from '../../style/token'

/** The groups tokens stand in, by kind. */
export type TokenGroup = 'colour' | 'role' | 'space' | 'corner' | 'line' | 'length' | 'shadow' | 'time'

/** A token with what it is called in a file: its group, and a name that is unique there. */
export interface NamedToken {
  token: Token
  group: TokenGroup
  name: string
}

const LENGTH_GROUPS = { space: 'space', radius: 'corner', line: 'line', other: 'length' } as const

function groupOf(token: Token): TokenGroup {
  if (token.type === 'length') return LENGTH_GROUPS[token.use ?? 'space']
  if (token.type === 'colour') return token.role ? 'role' : 'colour'
  return token.type === 'shadow' ? 'shadow' : 'time'
}

/** A name in lower-case ASCII with hyphens, as files of tokens and custom properties of CSS can have it. */
export function plainName(name: string): string {
  const plain = name
    .normalize('NFKD')
    .replace(/\p{M}/gu, '')
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-/, '')
    .replace(/-$/, '')
  return plain || 'token'
}

/** Tokens in their order, each with its name; what is alike is numbered. */
export function namedTokens(tokens: Readonly<Record<string, Token>>): NamedToken[] {
  const taken = new Set<string>()
  const inOrder = Object.values(tokens).sort((a, b) =>
    a.order < b.order ? -1 : a.order > b.order ? 1 : a.id < b.id ? -1 : 1,
  )
  return inOrder.map((token): NamedToken => {
    const group = groupOf(token)
    const plain = plainName(token.name)
    // “space-m” in the group of gaps is only “m”.
    const short = plain.startsWith(`${group}-`) ? plain.slice(group.length + 1) : plain
    let name = short
    for (let count = 2; taken.has(`${group} ${name}`); count++) name = `${short}-${count}`
    taken.add(`${group} ${name}`)
    return { token, group, name }
  })
}
