import { blockSchema, type Block } from '../block/block'
import { variesAt } from '../block/field'
import { leafAt } from '../document/leafTable'
import { withValue } from '../document/path'
import { inOrder } from '../document/tree'
import type { Json, StoredRecord } from '../document/types'
import { CHILDREN, type SharedValue } from '../style/shared'
import type { StyleDocument } from '../style/style'
import type { ColourSet } from '../style/token'
import { BARE, type Dress, type Dressing } from './blockLayers'
import { foldLeaf, recordLayers, type AtBand } from './cascade'
import type { ChildIndex } from './childIndex'
import type { BlockNode, Origin } from './node'
import type { ShownRow } from './shownContent'

/**
 * Where blocks are shown: on their own page, in a copy of a shared block, in a row of a series, or in several of these
 * within one another.
 */
export interface Scope {
  /** what keys of instances begin with */
  prefix: string
  /** the drawing the blocks stand in */
  document: string
  blocks: ChildIndex
  /** the rows blocks are repeated for, the outermost first */
  rows: ShownRow[]
  /** the shared blocks around, the outermost first */
  within: string[]
  copy?: CopyScope
  /** the set of colours what is around them is shown in */
  set: ColourSet
}

/** The copy whose shared block is shown. */
export interface CopyScope {
  origin: Origin
  /** what it says otherwise, by block of the original */
  dresses: Map<string, Dress>
  /** the block its own blocks stand in, and those */
  place?: { block: string; own: BlockNode[] }
}

/** What dresses a block where it is shown; the root of what is shared is dressed as the copy itself, too. */
export function dressingOf(block: Block, { rows, copy }: Scope, root?: Block): Dressing {
  // Most blocks are shown as they are.
  if (!copy && !block.rows && !root) return BARE
  const dresses: Dress[] = []
  const said = copy?.dresses.get(block.id)
  if (said) dresses.push(said)
  if (block.rows)
    for (const { row } of rows) {
      const values = block.rows[row.id]
      if (values) dresses.push({ from: 'row', values })
    }
  return { dresses, copy: root }
}

/** The named values of a shared block, in their order. */
export const valuesOf = ({ records }: StyleDocument, shared: string): SharedValue[] =>
  inOrder(Object.values(records.sharedValues).filter((one) => one.shared === shared))

/**
 * What a copy says otherwise at a band, by block of the original. What does not fit its leaf is passed over; what no band
 * can change is as the lead has it.
 */
export function copyDresses(copy: Block, values: SharedValue[], at: AtBand): Map<string, Dress> {
  const dresses = new Map<string, Dress>()
  for (const { id, block, leaf } of values) {
    if (leaf === CHILDREN) continue
    const path = leaf.split('.')
    const band = variesAt(path) ? at : { ...at, band: at.bands.lead }
    const { value } = foldLeaf(recordLayers(copy, band), ['values', id])
    if (value === undefined || !fits(path, value)) continue
    const known = dresses.get(block)?.values ?? {}
    const worn = withValue(known as unknown as StoredRecord, path, value) as unknown as Dress['values']
    dresses.set(block, { from: 'copy', values: worn })
  }
  return dresses
}

function fits(path: string[], value: Json): boolean {
  const found = leafAt(blockSchema, path)
  return 'leaf' in found && found.leaf.safeParse(value).success
}
