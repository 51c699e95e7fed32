import type { Finding, Severity } from '../finding'
import type { MapFacts } from './mapFacts'

/** A rule of the map: what it looks for, and why a designer would care. */
export interface MapRule {
  id: string
  label: string
  why: string
  severity: Severity
  find: (facts: MapFacts) => Omit<Finding, 'rule' | 'severity'>[]
}
