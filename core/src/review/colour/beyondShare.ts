import type { StyleDocument } from '../../style/style'
import { tokenColour, type ColourToken } from '../../style/token'
import { seenAtLead, titleOf } from '../drawing/drawingFacts'
import type { DrawingRule } from '../drawing/drawingRule'
import { groundShares } from './groundShares'

/** times the share it is meant to have, and percent of the page more than that, from which on a colour takes over */
const [TIMES, MORE] = [3, 20]
/** percent of a page under which nobody asks which of two colours leads, and how much more of it the lesser one has */
const [SEEN, AHEAD] = [5, 2]

/** A colour that covers far more of a page than the guide gives it, or more than one it is to step behind. */
export const beyondShare: DrawingRule = {
  id: 'beyondShare',
  label: 'A colour that takes more than is meant',
  why: 'The guide says which colour leads and how much of each there is; where another takes over, it is another site.',
  severity: 'slight',
  from: 'finished',
  find: (facts) => {
    const { page, sources } = facts
    const lead = seenAtLead(facts)
    const meant = namedColours(sources.style).filter(({ token }) => token.prominence ?? token.share)
    if (!lead || meant.length === 0) return []
    const shares = groundShares(lead.layout, lead.seen)
    const measured = meant.map((one) => ({ ...one, share: (shares.get(one.hex) ?? 0) * 100 }))
    return [...pastTheirShare(measured), ...beforeTheirBetters(measured)].map((says) => ({
      place: { collection: 'pages' as const, id: page.id },
      says: `${says} on ${titleOf(facts)}.`,
    }))
  },
}

interface Measured {
  token: ColourToken
  hex: string
  /** % of the page */
  share: number
}

/** Colours of the guide as they are seen; of several names for one, the first. */
function namedColours({ records }: StyleDocument): { token: ColourToken; hex: string }[] {
  const found = new Map<string, ColourToken>()
  for (const token of Object.values(records.tokens)) {
    const hex = token.type === 'colour' ? tokenColour(records.tokens, token.id) : undefined
    if (hex && token.type === 'colour' && !found.has(hex)) found.set(hex, token)
  }
  return [...found].map(([hex, token]) => ({ hex, token }))
}

const percent = (share: number) => `${Math.round(share)} %`

function pastTheirShare(measured: Measured[]): string[] {
  return measured.flatMap(({ token: { name, share: meant }, share }) => {
    if (meant === undefined || share < TIMES * meant || share < meant + MORE) return []
    return [`${name} is meant for ${percent(meant)} of what is seen and covers ${percent(share)}`]
  })
}

function beforeTheirBetters(measured: Measured[]): string[] {
  const main = measured.find(({ token }) => token.prominence === 'primary')
  if (!main) return []
  return measured.flatMap(({ token, share }) => {
    if (token.prominence !== 'secondary' || share < SEEN || share < AHEAD * main.share) return []
    return [
      `${token.name} is to step behind ${main.token.name} and covers ${percent(share)} to its ${percent(main.share)}`,
    ]
  })
}
