import type { PageLayout } from '../../layout/pageLayout'
import { breakLines } from '../../text/lines'
import { isDrawnAction, isTarget, seenBlocks, sizeOf, type Seen } from '../drawing/seenBlocks'
import type { JudgedBlock } from './judgedBlock'

/** A part of a page that is seen at once, px. */
export interface PageWindow {
  top: number
  height: number
}

/** px of a side under which nothing is met by itself */
const SPECK = 4

/** What there is to meet in a window of a page, in the order it is painted. Grounds of sections are what it stands on. */
export function judgedBlocks(layout: PageLayout, { top, height }: PageWindow): JudgedBlock[] {
  const judged: JudgedBlock[] = []
  const visit = (one: Seen) => {
    const own = judgedAs(one)
    if (own) judged.push(own)
    else one.children.forEach(visit)
  }
  const all = seenBlocks(layout)
  all.filter(({ parent }) => !parent).forEach(visit)
  return judged.flatMap((block) => {
    const y = Math.max(0, block.y - top)
    const h = Math.min(height, block.y + block.h - top) - y
    const x = Math.max(0, block.x)
    const w = Math.min(layout.width, block.x + block.w) - x
    return w >= SPECK && h >= SPECK ? [{ ...block, x, y, w, h }] : []
  })
}

/** A block that is met as one; nothing where what stands in it is met. */
function judgedAs(one: Seen): JudgedBlock | undefined {
  const { node, words, x, y, w, h } = one
  const named = { key: node.key, name: one.block.node.name, x, y, w, h }
  const { type } = node.content
  if (type === 'picture') return { ...named, kind: 'picture' }
  if (type === 'icon' || type === 'shape' || type === 'piece') return { ...named, kind: 'shape' }
  if (type === 'control') return { ...named, kind: 'button' }
  if (type !== 'text') return partsAsOne(one)
  if (!words) return undefined
  const font = { size: sizeOf(one), weight: node.look.level.weight }
  if (isTarget(one) && (node.look.fill !== undefined || one.box.border[0] > 0))
    return { ...named, kind: 'button', ...font }
  return { ...named, ...tightAround(one), kind: 'text', ...font }
}

/** Menus, lists and tables are met as one, by the words in them. */
function partsAsOne(one: Seen): JudgedBlock | undefined {
  if (one.node.isPart || one.children.length === 0 || !one.children.every(({ node }) => node.isPart))
    return undefined
  const texts: Seen[] = []
  const visit = (part: Seen) => {
    if (part.words) texts.push(part)
    part.children.forEach(visit)
  }
  visit(one)
  const [first] = texts
  if (!first || texts.some(({ node }) => !node.isPart)) return undefined
  const left = Math.min(...texts.map(({ x }) => x))
  const top = Math.min(...texts.map(({ y }) => y))
  const right = Math.max(...texts.map(({ x, w }) => x + w))
  const bottom = Math.max(...texts.map(({ y, h }) => y + h))
  const { name, key } = one.node
  const font = { size: sizeOf(first), weight: first.node.look.level.weight }
  const { x, y, w, h } = one
  if (isDrawnAction(one)) return { key, name, x, y, w, h, kind: 'button', ...font }
  return { key, name, x: left, y: top, w: right - left, h: bottom - top, kind: 'text', ...font }
}

/** The rectangle of a text's lines: not the column it stands in. */
export function tightAround({ box, node, x, y, w, h }: Seen) {
  if (!box.paragraph || !box.font) return { x, y, w, h }
  const room = w - box.insetLeft - box.insetRight
  const lines = breakLines(box.paragraph, room).slice(0, node.look.lines ?? Infinity)
  const widest = Math.min(room, Math.max(...lines.map(({ width }) => width)))
  const beside = room - widest
  const { textAlign } = node.look
  const left = textAlign === 'centre' ? beside / 2 : textAlign === 'end' ? beside : 0
  return {
    x: x + box.insetLeft + left,
    y: y + box.insetTop,
    w: widest,
    h: lines.length * box.font.lineHeight,
  }
}
