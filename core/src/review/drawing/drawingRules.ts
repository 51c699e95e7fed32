import type { Finding } from '../finding'
import { contentNotThere } from './contentNotThere'
import type { DrawingFacts } from './drawingFacts'
import type { DrawingRule } from './drawingRule'
import { leadsNowhere } from './leadsNowhere'
import { sameName, unnamed } from './names'
import { runsOut } from './runsOut'
import { sectionsAstray } from './sectionsAstray'
import { cannotStay, liesUnder, seenThrough } from './stays'

/** The rules of drawings, the gravest first. A new one is a file beside this and a line here. */
export const drawingRules: DrawingRule[] = [
  runsOut,
  liesUnder,
  seenThrough,
  leadsNowhere,
  cannotStay,
  sectionsAstray,
  contentNotThere,
  unnamed,
  sameName,
]

/** Everything the rules find on a page's drawing. */
export const drawingFindings = (facts: DrawingFacts): Finding[] =>
  drawingRules.flatMap((rule) => rule.find(facts).map((finding) => ({ rule: rule.id, ...finding })))
