import type { DrawnFinish } from './drawing/drawingRule'
import { drawingRules } from './drawing/drawingRules'
import { mapRules } from './map/mapRules'
import { paintedRules } from './paintedFindings'
import { conditionRule } from './sweep/conditionFindings'
import { sweepRule } from './sweep/sweepFindings'

/** What rules look at: the map, or drawings from a finish on. */
export const RULES_OF = {
  map: 'On the map',
  sketch: 'On drawings, from the sketch on',
  plain: 'On drawings, from the plain wireframe on',
  finished: 'On mockups',
} as const
export type RuleOf = keyof typeof RULES_OF

/** What is told of a rule. */
export interface ReviewRule {
  id: string
  label: string
  why: string
  of: RuleOf
}

const told = ({ id, label, why }: Omit<ReviewRule, 'of'>, of: RuleOf): ReviewRule => ({ id, label, why, of })
const ofDrawings = drawingRules.map((rule) => told(rule, rule.from))

/** Every rule there is, the gravest of drawings first. */
export const reviewRules: ReviewRule[] = [
  ...ofDrawings.slice(0, 1),
  told(sweepRule, 'sketch'),
  told(conditionRule, 'sketch'),
  ...ofDrawings.slice(1),
  ...paintedRules.map((rule) => told(rule, 'finished')),
  ...mapRules.map((rule) => told(rule, 'map')),
]

const from = (finish: DrawnFinish) => drawingRules.flatMap((rule) => (rule.from === finish ? [rule.id] : []))
const OF_MOCKUPS = new Set<string>([...paintedRules.map(({ id }) => id), ...from('finished')])
/** They look at the page as it is dressed, where it is. */
const OF_EITHER = new Set<string>([sweepRule.id, conditionRule.id, ...from('plain')])

/** The stage in which what a rule finds on a page is seen. @param dressed whether the page is */
export const stageShowing = (rule: string, dressed: boolean): 'wireframe' | 'mockup' =>
  OF_MOCKUPS.has(rule) || (dressed && OF_EITHER.has(rule)) ? 'mockup' : 'wireframe'
