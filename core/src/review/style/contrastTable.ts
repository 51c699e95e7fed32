import { contrastRatio } from '../../colour/contrast'
import { nearestPassing } from '../../colour/nearestPassing'
import { NEEDED, USUAL_PAIRS } from '../../colour/roles'
import { composited } from '../../colour/spaces'
import {
  markedToken,
  tokenColour,
  tokenMark,
  tokenOfRole,
  type ColourSet,
  type Token,
} from '../../style/token'
import type { PairInUse } from './pairsInUse'

/** A colour of the guide, or one that names no token. */
export interface TableColour {
  /** of its token */
  id?: string
  name: string
  hex: string
  set: ColourSet
}

export type ContrastLevel = 'AAA' | 'AA' | 'large only' | 'fails'

/** One line of the contrast table. */
export interface ContrastRow {
  id: string
  words: TableColour
  ground: TableColour
  /** what is told apart: words, large words, or what is no words */
  as: keyof typeof NEEDED
  ratio: number
  needed: number
  level: ContrastLevel
  passes: boolean
  /** how often drawings use it; nothing where it is only usual */
  places: PairInUse['places']
  /** the nearest colour of the words that passes */
  fix?: string
}

/**
 * The contrast of all pairs that drawings use, and of those a guide's roles make wherever it has both; those that fail
 * first, then by ratio.
 * @param pairs colours by the marks of their tokens, or as hex
 * @see WCAG 2.2, 1.4.3, 1.4.6 and 1.4.11
 */
export function contrastTable(tokens: Readonly<Record<string, Token>>, pairs: PairInUse[]): ContrastRow[] {
  const rows = new Map<string, ContrastRow>()
  const add = (words: string, ground: string, as: keyof typeof NEEDED, places: PairInUse['places']) => {
    const [above, below] = [words, ground].map((one) => tableColour(tokens, one))
    if (!above || !below) return
    const id = `${words} ${ground} ${as}`
    const known = rows.get(id)
    if (known) known.places.push(...places)
    else rows.set(id, rowOf(id, above, below, as, [...places]))
  }
  for (const { words, ground, isLarge, places } of pairs)
    add(words, ground, isLarge ? 'large' : 'words', places)
  for (const { on, over, as } of USUAL_PAIRS)
    for (const set of setsOf(tokens)) {
      const [ground, words] = [tokenOfRole(tokens, on), tokenOfRole(tokens, over)]
      if (ground && words) add(tokenMark(words.id, set), tokenMark(ground.id, set), as, [])
    }
  return [...rows.values()].sort((a, b) => Number(a.passes) - Number(b.passes) || a.ratio - b.ratio)
}

/** A guide has a dark set as soon as one of its colours is another there. */
const setsOf = (tokens: Readonly<Record<string, Token>>): ColourSet[] =>
  Object.values(tokens).some((token) => token.type === 'colour' && token.dark) ? ['light', 'dark'] : ['light']

function tableColour(tokens: Readonly<Record<string, Token>>, mark: string): TableColour | undefined {
  const marked = markedToken(mark)
  if (!marked) return { name: mark, hex: mark, set: 'light' }
  const { id, set } = marked
  const hex = tokenColour(tokens, id, set)
  return hex === undefined ? undefined : { id, name: tokens[id].name, hex, set }
}

function rowOf(
  id: string,
  words: TableColour,
  ground: TableColour,
  as: keyof typeof NEEDED,
  places: PairInUse['places'],
): ContrastRow {
  const seen = composited(words.hex, ground.hex)
  const ratio = contrastRatio(seen, ground.hex)
  const needed = NEEDED[as]
  const passes = ratio >= needed
  return {
    ...{ id, words, ground, as, ratio, needed, passes, places },
    level: levelOf(ratio),
    fix: passes ? undefined : nearestPassing(seen, ground.hex, needed),
  }
}

function levelOf(ratio: number): ContrastLevel {
  if (ratio >= 7) return 'AAA'
  if (ratio >= 4.5) return 'AA'
  return ratio >= 3 ? 'large only' : 'fails'
}
