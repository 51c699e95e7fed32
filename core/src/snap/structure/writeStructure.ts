import type { Block } from '../../block/block'
import { generateNKeysBetween } from 'fractional-indexing'
import type { Json, Operation } from '../../document/types'
import { putBlock } from '../../drawing/drawing'
import { roundTo } from '../../units/length'
import type { DrawnPage } from '../drawnPage'
import { across, sizeOf, type Rect } from '../rect'
import { axisOf } from './foundLine'
import { areEven, median, type Found, type FoundGrid, type FoundLine } from './found'

/** A leaf of a block with what it is to be; without a value it is taken back. */
type Leaves = [path: string[], value: Json | undefined][]

/** What stands in something: where the writing of a structure has come to. */
interface Writing {
  page: DrawnPage
  tolerance: number
  newId: () => string
  operations: Operation[]
}

/** A block that arranges others: one that is there, or one that is made for it. */
interface Holder {
  id: string
  /** the inside of its border, px of the page */
  room: Rect
  /** whether the structure fills it from side to side, so that it may follow when it grows */
  isSpanned: boolean
}

/**
 * Writes what was found as the arrangement of a block and of all that stands in it: rows, columns, grids, and boxes for
 * those within one another. Texts keep their widths or take shares; their heights stay those of their lines.
 * @param holder the block that is to arrange it, @param room the inside of its border, px of the page
 */
export function writeStructure(
  page: DrawnPage,
  holder: string,
  room: Rect,
  structure: { found: Found; tolerance: number },
  newId: () => string,
): Operation[] {
  const writing: Writing = { page, tolerance: structure.tolerance, newId, operations: [] }
  arrangeIn(writing, { id: holder, room, isSpanned: false }, structure.found)
  return writing.operations
}

/** Makes a holder arrange what was found in it. */
function arrangeIn(writing: Writing, holder: Holder, found: Found) {
  const { rect } = found
  const { room } = holder
  const left = rect.x - room.x
  const right = room.x + room.w - rect.x - rect.w
  const isSpanned = holder.isSpanned || Math.abs(right - left) <= 2 * writing.tolerance + 1
  const asSingle: Found =
    found.type === 'block' || found.type === 'holder'
      ? { type: 'column', rect, children: [found], gaps: [], align: 'stretch', offsets: [undefined] }
      : found
  // Room to the right of what does not need it would be in the way when the block is narrower.
  const needsRoom = found.type === 'grid' || (found.type === 'column' && found.align !== 'start')
  const px = (value: number) => writing.page.write(roundTo(Math.max(0, value), 2)) as unknown as Json
  write(writing, holder.id, [
    [['arrange', 'padding', 'top'], px(rect.y - room.y)],
    [['arrange', 'padding', 'left'], px(left)],
    [['arrange', 'padding', 'right'], px(needsRoom || isSpanned ? right : Math.min(left, right))],
    [['arrange', 'padding', 'bottom'], px(room.y + room.h - rect.y - rect.h)],
    [['place', 'height'], 'fit'],
  ])
  arrange(writing, { ...holder, isSpanned: isSpanned || needsRoom }, asSingle)
}

function arrange(writing: Writing, holder: Holder, found: Found) {
  switch (found.type) {
    case 'row':
    case 'column':
      return arrangeLine(writing, holder, found)
    case 'grid':
      return arrangeGrid(writing, holder, found)
    case 'placed':
      return arrangePlaced(writing, holder, found)
  }
}

const length = ({ page }: Writing, px: number) => page.write(roundTo(Math.max(0, px), 2)) as unknown as Json

function arrangeLine(writing: Writing, holder: Holder, line: FoundLine) {
  const { type, children, gaps, align, offsets } = line
  const gap = gaps.length ? Math.max(0, roundTo(median(gaps), 2)) : 0
  // What is stretched across a row keeps its own height: of several alike none gives the row one.
  const isStretched = type === 'column' && align === 'stretch' && holder.isSpanned
  write(writing, holder.id, [
    [['arrange', 'type'], type],
    [['arrange', 'gap'], length(writing, gap)],
    [['arrange', 'rowGap'], undefined],
    [['arrange', 'justify'], undefined],
    [['arrange', 'wrap'], undefined],
    [['arrange', 'align'], align === 'stretch' ? 'start' : align],
  ])
  const keys = generateNKeysBetween(null, null, children.length)
  const shares = type === 'row' && holder.isSpanned ? sharesOf(writing, children) : undefined
  children.forEach((child, index) => {
    const before = index > 0 ? gaps[index - 1] : gap
    const space =
      Math.abs(before - gap) > Math.max(0.5, writing.tolerance) ? length(writing, before) : undefined
    const offset = offsets[index]
    const width =
      isStretched && offset === undefined ? 'fill' : (shares?.[index] ?? length(writing, child.rect.w))
    const place: Leaves = [
      [['place', 'space'], space],
      [['place', 'width'], width],
    ]
    const at = { parent: holder.id, order: keys[index] }
    if (offset === undefined)
      stand(writing, child, at, place, width === 'fill' || shares?.[index] !== undefined)
    else standApart(writing, child, at, place, apartInLine(line, child, offset))
  })
}

