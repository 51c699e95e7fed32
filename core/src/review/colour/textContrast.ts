import { contrastRatio } from '../../colour/contrast'
import { nearestPassing } from '../../colour/nearestPassing'
import type { Role } from '../../colour/roles'
import { ciede2000 } from '../../colour/ciede2000'
import { alphaOf, composited } from '../../colour/spaces'
import type { Json } from '../../document/types'
import type { StyleDocument } from '../../style/style'
import { tokenColour, type ColourSet } from '../../style/token'
import { inBothSets, named, type Sight } from '../drawing/atEachBand'
import type { DrawingRule } from '../drawing/drawingRule'
import { colourSetOf, type Seen } from '../drawing/seenBlocks'
import { contrastNeeded, ratioWords, wordContrast } from './wordContrast'

/** Words that do not stand out from what is behind them. @see WCAG 2.2, 1.4.3 */
export const textContrast: DrawingRule = {
  id: 'textContrast',
  label: 'Words hard to read on their ground',
  why: 'Under 4.5 to 1 (3 to 1 where text is large) many cannot read them, and nobody in the sun.',
  severity: 'serious',
  from: 'finished',
  find: (facts) => inBothSets(facts, ({ seen }) => seen.flatMap((one) => faint(facts.sources.style, one))),
}

/** Words that are hard to read, with the colour that would mend them. */
function faint(style: StyleDocument, one: Seen): Sight[] {
  const { ground, words, node } = one
  const isDisabled = node.attributes.disabled !== undefined
  if (!words || ground === undefined || isDisabled || node.attributes['aria-hidden']) return []
  const wanted = contrastNeeded(one)
  const ratio = wordContrast(one)
  if (ratio === undefined || ratio >= wanted) return []
  const says = `${named(one)} stands out from its ground by ${ratioWords(ratio)} to 1; ${wanted} are needed`
  const colour = alphaOf(node.look.colour) < 1 ? composited(node.look.colour, ground) : node.look.colour
  const mending = passing(style, colour, ground, wanted, colourSetOf(one))
  if (!mending || node.isPart) return [{ of: one, says }]
  const changes = [{ of: node, path: ['look', 'colour'], value: mending.value }]
  return [{ of: one, says, mend: { label: `Set it in ${mending.name}`, changes } }]
}

/** Roles of colours that words have; those of warnings and edges say something else. */
const OF_WORDS = new Set<Role>(['text', 'soft', 'link', 'onAction', 'ground', 'raised'])

/** CIEDE2000 by which a colour that has no role has to be nearer than one that is meant for words */
const BESIDE_ROLES = 20

/** The nearest colour that passes: one of the guide's, or else of the same hue. */
function passing(
  { records }: StyleDocument,
  colour: string,
  ground: string,
  wanted: number,
  set: ColourSet,
): { name: string; value: Json } | undefined {
  const tokens = Object.values(records.tokens).flatMap((token) => {
    if (token.type !== 'colour' || (token.role && !OF_WORDS.has(token.role))) return []
    const { id, name } = token
    const hex = tokenColour(records.tokens, id, set)
    if (!hex || alphaOf(hex) < 1 || contrastRatio(hex, ground) < wanted) return []
    const distance = ciede2000(colour, hex) + (token.role ? 0 : BESIDE_ROLES)
    return [{ id, name, distance }]
  })
  const near = tokens.sort((a, b) => a.distance - b.distance)[0]
  if (near) return { name: near.name, value: { token: near.id } }
  const hex = nearestPassing(colour, ground, wanted)
  return hex ? { name: hex, value: { hex } } : undefined
}
