import type { ChangePart } from '../document/types'
import type { Condition } from './sweep/conditions'

/** What a finding is about: the record a click on it leads to. */
export interface FindingPlace {
  collection: 'pages' | 'menus' | 'journeys' | 'items' | 'blocks'
  id: string
  /** the page a block stands on, and the band it shows at */
  page?: string
  band?: string
  /** px the page is shown at, where that is not the width its band is drawn at */
  width?: number
  /** under which it is seen, where that is not as the page is drawn */
  condition?: Condition
}

/** How much a finding matters, and what that is called. */
export const SEVERITIES = { serious: 'Serious', fair: 'Worth mending', slight: 'Slight' } as const
export type Severity = keyof typeof SEVERITIES

/** A place on the page a finding speaks of, px of the page at the width its band is drawn at. */
export interface FindingMark {
  rect: { x: number; y: number; w: number; h: number }
  /** what is measured there */
  says?: string
}

/** What review found wrong. */
export interface Finding {
  /** id of the rule */
  rule: string
  severity: Severity
  place: FindingPlace
  /** bands at which it is so, where it does not concern all of them alike */
  bands?: string[]
  /** the widths at which it is so, px, where it is not so at the width its band is drawn at */
  widths?: [from: number, to: number]
  /** what is wrong, naming the object */
  says: string
  marks?: FindingMark[]
  /** a word no dictionary has: the project may call it one of its own */
  word?: string
  fix?: Fix
}

/** The change that mends a finding. */
export interface Fix {
  label: string
  parts: ChangePart[]
}