/** Padding that holds something where it stands across a line, against the side the line aligns it to. */
function apartInLine({ type, align, rect }: FoundLine, child: Found, offset: number): Padding {
  const axis = across(axisOf(type))
  const [near, far] = type === 'row' ? (['top', 'bottom'] as const) : (['left', 'right'] as const)
  const room = sizeOf(rect, axis)
  const size = sizeOf(child.rect, axis)
  if (align === 'end') return { [far]: room - offset - size }
  // In the middle, padding moves it by half of itself.
  const off = 2 * (offset + size / 2 - room / 2)
  if (align === 'centre') return off > 0 ? { [near]: off } : { [far]: -off }
  return { [near]: offset }
}

/**
 * Shares of a row's width for what may become narrower; the rest keeps its own. Their padding is not shared, so it does
 * not count.
 */
function sharesOf({ page }: Writing, children: Found[]): (Json | undefined)[] {
  const ofOwn = children.map((child): number | undefined => {
    if (child.type !== 'block' && child.type !== 'holder') return child.rect.w
    const { box } = page.placed.get(child.key) ?? {}
    const isGiving = box && ['text', 'picture', 'blocks'].includes(box.node.content.type)
    return isGiving ? child.rect.w - insets(child) : undefined
  })
  const least = Math.min(...ofOwn.filter((own) => own !== undefined))
  if (!Number.isFinite(least) || least <= 0) return children.map(() => undefined)
  const share = (own: number) => roundTo(own / least, 6)
  const isPossible = ofOwn.every((own) => own === undefined || share(own) <= 100)
  return ofOwn.map((own) => {
    if (own === undefined || !isPossible) return undefined
    return share(own) === 1 ? 'fill' : { share: share(own) }
  })
}

/** px of a found block's width that is its padding once it is arranged; what is only a block keeps its own. */
function insets(found: Found): number {
  if (found.type !== 'holder') return 0
  return found.rect.w - found.inside.rect.w
}

function arrangeGrid(writing: Writing, holder: Holder, grid: FoundGrid) {
  const { children, cells, columns, columnGaps, rowGaps } = grid
  const [gap, rowGap] = [median(columnGaps), median(rowGaps)]
  const down = commonest(cells.map((cell) => cell.down))
  write(writing, holder.id, [
    [['arrange', 'type'], 'grid'],
    [['arrange', 'tracks'], tracksOf(columns, writing.tolerance)],
    [['arrange', 'gap'], length(writing, gap)],
    [['arrange', 'rowGap'], Math.abs(gap - rowGap) > writing.tolerance ? length(writing, rowGap) : undefined],
    [['arrange', 'align'], down === 'stretch' ? 'start' : down],
  ])
  const inOrder = children
    .map((child, index) => ({ child, cell: cells[index] }))
    .sort((a, b) => a.cell.row - b.cell.row || a.cell.column - b.cell.column)
  const keys = generateNKeysBetween(null, null, inOrder.length)
  const isFull = cells.length === columns.length * grid.rows.length
  const hasSpans = cells.some((cell) => cell.rows > 1)
  inOrder.forEach(({ child, cell }, index) => {
    const isFilling = cell.across === 'stretch'
    const place: Leaves = [
      [['place', 'width'], isFilling ? 'fill' : length(writing, child.rect.w)],
      [['place', 'column', 'start'], isFull ? undefined : cell.column + 1],
      [['place', 'column', 'span'], cell.columns],
      [['place', 'row', 'start'], hasSpans ? cell.row + 1 : undefined],
      [['place', 'row', 'span'], cell.rows > 1 ? cell.rows : undefined],
    ]
    const at = { parent: holder.id, order: keys[index] }
    const apart = apartInCell(grid, child, cell, down)
    if (apart) standApart(writing, child, at, place, apart)
    else stand(writing, child, at, place, isFilling)
  })
}

/** px something stands from the start of its cell where the grid itself would have it elsewhere. */
function apartInCell(
  { rect, columns, columnGaps, rows, rowGaps }: FoundGrid,
  child: Found,
  cell: FoundGrid['cells'][number],
  down: string,
): Padding | undefined {
  const from = (sizes: number[], gaps: number[], count: number) =>
    sizes.slice(0, count).reduce((sum, size, index) => sum + size + gaps[index], 0)
  const left = child.rect.x - rect.x - from(columns, columnGaps, cell.column)
  const top = child.rect.y - rect.y - from(rows, rowGaps, cell.row)
  const isAcross = cell.across !== 'stretch' && cell.across !== 'start'
  const isDown = cell.down !== down && cell.down !== 'stretch' && cell.down !== 'start'
  if (!isAcross && !isDown) return undefined
  return { ...(isAcross ? { left } : {}), ...(isDown ? { top } : {}) }
}

