import type { DrawnFinish } from './drawing/drawingRule'
import { drawingRules } from './drawing/drawingRules'
import { mapRules } from './map/mapRules'
import { paintedRules } from './paintedFindings'
import { conditionRule } from './sweep/conditionFindings'
import { sweepRule } from './sweep/sweepFindings'

/** Every rule there is, the gravest of drawings first. */
export const reviewRules: { id: string; label: string; why: string }[] = [
  ...drawingRules.slice(0, 1),
  sweepRule,
  conditionRule,
  ...drawingRules.slice(1),
  ...paintedRules,
  ...mapRules,
]

const from = (finish: DrawnFinish) => drawingRules.flatMap((rule) => (rule.from === finish ? [rule.id] : []))
const OF_MOCKUPS = new Set<string>([...paintedRules.map(({ id }) => id), ...from('finished')])
/** They look at the page as it is dressed, where it is. */
const OF_EITHER = new Set<string>([sweepRule.id, conditionRule.id, ...from('plain')])

/** The stage in which what a rule finds on a page is seen. @param dressed whether the page is */
export const stageShowing = (rule: string, dressed: boolean): 'wireframe' | 'mockup' =>
  OF_MOCKUPS.has(rule) || (dressed && OF_EITHER.has(rule)) ? 'mockup' : 'wireframe'
