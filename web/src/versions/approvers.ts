import { z } from 'zod'

/** The names in what was typed, parted by commas. */
export function readNames(typed: string): string[] {
  return typed
    .split(',')
    .map((name) => name.trim())
    .filter(Boolean)
}

/** Names of who approves, as they are typed. */
export const typedNames = z
  .string()
  .refine((typed) => readNames(typed).length > 0, 'Type the name of who approves.')
  .refine((typed) => readNames(typed).length <= 20, 'At most 20 names at once.')
  .refine((typed) => readNames(typed).every((name) => name.length <= 200), 'A name has at most 200 letters.')
