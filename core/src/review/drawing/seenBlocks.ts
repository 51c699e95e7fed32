import { ciede2000 } from '../../colour/ciede2000'
import { isLargeText } from '../../colour/largeText'
import { alphaOf, composited } from '../../colour/spaces'
import type { Box } from '../../layout/box'
import type { PageLayout } from '../../layout/pageLayout'
import type { BlockNode } from '../../resolve/node'
import type { Rect } from '../../snap/rect'
import type { ColourSet } from '../../style/token'

/** An instance as it is seen on a finished page, px of the page. */
export interface Seen extends Rect {
  node: BlockNode
  box: Box
  parent?: Seen
  children: Seen[]
  /** the block it is, or is a part of */
  block: Seen
  /** the colour it stands on; nothing over a picture or a gradient */
  behind?: string
  /** the colour of its own ground: what is behind it where it has none */
  ground?: string
  /** what it says, trimmed */
  words: string
  /** what it says as a whole: a button that leads, or has a sign, has its words in a part of its own */
  label: string
}

/** Everything that is seen on a page, in reading order, parents first. */
export function seenBlocks(layout: PageLayout): Seen[] {
  const all: Seen[] = []
  const walk = (box: Box, x: number, y: number, parent: Seen | undefined): Seen => {
    const { node } = box
    const behind = parent ? parent.ground : layout.ground
    const one: Seen = {
      ...{ node, box, x: x + box.x, y: y + box.y, w: box.w, h: box.h },
      ...{ parent, children: [], behind, ground: groundOf(node, behind), words: wordsOf(node) },
    } as unknown as Seen
    one.block = node.isPart && parent ? parent.block : one
    all.push(one)
    one.children = box.children.map((child) => walk(child, one.x, one.y, one))
    one.label = wordedPart(one)?.words ?? ''
    return one
  }
  for (const section of layout.sections) walk(section, 0, 0, undefined)
  return all
}

function groundOf({ look, content }: BlockNode, behind: string | undefined): string | undefined {
  const { fill, backdrop, gradient } = look
  if (backdrop || gradient || content.type === 'picture') return undefined
  if (fill === undefined) return behind
  if (alphaOf(fill) === 1) return fill
  return behind === undefined ? undefined : composited(fill, behind)
}

function wordsOf({ content }: BlockNode): string {
  if (content.type === 'text')
    return content.runs
      .map(({ text }) => text)
      .join('')
      .trim()
  return content.type === 'control' ? content.shows.trim() : ''
}

/** Where the words of something stand: in itself, or in a part of what is pressed as a whole. */
export function wordedPart(one: Seen): Seen | undefined {
  if (one.words) return one
  if (one.node.isPart || !isTarget(one)) return undefined
  return one.children.find(({ node, words }) => node.isPart && words)
}

/** px of the font something is set in. */
export const sizeOf = (one: Seen): number => (one.box.font ?? wordedPart(one)?.box.font)?.size ?? 16

export const isLarge = (one: Seen): boolean => isLargeText(sizeOf(one), one.node.look.level.weight)

export const isHeading = ({ node }: Seen): boolean => /^h[1-6]$/.test(node.tag)

const TARGETS = new Set(['button', 'input', 'select', 'textarea', 'summary'])

/** Whether it is pressed, followed or written in. */
export const isTarget = ({ node: { tag, attributes } }: Seen): boolean =>
  TARGETS.has(tag) || (tag === 'a' && attributes.href !== undefined)

/** Whether something it stands in is so. */
export function isWithin({ parent }: Seen, is: (outer: Seen) => boolean): boolean {
  return parent !== undefined && (is(parent) || isWithin(parent, is))
}

/** The set of the guide's colours it is shown in: that of the nearest block that says so. */
export const colourSetOf = ({ node, parent }: Seen): ColourSet =>
  node.look.colourSet ?? (parent ? colourSetOf(parent) : 'light')

/** Lines of words it takes, with the px it has for each. */
export function linesOf(one: Seen): { count: number; room: number } {
  const { box, w, h } = one
  const room = w - box.insetLeft - box.insetRight
  const tall = h - box.insetTop - box.insetBottom
  return { count: box.font ? Math.round(tall / box.font.lineHeight) : 0, room }
}

/** The px of a border's four sides that are seen. */
export const hasEdge = ({ box, node }: Seen): boolean =>
  box.border.some((width) => width > 0) || node.look.shadow.length > 0

/** CIEDE2000 from which on a ground is seen against what is behind it, wherever its edge runs */
const SEEN_APART = 3

/** Whether one sees where it ends: by a frame around it, or by its ground. */
export function hasSeenEdge({ node, ground, behind, box }: Seen): boolean {
  if (box.border.every((width) => width > 0)) return true
  if (node.look.fill === undefined || ground === undefined || behind === undefined) return false
  return ciede2000(ground, behind) > SEEN_APART
}

/** What is pressed and looks so: words with a ground or an edge of their own. */
export const isDrawnAction = (one: Seen): boolean =>
  isTarget(one) &&
  !one.node.isPart &&
  one.label !== '' &&
  one.node.content.type !== 'control' &&
  (one.node.look.fill !== undefined || hasEdge(one))

/** A button, or a link that looks like one, with a ground of its own: what a page asks one to do. */
export const isFilledAction = ({ node, label, ground, behind }: Seen): boolean =>
  (node.tag === 'button' || node.tag === 'a') &&
  !node.isPart &&
  label !== '' &&
  node.look.fill !== undefined &&
  ground !== behind
