import { overPictureRule } from './colour/overPictures'
import { drawingRules } from './drawing/drawingRules'
import { orderRule } from './hierarchy/orderFindings'
import { mapRules } from './map/mapRules'
import { conditionRule } from './sweep/conditionFindings'
import { sweepRule } from './sweep/sweepFindings'

/** Every rule there is, the gravest of drawings first. */
export const reviewRules: { id: string; label: string; why: string }[] = [
  ...drawingRules.slice(0, 1),
  sweepRule,
  conditionRule,
  ...drawingRules.slice(1),
  overPictureRule,
  orderRule,
  ...mapRules,
]

const OF_MOCKUPS = new Set<string>([
  orderRule.id,
  overPictureRule.id,
  ...drawingRules.flatMap(({ id, from }) => (from === 'finished' ? [id] : [])),
])

/** Whether what a rule finds is seen on the mockup, and not on the wireframe. */
export const isOfMockups = (rule: string): boolean => OF_MOCKUPS.has(rule)
