import type { Block } from '@nolvex/core/block/block'
import type { AtBand } from '@nolvex/core/resolve/cascade'
import { treeAtBand } from '@nolvex/core/resolve/siblings'

/** A line of the outline. */
export interface OutlineRow {
  id: string
  parent: string | null
  depth: number
  /** its number among those it stands with, from 1, and how many they are */
  position: number
  count: number
  /** whether anything stands in it, and whether that is folded away */
  hasBelow: boolean
  isFolded: boolean
}

/** The blocks of a page in reading order at a band, without what is folded away. */
export function outlineRows(
  blocks: Record<string, Block>,
  at: AtBand,
  folded: ReadonlySet<string>,
): OutlineRow[] {
  const counts = new Map<string | null, number>()
  for (const { parent = null } of Object.values(blocks)) counts.set(parent, (counts.get(parent) ?? 0) + 1)
  const positions = new Map<string | null, number>()
  const rows: OutlineRow[] = []
  let foldedAt = Infinity
  for (const { id, depth } of treeAtBand(blocks, at)) {
    const parent = blocks[id].parent ?? null
    const position = (positions.get(parent) ?? 0) + 1
    positions.set(parent, position)
    if (depth <= foldedAt) foldedAt = Infinity
    if (depth > foldedAt) continue
    const hasBelow = counts.has(id)
    const isFolded = hasBelow && folded.has(id)
    if (isFolded) foldedAt = depth
    rows.push({ id, parent, depth, position, count: counts.get(parent) ?? 1, hasBelow, isFolded })
  }
  return rows
}

/** All lines from one to another; what stands in one of them comes along with it. */
export function rangeOf(
  rows: OutlineRow[],
  from: string,
  to: string,
  blocks: Record<string, Block>,
): string[] {
  const ids = rows.map(({ id }) => id)
  const [first, last] = [ids.indexOf(from), ids.indexOf(to)].sort((a, b) => a - b)
  const range = new Set(ids.slice(Math.max(0, first), last + 1))
  const isInside = (id: string) => {
    for (let up = blocks[id]?.parent; up; up = blocks[up]?.parent) if (range.has(up)) return true
    return false
  }
  return [...range].filter((id) => !isInside(id))
}
