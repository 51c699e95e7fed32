import type { Block } from '../block/block'
import { blockKinds } from '../block/kinds'
import { valueAt } from '../document/path'
import type { Json, StoredRecord } from '../document/types'
import { towardsLead, type BandRange } from '../grid/band'

/** The bands of a site in order, with the one drawn first. */
export interface Bands<T extends BandRange = BandRange> {
  inOrder: T[]
  lead: string
}

/** Where an effective value stands: in a band's own values, on the block, or in its kind's defaults. */
export type ValueOrigin =
  { from: 'band'; band: string } | { from: 'block' } | { from: 'kind' } | { from: 'nowhere' }

/**
 * The value of a block's leaf at a band and where it stands: the first found going from the band towards the lead,
 * whose values stand on the block; else the kind's default.
 * @param path keys from the block, such as `['place', 'width']`
 */
export function effectiveValue(
  block: Block,
  path: string[],
  bands: Bands,
  band: string,
): { value: Json | undefined; origin: ValueOrigin } {
  const stored = block as unknown as StoredRecord
  const usual = valueAt(blockKinds[block.kind] as unknown as StoredRecord, path)
  if (block.at) {
    for (const { id } of towardsLead(bands.inOrder, band, bands.lead)) {
      if (id === bands.lead) continue
      const value = valueAt(stored, ['at', id, ...path])
      if (value !== undefined) return { value, origin: { from: 'band', band: id } }
      if (block.at[id]?.without?.[path.join('.')]) return { value: usual, origin: { from: 'band', band: id } }
    }
  }
  const own = valueAt(stored, path)
  if (own !== undefined) return { value: own, origin: { from: 'block' } }
  return { value: usual, origin: { from: usual === undefined ? 'nowhere' : 'kind' } }
}

/** Path under which a leaf is written for a band: on the block itself for the lead. */
export function pathAtBand(path: string[], bands: Bands, band: string): string[] {
  return band === bands.lead ? path : ['at', band, ...path]
}
