import { roleSchema, type Role } from '../../colour/roles'
import type { ColourToken, LengthToken, ShadowToken } from '../../style/token'
import type { ImportRemark } from '../importedPages'

/** A token as a file has it; `value` of a colour may be the place of another in the list. */
export type ImportedToken =
  | {
      type: 'colour'
      name: string
      value: string | { of: number }
      dark?: string | { of: number }
      role?: Role
      prominence?: ColourToken['prominence']
      share?: number
    }
  | { type: 'length'; name: string; value: LengthToken['value']; use: NonNullable<LengthToken['use']> }
  | { type: 'shadow'; name: string; value: ShadowToken['value'] }
  | { type: 'duration'; name: string; value: number }

/** The tokens of a file, and what in it was passed over. */
export interface ImportedTokens {
  tokens: ImportedToken[]
  remarks: ImportRemark[]
}

/** More tokens than this are no style guide. */
export const MOST_TOKENS = 2000
/** Characters a file of tokens may have. */
export const LONGEST_TOKEN_FILE = 2_000_000

/** What a length measures, told by its name and the groups it stands in. */
export function useByName(name: string): NonNullable<LengthToken['use']> {
  if (/radius|corner|round/i.test(name)) return 'radius'
  if (/line-?weight|border|stroke|^line|hairline/i.test(name)) return 'line'
  if (/space|spacing|gap|margin|padding|gutter/i.test(name)) return 'space'
  return 'other'
}

/** A role told by a token's name, where it is one's own name. */
export function roleByName(name: string): Role | undefined {
  const last = name.split(/[./]/).at(-1) ?? name
  const read = roleSchema.safeParse(last.replace(/-(\w)/g, (_, letter: string) => letter.toUpperCase()))
  return read.success ? read.data : undefined
}
