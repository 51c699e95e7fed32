import { refusesParent, standsOnPage, type Block } from '../block/block'
import type { Json, Operation } from '../document/types'
import { insertBlocks, moveBlocks, removeBlocks, setLeaf, spotAfter } from '../edit/blockChanges'
import { siblingsAtBand } from '../resolve/siblings'
import { roundTo } from '../units/length'
import { columnsOf, spanOf } from './containerColumns'
import { childrenOf, insideBorder, outermostPlaced, type DrawnPage, type Placed } from './drawnPage'
import { freePlace } from './freePlace'
import { boundsOf, type Rect } from './rect'
import { findStructure } from './structure/findStructure'
import { looseOf } from './structure/structureChange'
import { writeStructure } from './structure/writeStructure'

/** A group that was made, with its box; or why there is none. */
export type Grouped = { operations: Operation[]; box: string } | { reason: string }

/**
 * Puts blocks that stand beside one another into a box that reproduces them: on columns one of as many columns, in a row or
 * a column one that goes on the same way, and of freely placed blocks the row, column or grid that they stand in.
 */
export function groupBlocks(page: DrawnPage, keys: string[], newId: () => string): Grouped {
  const ones = outermostPlaced(page, keys)
  if (ones.length === 0) return { reason: 'Select what is to be grouped.' }
  if (ones.some(({ record }) => page.blocks[record]?.locked))
    return { reason: 'What is locked keeps its place: unlock it first.' }
  const [first] = ones
  const parent = first.parent === null ? undefined : page.placed.get(first.parent)
  if (!parent || ones.some((one) => one.parent !== first.parent))
    return { reason: 'Only blocks that stand in the same box or section can be grouped.' }
  const box: Block = { id: newId(), kind: 'box', name: 'Group', order: 'a0', parent: parent.record }
  switch (parent.box.arrange) {
    case 'grid':
      return groupOnColumns(page, ones, parent, box)
    case 'placed':
      return groupFree(page, ones, parent, box, newId)
    default:
      return groupInLine(page, ones, parent, box)
  }
}

/** The box where the first of them stood, and they in it. */
function boxAround({ blocks, at }: DrawnPage, ones: Placed[], parent: Placed, box: Block): Operation[] {
  const records = ones.map(({ record }) => record)
  const siblings = siblingsAtBand(blocks, parent.record, at)
  const index = siblings.findIndex(({ id }) => records.includes(id))
  return [
    ...insertBlocks(blocks, { parent: parent.record, index }, [[box]], at),
    ...moveBlocks({ ...blocks, [box.id]: box }, records, { parent: box.id, index: 0 }, at),
  ]
}

function groupOnColumns(page: DrawnPage, ones: Placed[], parent: Placed, box: Block): Grouped {
  const columns = columnsOf(parent)
  const starts = ones.map(({ box: { column } }) => column)
  const first = Math.min(...starts)
  const last = Math.max(...ones.map((one) => one.box.column + spanOf(one, columns.length) - 1))
  const span = last - first + 1
  const px = (value: number) => page.write(roundTo(value, 2)) as unknown as Json
  const made: Block = {
    ...box,
    arrange: {
      type: 'grid',
      tracks: span,
      gap: page.write(roundTo(parent.box.columnGap, 2)),
      align: parent.box.node.arrange.align,
    },
    place: { column: { ...(span === columns.length ? {} : { start: first }), span } },
  }
  const { columnGap, rowGap } = parent.box
  return {
    box: box.id,
    operations: [
      ...boxAround(page, ones, parent, made),
      ...(rowGap === columnGap ? [] : setLeaf([box.id], ['arrange', 'rowGap'], px(rowGap), page.at)),
      ...ones.flatMap((one) =>
        setLeaf([one.record], ['place', 'column', 'start'], one.box.column - first + 1, page.at),
      ),
    ],
  }
}

