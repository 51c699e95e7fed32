import type { Rect } from '../rect'

/** How things stand across the axis they are lined up along. */
export type Alignment = 'start' | 'centre' | 'end' | 'stretch'

/** Something that is arranged as it is: a block with whatever stands in it. */
export interface FoundBlock {
  type: 'block'
  key: string
  rect: Rect
}

/** A block around others. */
export interface FoundHolder {
  type: 'holder'
  key: string
  rect: Rect
  inside: Found
}

/** Things in a row or a column, in order. */
export interface FoundLine {
  type: 'row' | 'column'
  rect: Rect
  children: Found[]
  /** px between one and the next; how many they are unequal by is told apart from noise by the tolerance */
  gaps: number[]
  align: Alignment
  /** px across from the start, of those that do not keep to the alignment */
  offsets: (number | undefined)[]
}

/** Where something stands in a grid, from 0. */
export interface FoundCell {
  column: number
  row: number
  columns: number
  rows: number
  /** how it stands in its cell, and px from the start of it where it keeps to none */
  across: Alignment
  down: Alignment
  offsetAcross?: number
  offsetDown?: number
}

/** Things on tracks. */
export interface FoundGrid {
  type: 'grid'
  rect: Rect
  children: Found[]
  cells: FoundCell[]
  /** px */
  columns: number[]
  rows: number[]
  columnGaps: number[]
  rowGaps: number[]
}

/** Things that overlap, or stand in no order. */
export interface FoundPlaced {
  type: 'placed'
  rect: Rect
  children: Found[]
}

export type Found = FoundBlock | FoundHolder | FoundLine | FoundGrid | FoundPlaced

/** What stands in something found. */
export function insideOf(found: Found): Found[] {
  if (found.type === 'block') return []
  return found.type === 'holder' ? [found.inside] : found.children
}

export function median(values: number[]): number {
  const sorted = [...values].sort((a, b) => a - b)
  const middle = sorted.length >> 1
  return sorted.length % 2 ? sorted[middle] : (sorted[middle - 1] + sorted[middle]) / 2
}

/** Whether values differ by no more than twice a tolerance. */
export const areEven = (values: number[], tolerance: number) =>
  Math.max(...values) - Math.min(...values) <= 2 * tolerance
