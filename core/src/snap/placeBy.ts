import type { Json } from '../document/types'
import { moveBlocks, setLeaf } from '../edit/blockChanges'
import { siblingsAtBand } from '../resolve/siblings'
import { readLength } from '../units/typedLength'
import { moveFree, type Arranged } from './alignBlocks'
import { insideBorder, type DrawnPage, type Placed } from './drawnPage'
import { endOf, middleOf, startOf, type Axis, type Rect } from './rect'
import { SPACE_BEFORE } from './spacing'
import { isPlacedFreely } from './typedFigure'

/** Where something is to stand, as it was said: “48 below Headline”. */
export interface PlaceWish {
  distance: number
  side: 'below' | 'above' | 'left' | 'right'
  /** the name of what it is measured from */
  of: string
}

const SAID = /^(.{1,60}?)\s{1,3}(below|above|left of|right of)\s{1,3}(.{1,200})$/i

/** Reads “48 below Headline”, “2*24 right of Photo”, “164 above the centre”. */
export function readPlace(text: string, spell: (text: string) => string): PlaceWish | { error: string } {
  const [, figure, side, of] = SAID.exec(text.trim()) ?? []
  if (figure === undefined)
    return { error: 'Say it like “48 below Headline”, “24 right of Photo” or “164 above the centre”.' }
  const read = readLength(spell(figure))
  if ('error' in read) return { error: read.error }
  if (read.length.unit !== 'px') return { error: 'Say the distance in px.' }
  const [way] = side.toLowerCase().split(' ') as [PlaceWish['side']]
  return { distance: read.length.value, side: way, of: of.trim() }
}

/**
 * Places a block so far from another: one that stands freely is moved, one in a column comes after the other with that
 * space before it.
 */
export function placeBy(page: DrawnPage, one: Placed, { distance, side, of }: PlaceWish): Arranged {
  if (page.blocks[one.record]?.locked) return { reason: `${one.box.node.name} is locked.` }
  const reference = referenceFor(page, one, of)
  if (!reference) return { reason: `There is no “${of}” on this page to measure from.` }
  const axis: Axis = side === 'below' || side === 'above' ? 'y' : 'x'
  const isAfter = side === 'below' || side === 'right'
  if (isPlacedFreely(page, one)) {
    const [from, to] = [startOf(one, axis), endOf(one, axis)]
    const edge = isAfter ? endOf(reference.rect, axis) : startOf(reference.rect, axis)
    const by = isAfter ? edge + distance - from : edge - distance - to
    return { operations: moveFree(page, one, axis, by), says: '' }
  }
  return placeInLine(page, one, reference.placed, axis, isAfter, distance)
}

/** The block of that name, or a line of what the block stands in or of the page. */
function referenceFor(page: DrawnPage, one: Placed, of: string): { rect: Rect; placed?: Placed } | undefined {
  const word = of.toLowerCase().replace(/^the /, '')
  const parent = one.parent === null ? undefined : page.placed.get(one.parent)
  const room = parent ? insideBorder(parent) : { x: 0, y: 0, w: page.width, h: page.height }
  const named = [...page.placed.values()].filter(
    ({ box }) => box.node.name.toLowerCase() === of.toLowerCase(),
  )
  // The nearest of that name is meant: a sibling before one elsewhere.
  const placed = named.find(({ parent: its }) => its === one.parent) ?? named[0]
  if (placed && placed.key !== one.key) return { rect: placed, placed }
  if (word === 'centre' || word === 'middle')
    return { rect: { x: middleOf(room, 'x'), y: middleOf(room, 'y'), w: 0, h: 0 } }
  if (word === 'top') return { rect: { ...room, h: 0 } }
  if (word === 'foot' || word === 'bottom') return { rect: { ...room, y: room.y + room.h, h: 0 } }
  if (word === 'left edge' || word === 'left') return { rect: { ...room, w: 0 } }
  if (word === 'right edge' || word === 'right') return { rect: { ...room, x: room.x + room.w, w: 0 } }
  return undefined
}

function placeInLine(
  page: DrawnPage,
  one: Placed,
  reference: Placed | undefined,
  axis: Axis,
  isAfter: boolean,
  distance: number,
): Arranged {
  const parent = one.parent === null ? undefined : page.placed.get(one.parent)
  const along = parent?.box.arrange === 'row' ? 'x' : parent?.box.arrange === 'column' ? 'y' : undefined
  const { name } = one.box.node
  if (!parent || along !== axis || !reference || reference.parent !== one.parent)
    return {
      reason: `${name} stands where ${parent?.box.node.name ?? 'the page'} puts it. Measure from a block beside it there, along the way they follow one another.`,
    }
  if (distance < 0)
    return { reason: 'Blocks that follow one another cannot overlap. Use a distance of 0 or more.' }
  const [first, later] = isAfter ? [reference, one] : [one, reference]
  const siblings = siblingsAtBand(page.blocks, parent.record, page.at).map(({ id }) => id)
  const follows = siblings.indexOf(later.record) === siblings.indexOf(first.record) + 1
  const index = siblings.indexOf(reference.record) + (isAfter ? 1 : 0)
  return {
    operations: [
      ...(follows ? [] : moveBlocks(page.blocks, [one.record], { parent: parent.record, index }, page.at)),
      ...setLeaf([later.record], SPACE_BEFORE, page.write(distance) as unknown as Json, page.at),
    ],
    says: `${later.box.node.name} has its own space before it now.`,
  }
}
