// Without imports, so that builds write the numbers themselves where they are compared.

/** How a box's height came about: by its content; set and known; or imposed while percentages stay unknown. */
export const AUTO = 0
export const DEFINITE = 1
export const IMPOSED = 2
export type HeightMode = typeof AUTO | typeof DEFINITE | typeof IMPOSED
