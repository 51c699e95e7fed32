import { roundTo, type WrittenLength } from './length'

/** A size that grows with the viewport between two widths: px at either of them. */
export interface FluidRange {
  /** px at the narrower width, and at all below it */
  least: number
  /** px at the wider width, and at all above it */
  most: number
  /** px of the viewport */
  from: number
  to: number
}

/** A size as `clamp()` writes it: rem at least, a base in rem with a share of the viewport's width, rem at most. */
export interface FluidLength {
  least: number
  base: number
  /** % of the viewport's width */
  vw: number
  most: number
}

const DECIMALS = 4

/**
 * The `clamp()` of a size that grows in a straight line between two widths; enlarged text enlarges all of it but the
 * viewport's share.
 * @param root px of a rem
 * @see CSS Values and Units 4, section 10.3; worked out as the published fluid type formulas are
 */
export function fluidLength({ least, most, from, to }: FluidRange, root: number): FluidLength {
  const slope = to === from ? 0 : (most - least) / (to - from)
  return {
    least: roundTo(Math.min(least, most) / root, DECIMALS),
    base: roundTo((least - slope * from) / root, DECIMALS),
    vw: roundTo(slope * 100, DECIMALS),
    most: roundTo(Math.max(least, most) / root, DECIMALS),
  }
}

/** Whether a size grows with the viewport. */
export const isFluid = (size: WrittenLength | FluidLength): size is FluidLength => 'vw' in size

/** A fluid size in px. @param root px of a rem @param viewport px, with the scroll bar */
export function fluidPx({ least, base, vw, most }: FluidLength, root: number, viewport: number): number {
  return Math.max(least * root, Math.min(base * root + (vw * viewport) / 100, most * root))
}

/** A fluid size as CSS writes it. */
export function fluidCss({ least, base, vw, most }: FluidLength): string {
  return `clamp(${least}rem, ${base}rem ${vw < 0 ? '-' : '+'} ${Math.abs(vw)}vw, ${most}rem)`
}
