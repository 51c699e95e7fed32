import type { Finding, Severity } from '../finding'
import type { DrawingFacts } from './drawingFacts'

/** How far a page is drawn, from which on a rule speaks: nobody is told of colours while one sketches. */
export type DrawnFinish = 'sketch' | 'plain' | 'finished'

/** What a rule gives; how grave it is, is the rule's own word where a finding has none. */
export type Found = Omit<Finding, 'rule' | 'severity'> & { severity?: Severity }

/** A rule of drawings: what it looks for, and why a designer would care. */
export interface DrawingRule {
  id: string
  label: string
  why: string
  severity: Severity
  /** the finish from which on it speaks */
  from: DrawnFinish
  /** whether it has nothing to say of overlays */
  ofPages?: true
  find: (facts: DrawingFacts) => Found[]
}
