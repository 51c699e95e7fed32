import type { BlockNode } from '../../resolve/node'
import type { Level } from '../../style/level'
import type { StyleDocument } from '../../style/style'
import { toPx, usualEnvironment } from '../../units/environment'

const FONT = { size: usualEnvironment.initialFont, xHeight: 8, zeroAdvance: 8 }

/** The size a level has at the lead band at least, px; 0 where a token says it. */
export function sizeOfLevel({ size, fluid }: Level): number {
  if (fluid) return fluid.least
  return 'token' in size ? 0 : toPx(size, usualEnvironment, FONT)
}

/** The smallest level of a guide that is at least so large, px. */
export function levelOfAtLeast({ records }: StyleDocument, least: number): Level | undefined {
  const levels = Object.values(records.levels).filter((level) => sizeOfLevel(level) >= least)
  return levels.sort((a, b) => sizeOfLevel(a) - sizeOfLevel(b))[0]
}

/** The level of a guide an element is set in unless it says otherwise. */
export const levelWithRole = ({ records }: StyleDocument, role: string): Level | undefined =>
  Object.values(records.levels).find((level) => level.role === role)

/** The level of a guide that a text is set in, as far as it can be told from how it is set. */
export function levelOf(style: StyleDocument, { look, tag }: BlockNode): Level | undefined {
  const { level } = look
  const isIt = (one: Level) =>
    one.family === level.family &&
    one.weight === level.weight &&
    JSON.stringify([one.fluid ?? one.size, one.lineHeight]) === JSON.stringify([level.size, level.lineHeight])
  const ofTag = levelWithRole(style, tag)
  return ofTag && isIt(ofTag) ? ofTag : Object.values(style.records.levels).find(isIt)
}
