import type { Sketch } from '../draft'

/** A page with one fault, and one where it is just none. */
export interface Case {
  rule: string
  fault: Sketch[]
  miss: Sketch[]
  /** levels of the guide beside its own, by their names */
  levels?: Record<string, object>
  /** no change mends it */
  isUnmended?: true
}
