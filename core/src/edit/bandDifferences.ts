import { blockSchema, type Block } from '../block/block'
import { fieldLabel } from '../block/blockFields'
import { leafPaths, leafTable } from '../document/leafTable'
import { valueAt } from '../document/path'
import { inOrder } from '../document/tree'
import type { Json, Operation, StoredRecord } from '../document/types'
import { towardsLead } from '../grid/band'
import { blockValue } from '../resolve/blockLayers'
import type { AtBand } from '../resolve/cascade'
import { roundTo } from '../units/length'
import { setLeaf } from './blockChanges'

/** Something a band says otherwise than the band it comes from. */
export interface BandDifference {
  record: string
  /** keys of the leaf from the block */
  path: string[]
  /** what the particulars call it */
  what: string
  /** the value of the band nearer the lead, and this band's own, in words */
  from: string
  to: string
}

/** All that blocks say otherwise at a band, in the blocks' order; nothing at the lead. */
export function bandDifferences(blocks: Record<string, Block>, at: AtBand): BandDifference[] {
  const { bands, band } = at
  const [, nearer] = towardsLead(bands.inOrder, band, bands.lead)
  if (!nearer) return []
  const table = leafTable(blockSchema)
  return inOrder(Object.values(blocks)).flatMap((block) => {
    const own = block.at?.[band]
    if (!own) return []
    const { without = {}, ...values } = own
    const paths = leafPaths(table, { at: { [band]: values } }).map((path) => path.slice(2))
    const cleared = Object.keys(without).map((name) => name.split('.'))
    return [...paths, ...cleared].map((path): BandDifference => {
      const before =
        path[0] === 'order' ? undefined : blockValue(block, path, { bands, band: nearer.id }).value
      const now = valueAt(values as unknown as StoredRecord, path)
      const isOrder = path[0] === 'order'
      return {
        record: block.id,
        path,
        what: isOrder ? 'order' : fieldLabel(block, path),
        from: isOrder ? 'as at the lead' : valueWords(before),
        to: isOrder ? 'another' : valueWords(now),
      }
    })
  })
}

/** Gives values back to the band they come from. */
export const giveBack = (some: BandDifference[], at: AtBand): Operation[] =>
  some.flatMap(({ record, path }) => setLeaf([record], path, undefined, at))

/** A value of a leaf in a few words: lengths with their unit, shares, colours, yes and no. */
export function valueWords(value: Json | undefined): string {
  if (value === undefined || value === null) return 'nothing'
  if (typeof value === 'boolean') return value ? 'yes' : 'no'
  if (typeof value === 'number') return String(roundTo(value, 2))
  if (typeof value === 'string') return value
  if (Array.isArray(value)) return value.map(valueWords).join(' : ')
  const { value: figure, unit, share, hex, token } = value as Record<string, Json | undefined>
  if (typeof figure === 'number' && typeof unit === 'string')
    return `${roundTo(figure, 2)}${unit === 'px' ? '' : unit}`
  if (typeof share === 'number') return `share ${roundTo(share, 2)}`
  if (typeof hex === 'string') return hex
  return typeof token === 'string' ? 'a token' : 'another'
}
