import type { Length } from '../../block/lengthSchema'
import type { Json } from '../../document/types'
import { spacingScale } from '../../style/spacingScale'
import type { StyleDocument } from '../../style/style'
import { toPx, usualEnvironment } from '../../units/environment'
import { px } from '../../units/length'

/** A permitted gap, px, with the token that says it. */
export interface Step {
  px: number
  token?: string
}

const FONT = { size: usualEnvironment.initialFont, xHeight: 8, zeroAdvance: 8 }
const pxOf = (length: Length) => ('token' in length ? 0 : toPx(length, usualEnvironment, FONT))

/** The permitted gaps of a guide, rising. */
export function scaleSteps(style: StyleDocument): Step[] {
  const tokens = Object.values(style.records.tokens)
  return spacingScale(style, pxOf).map((step) => ({
    px: step.px,
    token: tokens.find(({ name, type }) => type === 'length' && name === step.name)?.id,
  }))
}

export const nearestStep = (steps: Step[], gap: number): Step =>
  steps.reduce((best, step) => (Math.abs(step.px - gap) < Math.abs(best.px - gap) ? step : best))

/** A step as a value of a leaf. */
export const stepValue = (step: Step): Json => (step.token ? { token: step.token } : { ...px(step.px) })
