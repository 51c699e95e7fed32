import { blockSchema, kindOf, type Block, type RowValues } from '../block/block'
import { varyingSchema, type Varying } from '../block/varying'
import { leafTable, overlay } from '../document/leafTable'
import type { Json } from '../document/types'
import { foldLayers, foldLeaf, recordLayers, type AtBand, type Layer, type ValueSource } from './cascade'

const KIND = { from: 'kind' } as const

/** Values that lie over a block's own where it is shown in a copy, or in a row of a series. */
export interface Dress {
  from: 'copy' | 'row'
  values: RowValues & Pick<Block, 'tag' | 'variant' | 'content'>
}

/** What dresses a block beside its own values: layers over them, weakest first. */
export interface Dressing {
  dresses: Dress[]
  /** a copy whose own values lie over those of the block it shows */
  copy?: Block
}

/** Nothing over a block's own values. */
export const BARE: Dressing = { dresses: [] }

/**
 * Everything a block's values come from at a band, weakest first: what its kind gives, its variant, the block itself, its
 * bands, then the copy and the row it is shown in.
 */
export function blockLayers(block: Block, at: AtBand, { dresses, copy }: Dressing = BARE): Layer[] {
  const { values, variants } = kindOf(block)
  const usual: Layer = { source: KIND, values, record: values }
  const variant = block.variant === undefined ? undefined : variants?.[block.variant]?.values
  const own = recordLayers(block, at)
  const layers = variant
    ? [usual, { source: KIND, values: variant, record: variant }, ...own]
    : [usual, ...own]
  for (const { from, values } of dresses) layers.push({ source: { from }, values, record: values })
  if (copy) layers.push(...recordLayers(copy, at))
  return layers
}

/** The value of a block's leaf at a band, and where it stands. @param path keys, such as `['place', 'width']` */
export function blockValue(
  block: Block,
  path: string[],
  at: AtBand,
  dressing?: Dressing,
): { value: Json | undefined; source: ValueSource } {
  return foldLeaf(blockLayers(block, at, dressing), path)
}

/** All values of a block at a band. */
export function blockValues(block: Block, at: AtBand, dressing?: Dressing): Varying {
  const layers = blockLayers(block, at, dressing)
  return foldLayers(
    varyingSchema,
    layers.map((layer) => ({ ...layer, values: varyingOf(layer.values) })),
  )
}

function varyingOf({ arrange, place, look, hidden, manner }: Varying): Varying {
  return { arrange, place, look, hidden, manner }
}

/** A block with what no band changes as the copy and the row it is shown in have it: its words, what it holds. */
export function dressedBlock(block: Block, { dresses }: Dressing): Block {
  return dresses.reduce((dressed, { values: { text, data, tag, variant, content } }) => {
    const fixed = { text, data, tag, variant, content }
    return Object.values(fixed).some((value) => value !== undefined)
      ? overlay(leafTable(blockSchema), dressed, fixed)
      : dressed
  }, block)
}

/** A block's order key at a band: its own there, or the one it comes from on the way to the lead. */
export const orderAtBand = (block: Block, at: AtBand): string =>
  block.at ? (foldLeaf(recordLayers(block, at), ['order']).value as string) : block.order
