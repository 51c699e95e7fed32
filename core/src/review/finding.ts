import type { ChangePart } from '../document/types'

/** What a finding is about: the record a click on it leads to. */
export interface FindingPlace {
  collection: 'pages' | 'menus' | 'journeys' | 'items' | 'blocks'
  id: string
  /** the page a block stands on, and the band it shows at */
  page?: string
  band?: string
}

/** What review found wrong. */
export interface Finding {
  /** id of the rule */
  rule: string
  place: FindingPlace
  /** what is wrong, naming the object */
  says: string
  fix?: Fix
}

/** The change that mends a finding. */
export interface Fix {
  label: string
  parts: ChangePart[]
}
