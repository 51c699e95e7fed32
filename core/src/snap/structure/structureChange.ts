import { takesBlocks } from '../../block/block'
import type { Json, Operation } from '../../document/types'
import { setLeaf } from '../../edit/blockChanges'
import { roundTo } from '../../units/length'
import { childrenOf, insideBorder, type DrawnPage, type Placed } from '../drawnPage'
import { freePlace } from '../freePlace'
import { findStructure, type Loose, type Structure } from './findStructure'
import { insideOf, type Found } from './found'
import { writeStructure } from './writeStructure'

/** A structure that was found, and the change that makes a block arrange its children so. */
export interface StructureChange {
  structure: Structure
  operations: Operation[]
}

/**
 * Rows, columns and grids in place of free places: the change by which a block arranges what stands freely in it.
 * @returns the change, or why there is none
 */
export function structureChange(
  page: DrawnPage,
  container: Placed,
  newId: () => string,
): StructureChange | { reason: string } {
  const { name } = container.box.node
  if (container.box.arrange !== 'placed')
    return {
      reason: `${name} arranges what stands in it already. Structure is found where blocks are placed freely.`,
    }
  if (page.at.band !== page.at.bands.lead)
    return { reason: 'Structure counts for all bands. Find it at the lead band, whose places it reads.' }
  const children = childrenOf(page, container)
  if (children.length === 0) return { reason: `Nothing stands in ${name} yet.` }
  const structure = findStructure(children.map((one) => looseOf(page, one)))
  if (structure.found.type === 'placed')
    return { reason: `What stands in ${name} overlaps: no row or column goes between. Move it apart first.` }
  const operations = writeStructure(page, container.record, insideBorder(container), structure, newId)
  return { structure, operations }
}

/** A block as the search for structure sees it: one that holds others already stays as it is. */
export function looseOf({ blocks }: DrawnPage, { key, record, box, x, y, w, h }: Placed): Loose {
  const isEmpty = box.children.length === 0
  return { key, rect: { x, y, w, h }, takesBlocks: isEmpty && takesBlocks(blocks[record]) }
}

/** What was found, in words: “a column of 3: a row of 2, a text, a grid of 4”. */
export function structureWords(found: Found, nameOf: (key: string) => string): string {
  if (found.type === 'block' || found.type === 'holder') return nameOf(found.key)
  const count = insideOf(found).length
  if (found.type === 'placed') return `${count} placed freely`
  return found.type === 'grid'
    ? `a grid of ${count} on ${found.columns.length} tracks`
    : `a ${found.type} of ${count}`
}

/** The change by which what stands in a block is placed freely, where it stands now. */
export function placeFreely(page: DrawnPage, container: Placed): Operation[] {
  const inside = insideBorder(container)
  const height = page.write(roundTo(container.h, 2)) as unknown as Json
  return [
    ...setLeaf([container.record], ['arrange', 'type'], 'placed', page.at),
    ...setLeaf([container.record], ['place', 'height'], height, page.at),
    ...childrenOf(page, container).flatMap((one) => freePlace(page, one, inside)),
  ]
}

/** How far, px, the farthest of some blocks stands from where it stood, by any of its edges. */
export function largestShift(
  before: DrawnPage['placed'],
  after: DrawnPage['placed'],
  keys: Iterable<string>,
): number {
  let most = 0
  for (const key of keys) {
    const [one, other] = [before.get(key), after.get(key)]
    if (!one || !other) continue
    const edges = [
      one.x - other.x,
      one.y - other.y,
      one.x + one.w - other.x - other.w,
      one.y + one.h - other.y - other.h,
    ]
    most = Math.max(most, ...edges.map(Math.abs))
  }
  return most
}
