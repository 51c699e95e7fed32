export const UNITS = ['px', 'pt', 'pc', 'in', 'cm', 'mm', 'em', 'rem', 'ex', 'ch', '%', 'vw', 'vh'] as const
export type Unit = (typeof UNITS)[number]

/** A length as it is written: a value with its unit. */
export interface WrittenLength {
  value: number
  unit: Unit
}

/** A length in px, the short way to write one. */
export const px = (value: number): WrittenLength => ({ value, unit: 'px' })

/** A length as CSS writes it. */
export function cssLength({ value, unit }: WrittenLength): string {
  return `${roundTo(value, 4)}${unit}`
}

/** `value` rounded to so many decimals, without a trail of binary fractions. */
export function roundTo(value: number, decimals: number): number {
  const scale = 10 ** decimals
  return Math.round(value * scale) / scale
}

/** A share of one as CSS writes it: 0.125 is `12.5%`. */
export const cssPercent = (share: number): string => `${roundTo(share * 100, 2)}%`