function commonest<T>(values: T[]): T {
  const counts = new Map<T, number>()
  for (const value of values) counts.set(value, (counts.get(value) ?? 0) + 1)
  return [...counts].reduce((best, one) => (one[1] > best[1] ? one : best))[0]
}

/** Equal tracks by their number, others by their shares. */
function tracksOf(widths: number[], tolerance: number): Json {
  if (areEven(widths, tolerance)) return widths.length
  const least = Math.min(...widths)
  return widths.map((width) => Math.min(100, roundTo(width / least, 4)))
}

function arrangePlaced(
  writing: Writing,
  holder: Holder,
  { children, rect }: Extract<Found, { type: 'placed' }>,
) {
  write(writing, holder.id, [
    [['arrange', 'type'], 'placed'],
    [['place', 'height'], length(writing, rect.h)],
  ])
  const keys = generateNKeysBetween(null, null, children.length)
  children.forEach((child, index) => {
    const px = (value: number) => writing.page.write(roundTo(value, 2)) as unknown as Json
    const place: Leaves = [
      [['place', 'width'], length(writing, child.rect.w)],
      [['place', 'anchor', 'x'], 'start'],
      [['place', 'anchor', 'y'], 'start'],
      [['place', 'offset', 'left'], px(child.rect.x - rect.x)],
      [['place', 'offset', 'top'], px(child.rect.y - rect.y)],
    ]
    stand(writing, child, { parent: holder.id, order: keys[index] }, place, false)
  })
}

/** px */
type Padding = Partial<Record<'top' | 'right' | 'bottom' | 'left', number>>

interface Spot {
  parent: string
  order: string
}

/** Puts something found where it stands among others, with what stands in it. */
function stand(writing: Writing, found: Found, at: Spot, place: Leaves, isSpanned: boolean) {
  if (found.type === 'block' || found.type === 'holder') {
    const { record, box } = writing.page.placed.get(found.key) ?? {}
    if (!record || !box) return
    const isText = box.node.content.type === 'text'
    const height: Leaves =
      isText || found.type === 'holder' ? [] : [[['place', 'height'], ownHeight(writing, found)]]
    write(writing, record, [[['parent'], at.parent], [['order'], at.order], ...place, ...height])
    if (found.type === 'holder') {
      const [top, right, bottom, left] = box.border
      const { x, y, w, h } = found.rect
      const room = { x: x + left, y: y + top, w: w - left - right, h: h - top - bottom }
      arrangeIn(writing, { id: record, room, isSpanned }, found.inside)
    }
    return
  }
  const id = made(writing, at, NAMES[found.type])
  write(writing, id, place)
  arrange(writing, { id, room: found.rect, isSpanned }, found)
}

/** What stands apart from where its neighbours would have it: in a box that keeps it there. */
function standApart(writing: Writing, found: Found, at: Spot, place: Leaves, padding: Padding) {
  const id = made(writing, at, 'Set apart')
  const ofBox = place.filter(([path]) => path[1] !== 'width')
  const { left = 0, right = 0 } = padding
  const sides = Object.entries(padding).map(([side, px]): Leaves[number] => [
    ['arrange', 'padding', side],
    length(writing, px),
  ])
  write(writing, id, [
    ...ofBox,
    [['place', 'width'], length(writing, found.rect.w + left + right)],
    [['arrange', 'type'], 'column'],
    ...sides,
  ])
  const width: Leaves = [[['place', 'width'], length(writing, found.rect.w)]]
  stand(writing, found, { parent: id, order: 'a0' }, width, false)
}

const NAMES = { row: 'Row', column: 'Column', grid: 'Grid', placed: 'Placed' } as const

function made({ operations, newId }: Writing, { parent, order }: Spot, name: string): string {
  const block: Block = { id: newId(), kind: 'box', name, parent, order }
  operations.push(putBlock(block))
  return block.id
}

/** A height that was set stays; what is as tall as its content stays so. */
function ownHeight(writing: Writing, { key, rect }: { key: string; rect: Rect }): Json {
  const { height, y } = writing.page.placed.get(key)?.box.node.place ?? {}
  const isOwn = height?.type === 'fit' && y !== 'both' && y !== 'proportion'
  return isOwn ? 'fit' : length(writing, rect.h)
}

/** Structure holds at all bands: it is written as the lead has it, and bands keep no place or size of their own. */
function write({ page, operations }: Writing, id: string, leaves: Leaves) {
  const { at = {} } = page.blocks[id] ?? {}
  for (const [path, value] of leaves) {
    operations.push({
      type: 'set',
      collection: 'blocks',
      id,
      path,
      ...(value === undefined ? {} : { value }),
    })
    if (path[0] === 'parent' || path[0] === 'order') continue
    for (const band of Object.keys(at))
      operations.push({ type: 'set', collection: 'blocks', id, path: ['at', band, ...path] })
  }
}
