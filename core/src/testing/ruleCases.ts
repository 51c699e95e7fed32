import { appearanceCases } from './ruleCases/appearanceCases'
import { colourCases } from './ruleCases/colourCases'
import { contentCases } from './ruleCases/contentCases'
import { placingCases } from './ruleCases/placingCases'
import { typeCases } from './ruleCases/typeCases'
import type { Case } from './ruleCases/ruleCase'

/**
 * Pages with one known fault each, and the same page where it is just no fault. Limits are common practice without a
 * source, but for contrast (WCAG 2.2, 1.4.3 and 1.4.11) and targets (2.5.8).
 */
export const CASES: Case[] = [
  ...appearanceCases,
  ...colourCases,
  ...contentCases,
  ...placingCases,
  ...typeCases,
]
