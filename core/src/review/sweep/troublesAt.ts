import type { Box } from '../../layout/box'
import type { PageLayout } from '../../layout/pageLayout'
import { cutsOff, type BlockNode } from '../../resolve/node'
import { countLines } from '../../text/lines'
import type { Trouble } from './trouble'

/** Told of a block's trouble, with the px it is off by; of words, how many lines they take. */
export type TellTrouble = (trouble: Trouble, node: BlockNode, by: number) => void

/** px that do not show */
const SLACK = 0.5
/** px under which text cannot be read; lines, and words to a line, of a column of words */
const [SMALL, LINES, WORDS] = [12, 3, 1.5]

/**
 * Everything that is wrong with a page at the width it is laid out at, by geometry alone. It is asked for at every width
 * there is, so it walks the boxes once and makes nothing.
 */
export function troublesAt(layout: PageLayout, tell: TellTrouble): void {
  for (const section of layout.sections) walk(section, 0, 0, layout.width, false, false, tell)
}

/**
 * @param isClipped whether what runs out of something around it is not seen
 * @param isOut whether something around it runs out of the page already
 * @param block the one it is a part of
 */
function walk(
  box: Box,
  left: number,
  top: number,
  pageWidth: number,
  isClipped: boolean,
  isOut: boolean,
  tell: TellTrouble,
  block = box.node,
) {
  const { node, children } = box
  const own = node.isPart ? block : node
  const x = left + box.x
  const y = top + box.y
  const { w, h } = box
  const over = Math.max(-x, x + w - pageWidth)
  const isOwnOut = over > SLACK
  if (isOwnOut && !isOut && !isClipped) tell('outOfPage', own, over)
  words(box, tell)
  if (children.length === 0) return
  const isCut = cutsOff(node.place)
  if (node.place.overflow !== 'scroll' && !(h === 0 && node.place.sticky))
    for (const child of children) {
      // What runs out of the page is told as that.
      const isPastPage =
        !isClipped && !isCut && (x + child.x < -SLACK || x + child.x + child.w > pageWidth + SLACK)
      if (!isPastPage && !isOwnOut) outOf(child, w, h, isCut, tell)
    }
  if (node.arrange.type === 'placed') overlapping(children, tell)
  for (const child of children) walk(child, x, y, pageWidth, isClipped || isCut, isOut || isOwnOut, tell, own)
}

function outOf(child: Box, w: number, h: number, isCut: boolean, tell: TellTrouble) {
  const { x, y, node } = child
  if (node.isPart || child.h === 0) return
  const over = Math.max(-x, x + child.w - w, -y, y + child.h - h)
  if (over <= SLACK) return
  tell(isCut ? 'cut' : 'outOfHolder', node, over)
}

/** Freely placed blocks that are looked at with each other; of more in one place nobody keeps an overview. */
const MOST_FREE = 150

function overlapping(all: Box[], tell: TellTrouble) {
  const children = all.length > MOST_FREE ? all.slice(0, MOST_FREE) : all
  for (let later = 1; later < children.length; later++)
    for (let first = 0; first < later; first++) {
      const [a, b] = [children[first], children[later]]
      const across = Math.min(a.x + a.w, b.x + b.w) - Math.max(a.x, b.x)
      const down = Math.min(a.y + a.h, b.y + b.h) - Math.max(a.y, b.y)
      if (across > 1 && down > 1) tell('overlaps', b.node, Math.min(across, down))
    }
}

function words(
  { node, paragraph, font, w, h, insetLeft, insetRight, insetTop, insetBottom }: Box,
  tell: TellTrouble,
) {
  if (!paragraph || !font || paragraph.text.length === 0) return
  if (font.size < SMALL && paragraph.text.trim()) tell('small', node, SMALL - font.size)
  const fits = Math.round((h - insetTop - insetBottom) / font.lineHeight)
  const most = node.look.lines
  const isSet = most !== undefined || node.place.height.type === 'fixed' || node.place.maxHeight !== undefined
  if (isSet) {
    const count = countLines(paragraph, w - insetLeft - insetRight)
    const seen = Math.min(most ?? count, fits)
    if (count > seen && fits > 0) tell('cut', node, count - seen)
  }
  if (
    fits >= LINES &&
    !node.isPart &&
    wordsIn(node, paragraph.text) / fits < WORDS &&
    wordsIn(node, paragraph.text) >= LINES
  )
    tell('oneWord', node, fits)
}

/** Words are counted once for each text. */
const counted = new WeakMap<BlockNode, number>()
function wordsIn(node: BlockNode, text: string): number {
  let count = counted.get(node)
  if (count === undefined) {
    // Lines that were broken by hand are meant to be short.
    count = text.includes('\n') ? Infinity : text.split(/\s+/).filter(Boolean).length
    counted.set(node, count)
  }
  return count
}
