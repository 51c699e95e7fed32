import { kindOf, type Block } from '../block/block'
import { varyingSchema, type Varying } from '../block/varying'
import type { Json } from '../document/types'
import { foldLayers, foldLeaf, recordLayers, type AtBand, type Layer, type ValueSource } from './cascade'

const KIND = { from: 'kind' } as const

/**
 * Everything a block's values come from at a band, weakest first: what its kind gives, the block itself, its bands.
 * Whatever else dresses a block (a part of the style guide, an original, a row) is a layer between the first two.
 */
export function blockLayers(block: Block, at: AtBand): Layer[] {
  const { values, variants } = kindOf(block)
  const usual: Layer = { source: KIND, values, record: values }
  const variant = block.variant === undefined ? undefined : variants?.[block.variant]?.values
  if (!variant) return [usual, ...recordLayers(block, at)]
  return [usual, { source: KIND, values: variant, record: variant }, ...recordLayers(block, at)]
}

/** The value of a block's leaf at a band, and where it stands. @param path keys, such as `['place', 'width']` */
export function blockValue(
  block: Block,
  path: string[],
  at: AtBand,
): { value: Json | undefined; source: ValueSource } {
  return foldLeaf(blockLayers(block, at), path)
}

/** All values of a block at a band. */
export function blockValues(block: Block, at: AtBand): Varying {
  const layers = blockLayers(block, at)
  return foldLayers(
    varyingSchema,
    layers.map((layer) => ({ ...layer, values: varyingOf(layer.values) })),
  )
}

function varyingOf({ arrange, place, look, hidden, manner }: Varying): Varying {
  return { arrange, place, look, hidden, manner }
}

/** A block's order key at a band: its own there, or the one it comes from on the way to the lead. */
export const orderAtBand = (block: Block, at: AtBand): string =>
  block.at ? (foldLeaf(recordLayers(block, at), ['order']).value as string) : block.order
