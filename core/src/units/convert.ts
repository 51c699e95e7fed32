import { fromPx, toPx, type Environment, type FontMeasures } from './environment'
import { UNITS, type WrittenLength } from './length'

/** What a length is measured in: the environment, the font it stands in, and the px that 100 % means. */
export interface LengthContext {
  environment: Environment
  font: FontMeasures
  percentOf: number
}

/** A length in px and in every unit of the same context. Units that measure nothing here (a % of nothing) are left out. */
export function inAllUnits(
  length: WrittenLength,
  { environment, font, percentOf }: LengthContext,
): { px: number; units: WrittenLength[] } {
  const px = toPx(length, environment, font, percentOf)
  const measures = UNITS.filter((unit) => toPx({ value: 1, unit }, environment, font, percentOf) !== 0)
  return { px, units: measures.map((unit) => fromPx(px, unit, environment, font, percentOf)) }
}
