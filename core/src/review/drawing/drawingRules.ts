import { loneAlignment } from '../alignment/loneAlignment'
import { nearlyInLine } from '../alignment/nearlyInLine'
import { offCentre } from '../alignment/offCentre'
import { offColumns } from '../alignment/offColumns'
import { buttonUnlike } from '../appearance/buttonUnlike'
import { linkUnlike } from '../appearance/linkUnlike'
import { looksLikeButton } from '../appearance/looksLikeButton'
import { menuHidden } from '../appearance/menuHidden'
import { noAction } from '../appearance/noAction'
import { primaryActions } from '../appearance/primaryActions'
import { weakAction } from '../appearance/weakAction'
import { besideTokens } from '../colour/besideTokens'
import { beyondShare } from '../colour/beyondShare'
import { colourAlone } from '../colour/colourAlone'
import { fieldEdge } from '../colour/fieldEdge'
import { nearColours } from '../colour/nearColours'
import { prominence } from '../colour/prominence'
import { stateContrast } from '../colour/stateContrast'
import { surfacesVanish } from '../colour/surfacesVanish'
import { textContrast } from '../colour/textContrast'
import { wrongAsAction } from '../colour/wrongAsAction'
import { cutWords } from '../copy/cutWords'
import { misspelt } from '../copy/misspelt'
import { softPictures } from '../copy/softPictures'
import { standsIn } from '../copy/standsIn'
import { tooLong } from '../copy/tooLong'
import { withoutLicence } from '../copy/withoutLicence'
import type { Finding } from '../finding'
import { offBaseline } from '../grid/offBaseline'
import { ownGrid } from '../grid/ownGrid'
import { spanTooWide } from '../grid/spanTooWide'
import { notLookedFor } from '../orSaid'
import { crowded } from '../spacing/crowded'
import { headingNearer } from '../spacing/headingNearer'
import { insideLarger } from '../spacing/insideLarger'
import { lostInSection } from '../spacing/lostInSection'
import { offScale } from '../spacing/offScale'
import { textNearEdge } from '../spacing/textNearEdge'
import { unequalRun } from '../spacing/unequalRun'
import { copiesDrifted } from '../structure/copiesDrifted'
import { fieldLabel } from '../structure/fieldLabel'
import { focusOrder } from '../structure/focusOrder'
import { navAgainstMap } from '../structure/navAgainstMap'
import { noAlternative } from '../structure/noAlternative'
import { noTarget } from '../structure/noTarget'
import { overlayAlike } from '../structure/overlayAlike'
import { partMissing } from '../structure/partMissing'
import { readingOrder } from '../structure/readingOrder'
import { targetSize } from '../structure/targetSize'
import { capitals } from '../type/capitals'
import { headingOrder, levelsAlike, mainHeading } from '../type/headings'
import { lineHeight } from '../type/lineHeight'
import { measure } from '../type/measure'
import { oneWordLines } from '../type/oneWordLines'
import { smallText } from '../type/smallText'
import { tooManyFonts } from '../type/tooManyFonts'
import { contentNotThere } from './contentNotThere'
import type { DrawingFacts } from './drawingFacts'
import type { DrawingRule, DrawnFinish } from './drawingRule'
import { leadsNowhere } from './leadsNowhere'
import { sameName, unnamed } from './names'
import { runsOut } from './runsOut'
import { sectionsAstray } from './sectionsAstray'
import { cannotStay, liesUnder, seenThrough } from './stays'

/** The rules of drawings, the gravest first. A new one is a file in a folder beside this and a line here. */
export const drawingRules: DrawingRule[] = [
  runsOut,
  liesUnder,
  seenThrough,
  leadsNowhere,
  textContrast,
  stateContrast,
  colourAlone,
  fieldEdge,
  targetSize,
  fieldLabel,
  smallText,
  wrongAsAction,
  standsIn,
  // Worth mending
  looksLikeButton,
  buttonUnlike,
  linkUnlike,
  primaryActions,
  weakAction,
  prominence,
  noAction,
  menuHidden,
  headingNearer,
  insideLarger,
  textNearEdge,
  crowded,
  lostInSection,
  unequalRun,
  nearlyInLine,
  measure,
  oneWordLines,
  tooLong,
  lineHeight,
  capitals,
  mainHeading,
  headingOrder,
  levelsAlike,
  readingOrder,
  focusOrder,
  overlayAlike,
  partMissing,
  navAgainstMap,
  noTarget,
  sectionsAstray,
  contentNotThere,
  softPictures,
  // Slight
  cannotStay,
  offScale,
  offColumns,
  loneAlignment,
  offCentre,
  spanTooWide,
  ownGrid,
  offBaseline,
  surfacesVanish,
  besideTokens,
  nearColours,
  beyondShare,
  tooManyFonts,
  misspelt,
  copiesDrifted,
  cutWords,
  noAlternative,
  withoutLicence,
  unnamed,
  sameName,
]

const FINISHES: DrawnFinish[] = ['sketch', 'plain', 'finished']

/** Whether a rule speaks of a page as far as it is drawn. */
const speaks = (rule: DrawingRule, { finish, overlay }: DrawingFacts) =>
  FINISHES.indexOf(finish) >= FINISHES.indexOf(rule.from) && !(overlay && rule.ofPages)

/**
 * Everything the rules find on a page's drawing. A rule that fails is told of; the others go on.
 * @param rules all, unless only some are asked for
 */
export function drawingFindings(facts: DrawingFacts, rules = drawingRules): Finding[] {
  return rules.filter((rule) => speaks(rule, facts)).flatMap((rule) => foundBy(rule, facts))
}

function foundBy(rule: DrawingRule, facts: DrawingFacts): Finding[] {
  try {
    return rule
      .find(facts)
      .map(({ severity = rule.severity, ...found }) => ({ rule: rule.id, severity, ...found }))
  } catch (error) {
    return [notLookedFor(rule, facts.page, error)]
  }
}