function groupInLine(page: DrawnPage, ones: Placed[], parent: Placed, box: Block): Grouped {
  const { arrange, node } = parent.box
  const isRow = arrange === 'row'
  const { space } = ones[0].box
  const made: Block = {
    ...box,
    arrange: {
      type: isRow ? 'row' : 'column',
      gap: page.write(roundTo(isRow ? parent.box.columnGap : parent.box.rowGap, 2)),
      align: node.arrange.align,
    },
    place: {
      width: isRow ? widthInRow(page, ones, parent) : 'fill',
      // Space before the first of them is the group's from now on.
      ...(space === undefined ? {} : { space: page.write(roundTo(space, 2)) }),
    },
  }
  return { box: box.id, operations: boxAround(page, ones, parent, made) }
}

/** A group in a row takes the share that its blocks took, and is else as wide as they are. */
function widthInRow(page: DrawnPage, ones: Placed[], parent: Placed): 'fit' | 'fill' | { share: number } {
  const shareOf = ({ box }: Placed) => {
    const { width } = box.node.place
    return width.type === 'fill' ? width.share : 0
  }
  if (!ones.some(shareOf)) return 'fit'
  const other = childrenOf(page, parent).find((one) => !ones.includes(one) && shareOf(one) > 0)
  if (!other) return 'fill'
  // What is padding is not shared.
  const unit = (other.w - other.box.insetLeft - other.box.insetRight) / shareOf(other)
  const share = unit > 0 ? roundTo(boundsOf(ones).w / unit, 4) : 1
  return share >= 1 && share <= 100 ? { share } : 'fill'
}

function groupFree(
  page: DrawnPage,
  ones: Placed[],
  parent: Placed,
  box: Block,
  newId: () => string,
): Grouped {
  const bounds = boundsOf(ones)
  const inside = insideBorder(parent)
  const made: Block = {
    ...box,
    place: {
      width: page.write(roundTo(bounds.w, 2)),
      height: 'fit',
      anchor: { x: 'start', y: 'start' },
      offset: {
        left: page.write(roundTo(bounds.x - inside.x, 2)),
        top: page.write(roundTo(bounds.y - inside.y, 2)),
      },
    },
  }
  const structure = findStructure(ones.map((one) => looseOf(page, one)))
  const around = { ...page, blocks: { ...page.blocks, [box.id]: made } }
  return {
    box: box.id,
    operations: [
      ...boxAround(page, ones, parent, made),
      ...(structure.found.type === 'placed'
        ? placedIn(page, ones, box.id, bounds)
        : writeStructure(around, box.id, bounds, structure, newId)),
    ],
  }
}

/** Blocks that overlap stay placed freely, in the box that is made around them. */
function placedIn(page: DrawnPage, ones: Placed[], box: string, bounds: Rect): Operation[] {
  const px = (value: number) => page.write(roundTo(value, 2)) as unknown as Json
  return [
    ...setLeaf([box], ['arrange', 'type'], 'placed', page.at),
    ...setLeaf([box], ['place', 'height'], px(bounds.h), page.at),
    ...ones.flatMap((one) => freePlace(page, one, bounds)),
  ]
}

/**
 * Takes boxes away and leaves what stood in them where it stands: on the columns it stood on, or at its place among what
 * stands freely.
 */
export function ungroupBlocks(
  page: DrawnPage,
  keys: string[],
): { operations: Operation[]; freed: string[] } | { reason: string } {
  const boxes = outermostPlaced(page, keys).filter(
    (one) =>
      one.parent !== null && page.blocks[one.record]?.kind === 'box' && childrenOf(page, one).length > 0,
  )
  if (boxes.length === 0)
    return { reason: 'Select a box with blocks in it: sections and single blocks have no group to leave.' }
  const freed: string[] = []
  const operations = boxes.flatMap((box) => {
    const parent = page.placed.get(box.parent as string) as Placed
    const children = childrenOf(page, box)
    const records = children.map(({ record }) => record)
    freed.push(...children.map(({ key }) => key))
    return [
      ...moveBlocks(page.blocks, records, spotAfter(page.blocks, box.record, page.at), page.at),
      ...children.flatMap((one) => standWithout(page, one, box, parent)),
      ...removeBlocks(page.blocks, [box.record]),
    ]
  })
  return { operations, freed }
}

