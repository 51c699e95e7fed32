// Without imports, so that builds write the numbers themselves where they are compared.

export const FIT = 0
export const FILL = 1
export const FIXED = 2
export const PERCENT = 3

/** A size or limit ready for arithmetic: layout units, or % of the parent's content width, or what is left. */
export interface Extent {
  mode: typeof FIT | typeof FILL | typeof FIXED | typeof PERCENT
  /** layout units, % or share */
  value: number
}
