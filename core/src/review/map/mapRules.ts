import { brokenJourney } from './brokenJourney'
import { contentAstray } from './contentAstray'
import { contentMissing } from './contentMissing'
import { inNoMenu } from './inNoMenu'
import { manyClicks } from './manyClicks'
import { menuTooLarge } from './menuTooLarge'
import { noPurpose } from './noPurpose'
import { noSections } from './noSections'
import { sameNumber } from './sameNumber'
import { samePath } from './samePath'
import { sameTitle } from './sameTitle'
import { unreachable } from './unreachable'
import type { Finding } from '../finding'
import type { MapFacts } from './mapFacts'
import type { MapRule } from './mapRule'

/** The rules of the map, the gravest first. A new one is a file beside this and a line here. */
export const mapRules: MapRule[] = [
  unreachable,
  brokenJourney,
  inNoMenu,
  manyClicks,
  menuTooLarge,
  sameTitle,
  samePath,
  noSections,
  noPurpose,
  contentMissing,
  contentAstray,
  sameNumber,
]

/** Everything the rules find on the map. */
export const mapFindings = (facts: MapFacts): Finding[] =>
  mapRules.flatMap((rule) =>
    rule.find(facts).map((finding) => ({ rule: rule.id, severity: rule.severity, ...finding })),
  )