/** What keeps a block where it stood when the box around it is gone. */
function standWithout(page: DrawnPage, one: Placed, box: Placed, parent: Placed): Operation[] {
  if (parent.box.arrange === 'placed') return freePlace(page, one, insideBorder(parent))
  if (parent.box.arrange !== 'grid') return []
  const count = columnsOf(parent).length
  const set = (leaf: string, value: number) =>
    setLeaf([one.record], ['place', 'column', leaf], value, page.at)
  if (box.box.arrange === 'grid') {
    const start = box.box.column + one.box.column - 1
    return [...set('start', Math.min(start, count)), ...set('span', spanOf(one, columnsOf(box).length))]
  }
  // Out of a row or a column it takes the columns of the box it stood in.
  return [...set('start', box.box.column), ...set('span', spanOf(box, count))]
}

/** Puts blocks into a section of their own, after the one they stand in. */
export function wrapInSection(page: DrawnPage, keys: string[], newId: () => string): Grouped {
  const ones = outermostPlaced(page, keys)
  const inner = ones.filter((one) => one.parent !== null)
  if (inner.length === 0)
    return { reason: 'Select blocks that stand in a section: a section stands on the page itself.' }
  const section: Block = { id: newId(), kind: 'section', order: 'a0' }
  let root = inner[0]
  for (let up = root.parent; up !== null; up = root.parent) root = page.placed.get(up) as Placed
  const refused = inner.find((one) => refusesParent(section, page.blocks[one.record]))
  if (refused) return { reason: `${refused.box.node.name} cannot stand in a section.` }
  const withSection = { ...page.blocks, [section.id]: section }
  const spot = spotAfter(page.blocks, root.record, page.at)
  return {
    box: section.id,
    operations: [
      ...insertBlocks(page.blocks, spot, [[section]], page.at),
      ...moveBlocks(
        withSection,
        inner.map(({ record }) => record),
        { parent: section.id, index: 0 },
        page.at,
      ),
    ],
  }
}

/** Moves a block out of what it stands in, to stand after that. */
export function raiseBlock({ blocks, at }: DrawnPage, record: string): Operation[] | { reason: string } {
  const parent = blocks[record]?.parent
  const outer = parent === undefined ? undefined : blocks[parent]?.parent
  if (parent === undefined || refusesParent(outer === undefined ? undefined : blocks[outer], blocks[record]))
    return { reason: 'It stands as far out as it can.' }
  return moveBlocks(blocks, [record], spotAfter(blocks, parent, at), at)
}

/** Moves a block into the one before it, as the last of what stands there. */
export function lowerBlock({ blocks, at }: DrawnPage, record: string): Operation[] | { reason: string } {
  const siblings = siblingsAtBand(blocks, blocks[record]?.parent ?? null, at)
  const before = siblings[siblings.findIndex(({ id }) => id === record) - 1]
  const into = before && blocks[before.id]
  if (!into || standsOnPage(blocks[record]) || refusesParent(into, blocks[record]))
    return { reason: 'Before it stands nothing that holds blocks.' }
  return moveBlocks(
    blocks,
    [record],
    { parent: into.id, index: siblingsAtBand(blocks, into.id, at).length },
    at,
  )
}

/** Brings blocks that stand freely before or behind all others there. */
export function stackBlocks(
  page: DrawnPage,
  keys: string[],
  to: 'front' | 'back',
): Operation[] | { reason: string } {
  const ones = outermostPlaced(page, keys)
  const parent = ones[0]?.parent ? page.placed.get(ones[0].parent) : undefined
  if (parent?.box.arrange !== 'placed' || ones.some((one) => one.parent !== parent.key))
    return {
      reason: 'Only blocks that stand freely lie over one another. Elsewhere their order is that of reading.',
    }
  const count = siblingsAtBand(page.blocks, parent.record, page.at).length
  const records = ones.map(({ record }) => record)
  return moveBlocks(
    page.blocks,
    records,
    { parent: parent.record, index: to === 'front' ? count : 0 },
    page.at,
  )
}
