import { alphaOf, composited } from '../../colour/spaces'
import type { PageLayout } from '../../layout/pageLayout'
import { inCase } from '../../text/textCase'
import { isTarget, seenBlocks, sizeOf, type Seen } from '../drawing/seenBlocks'
import { tightAround } from '../hierarchy/judgedBlocks'
import type { PagePart } from './pagePart'

/** What one sees of a drawn page, as what is built is compared with. */
export const drawnParts = (layout: PageLayout): PagePart[] =>
  seenBlocks(layout).flatMap((one) => {
    const kind = kindOf(one)
    return kind && one.w > 0 && one.h > 0 ? [partOf(one, kind)] : []
  })

function kindOf(one: Seen): PagePart['kind'] | undefined {
  const { node, box, words } = one
  const { type } = node.content
  const hasGround = node.look.fill !== undefined || box.border.some((width) => width > 0)
  if (type === 'picture') return 'picture'
  if (type === 'control') return 'control'
  if (type === 'text') return words ? (isTarget(one) && hasGround ? 'button' : 'text') : undefined
  return hasGround && !node.isPart ? 'box' : undefined
}

function partOf(one: Seen, kind: PagePart['kind']): PagePart {
  const { node, x, y, w, h, ground } = one
  const { key, look, content } = node
  // A text is as wide as its longest line: how wide its column is, nobody sees.
  const rect = kind === 'text' ? tightAround(one) : { x, y, w, h }
  const said = content.type === 'picture' ? (content.alt ?? '') : wordsIn(one)
  const part: PagePart = { key, name: nameOf(one), kind, ...rect, words: oneLine(said) }
  if (kind === 'text' || kind === 'button')
    Object.assign(part, {
      colour: onGround(look.colour, ground),
      size: sizeOf(one),
      weight: look.level.weight,
    })
  if (kind === 'box' || kind === 'button') part.ground = ground
  return part
}

/** What something says, with all that stands in it. */
const wordsIn = ({ node, words, children }: Seen): string =>
  [inCase(words, node.look.level.case), ...children.map(wordsIn)].filter(Boolean).join(' ')

/** Parts of a block, as the lines of a menu, go by what they say. */
const nameOf = ({ node, block, words }: Seen): string =>
  node.isPart && words ? `“${words.slice(0, 40)}” in ${block.node.name}` : block.node.name

/** White space as a browser shows it. */
export const oneLine = (words: string): string => words.replace(/\s+/g, ' ').trim()

/** A colour as it is seen. */
export const onGround = (colour: string, ground: string | undefined): string =>
  alphaOf(colour) < 1 && ground ? composited(colour, ground) : colour.slice(0, 7)
