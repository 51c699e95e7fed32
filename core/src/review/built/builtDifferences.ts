import { ciede2000 } from '../../colour/ciede2000'
import type { Rect } from '../../snap/rect'
import { inReadingOrder, matchParts, wordsAlike, type MatchedPart } from './matchParts'
import type { PagePart } from './pagePart'

/** What may differ, and what that is called. */
export const DIFFERENCES = {
  missing: 'Not built',
  extra: 'Not drawn',
  text: 'Words',
  place: 'Place',
  size: 'Size',
  type: 'Type',
  colour: 'Colour',
} as const
export type DifferenceKind = keyof typeof DIFFERENCES

/** Where what was built is not as it was drawn. */
export interface BuiltDifference {
  kind: DifferenceKind
  /** key of the drawn block, else of what was built */
  key: string
  /** what differs and by how much, naming the block */
  says: string
  /** how much it matters, px of the page or what is worth as many */
  weight: number
  drawn?: Rect
  built?: Rect
}

/** px that rounding may take, of a place, a size and a font; and a colour difference nobody sees (CIEDE2000) */
const [PX, FONT_PX, SEEN] = [2, 0.5, 2.3]
/** px a missing part, words of which nothing is the same, and a step of CIEDE2000 are worth */
const [MISSING, OTHER_WORDS, COLOUR_STEP] = [400, 200, 2]

/**
 * How a built page differs from its drawing at one width, the largest first. What only moved along with what stands
 * above it, or with the box it stands in, is not told again.
 */
export function builtDifferences(drawn: PagePart[], built: PagePart[]): BuiltDifference[] {
  const { pairs, missing, extra } = matchParts(drawn, built)
  const found = [
    ...missing.map((part): BuiltDifference => {
      return {
        kind: 'missing',
        key: part.key,
        says: `${part.name} is not there.`,
        weight: MISSING,
        drawn: part,
      }
    }),
    ...extra.filter(({ kind, words }) => kind !== 'box' && words !== '').map(extraOf),
    ...pairs.flatMap((pair) => [
      ...placeOf(pair, pairs),
      ...sizeOf(pair, pairs),
      ...wordsOf(pair),
      ...typeOf(pair),
      ...coloursOf(pair),
    ]),
  ]
  return found.sort((a, b) => b.weight - a.weight)
}

const extraOf = (part: PagePart): BuiltDifference => ({
  ...{ kind: 'extra', key: part.key, weight: MISSING / 2, built: part },
  says: `“${part.words.slice(0, 60)}” is there and was not drawn.`,
})

const differs = (pair: MatchedPart, kind: DifferenceKind, says: string, weight: number): BuiltDifference => ({
  ...{ kind, key: pair.drawn.key, says: `${pair.drawn.name} ${says}.`, weight },
  ...{ drawn: pair.drawn, built: pair.built },
})

function placeOf(pair: MatchedPart, pairs: MatchedPart[]): BuiltDifference[] {
  const holder = holderOf(pair, pairs)
  const above = aboveOf(pair, pairs, holder)
  const [dx, dy] = shiftOf(pair)
  const [holderX] = holder ? shiftOf(holder) : [0]
  const along = above
    ? above.built.y + above.built.h - (above.drawn.y + above.drawn.h)
    : holder
      ? shiftOf(holder)[1]
      : 0
  const [ownX, ownY] = [dx - holderX, dy - along]
  const said = [
    Math.abs(ownX) > PX && `${Math.round(Math.abs(ownX))} px further ${ownX > 0 ? 'right' : 'left'}`,
    Math.abs(ownY) > PX && `${Math.round(Math.abs(ownY))} px further ${ownY > 0 ? 'down' : 'up'}`,
  ].filter(Boolean)
  if (said.length === 0) return []
  return [differs(pair, 'place', `stands ${said.join(' and ')} than drawn`, Math.hypot(ownX, ownY))]
}

const shiftOf = ({ drawn, built }: MatchedPart): [x: number, y: number] => [
  built.x - drawn.x,
  built.y - drawn.y,
]

const isInside = (inner: Rect, outer: Rect): boolean =>
  inner.x >= outer.x - PX &&
  inner.y >= outer.y - PX &&
  inner.x + inner.w <= outer.x + outer.w + PX &&
  inner.y + inner.h <= outer.y + outer.h + PX

