import { blockSchema, type Block, type RowValues } from '../block/block'
import type { Varying } from '../block/varying'
import { leafTable, overlay } from '../document/leafTable'
import type { Json } from '../document/types'
import { foldLeaf, recordLayers, type AtBand, type Layer, type ValueSource } from './cascade'
import { foldVarying, kindLayers } from './styleParts'

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
 * Everything a block's values come from at a band, weakest first: what its kind and the style guide give it, the block
 * itself, its bands, then the copy and the row it is shown in.
 */
export function blockLayers(block: Block, at: AtBand, dressing: Dressing = BARE): Layer[] {
  const { kind, variant } = block
  return [...kindLayers(kind, variant, at.parts), ...ownLayers(block, at, dressing)]
}

/** The layers of a block that stand over what its kind and the style guide give it. */
function ownLayers(block: Block, at: AtBand, { dresses, copy }: Dressing): Layer[] {
  const layers = recordLayers(block, at)
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

/**
 * All values of a block at a band.
 * @param base what its kind and the style guide give it; what the block leaves alone is the same object there
 */
export function blockValues(block: Block, at: AtBand, base: Varying, dressing: Dressing = BARE): Varying {
  const usual: Layer = { source: { from: 'kind' }, values: base, record: base }
  return foldVarying([usual, ...ownLayers(block, at, dressing)])
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
