import type { Finding } from '../finding'
import type { DrawingFacts } from './drawingFacts'

/** A rule of drawings: what it looks for, and why a designer would care. */
export interface DrawingRule {
  id: string
  label: string
  why: string
  find: (facts: DrawingFacts) => Omit<Finding, 'rule'>[]
}