/** The smallest box it stands in, as drawn. */
function holderOf({ drawn }: MatchedPart, pairs: MatchedPart[]): MatchedPart | undefined {
  const area = ({ w, h }: Rect) => w * h
  return pairs
    .filter((other) => other.drawn !== drawn && other.drawn.kind === 'box' && isInside(drawn, other.drawn))
    .sort((a, b) => area(a.drawn) - area(b.drawn))[0]
}

/** The nearest part that stands above it in the same box, as drawn. */
function aboveOf(
  { drawn }: MatchedPart,
  pairs: MatchedPart[],
  holder: MatchedPart | undefined,
): MatchedPart | undefined {
  const isAbove = ({ drawn: other }: MatchedPart) =>
    other !== drawn &&
    other.y + other.h <= drawn.y + PX &&
    other.x < drawn.x + drawn.w &&
    other.x + other.w > drawn.x &&
    (!holder || isInside(other, holder.drawn))
  const bottom = ({ drawn: one }: MatchedPart) => one.y + one.h
  return pairs.filter(isAbove).sort((a, b) => bottom(b) - bottom(a) || inReadingOrder(a.drawn, b.drawn))[0]
}

function sizeOf(pair: MatchedPart, pairs: MatchedPart[]): BuiltDifference[] {
  const { drawn, built } = pair
  // Other words take other room.
  if (drawn.kind !== 'box' && drawn.words !== built.words) return []
  // A box is as high as what stands in it, of which its own is told.
  const holds = drawn.kind === 'box' && pairs.some((other) => other !== pair && isInside(other.drawn, drawn))
  const [dw, dh] = [built.w - drawn.w, holds ? 0 : built.h - drawn.h]
  const said = [
    Math.abs(dw) > PX && `${Math.round(built.w)} px wide, drawn ${Math.round(drawn.w)}`,
    Math.abs(dh) > PX && `${Math.round(built.h)} px high, drawn ${Math.round(drawn.h)}`,
  ].filter(Boolean)
  if (said.length === 0) return []
  return [differs(pair, 'size', `is ${said.join(', and ')}`, Math.max(Math.abs(dw), Math.abs(dh)))]
}

function wordsOf(pair: MatchedPart): BuiltDifference[] {
  const { drawn, built } = pair
  if (drawn.words === built.words || drawn.kind === 'box') return []
  const shown = (words: string) =>
    words ? `“${words.slice(0, 60)}${words.length > 60 ? '…' : ''}”` : 'nothing'
  const weight = Math.max(8, OTHER_WORDS * (1 - wordsAlike(drawn.words, built.words)))
  const verb = drawn.kind === 'picture' ? 'is described as' : 'says'
  return [differs(pair, 'text', `${verb} ${shown(built.words)}, drawn ${shown(drawn.words)}`, weight)]
}

function typeOf(pair: MatchedPart): BuiltDifference[] {
  const { drawn, built } = pair
  if (drawn.size === undefined || built.size === undefined) return []
  const size = Math.abs(built.size - drawn.size)
  const px = (value: number) => Math.round(value * 10) / 10
  const heavier = drawn.weight !== undefined && built.weight !== undefined && drawn.weight !== built.weight
  const said = [
    size > FONT_PX && `set in ${px(built.size)} px, drawn ${px(drawn.size)}`,
    heavier && `of weight ${built.weight}, drawn ${drawn.weight}`,
  ].filter(Boolean)
  return said.length
    ? [differs(pair, 'type', `is ${said.join(', and ')}`, 8 * size + (heavier ? 20 : 0))]
    : []
}

function coloursOf(pair: MatchedPart): BuiltDifference[] {
  const { drawn, built } = pair
  const found = (
    [
      ['', drawn.colour, built.colour],
      ['on ', drawn.ground, built.ground],
    ] as const
  ).flatMap(([word, wanted, is]) => {
    if (!wanted || !is) return []
    const apart = ciede2000(wanted, is)
    return apart > SEEN ? [{ says: `${word}${is}, drawn ${word}${wanted}`, apart }] : []
  })
  if (found.length === 0) return []
  const most = Math.max(...found.map(({ apart }) => apart))
  return [differs(pair, 'colour', `is ${found.map(({ says }) => says).join(', and ')}`, COLOUR_STEP * most)]
}
