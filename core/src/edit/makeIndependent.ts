import { blockSchema, type Block } from '../block/block'
import { leafTable, overlay } from '../document/leafTable'
import { valueAt, withValue } from '../document/path'
import type { Json, Operation, StoredRecord } from '../document/types'
import { putBlock } from '../drawing/drawing'
import { CHILDREN, type Shared, type SharedValue } from '../style/shared'
import { copyBlocks } from './blockChanges'

type Blocks = Record<string, Block>

/** A shared block with its named values and the blocks of its original. */
export interface Original {
  shared: Shared
  values: SharedValue[]
  blocks: Blocks
}

/**
 * Cuts a copy loose: blocks like those of the original stand in its place, with what the copy says otherwise, and follow
 * nothing any more.
 * @param blocks of the drawing the copy stands in
 * @returns the change to that drawing, and the block that stands there now
 */
export function makeIndependent(
  blocks: Blocks,
  copy: Block,
  original: Original,
  newId: () => string,
): { operations: Operation[]; made: string } {
  const saying = withCopyValues(original, copy)
  const ids = new Map<string, string>()
  const given = [...idsBelow(original.blocks, original.shared.root)]
  const fresh = copyBlocks(saying, [original.shared.root], newId)[0]
  given.forEach((id, index) => ids.set(id, fresh[index].id))
  const [root, ...below] = fresh
  const place = original.values.find(({ leaf }) => leaf === CHILDREN)
  const own = Object.values(blocks).filter(({ parent }) => parent === copy.id)
  const into = (place && ids.get(place.block)) ?? root.id
  const moved = own.map(({ id }): Operation => {
    return { type: 'set', collection: 'blocks', id, path: ['parent'], value: into }
  })
  const record = putBlock(inPlaceOf(copy, root, original.shared.name))
  const gone: Operation = { type: 'remove', collection: 'blocks', id: copy.id }
  return { operations: [record, ...below.map(putBlock), ...moved, gone], made: root.id }
}

/** A block and all that stands in it, in the order copies of it are made. */
function* idsBelow(blocks: Blocks, id: string): Generator<string> {
  yield id
  for (const child of Object.values(blocks)) if (child.parent === id) yield* idsBelow(blocks, child.id)
}

/** The original's blocks with what a copy says otherwise written into them, for the lead and for each band. */
function withCopyValues({ values, blocks }: Original, copy: Block): Blocks {
  const written = { ...blocks }
  const write = (id: string, path: string[], value: Json | undefined) => {
    if (value === undefined || !written[id]) return
    written[id] = withValue(written[id] as unknown as StoredRecord, path, value) as unknown as Block
  }
  for (const { id, block, leaf } of values) {
    if (leaf === CHILDREN) continue
    const path = leaf.split('.')
    write(block, path, valueAt(copy as unknown as StoredRecord, ['values', id]))
    for (const band of Object.keys(copy.at ?? {}))
      write(
        block,
        ['at', band, ...path],
        valueAt(copy as unknown as StoredRecord, ['at', band, 'values', id]),
      )
  }
  return written
}

/** The root with all that the copy said of itself. */
function inPlaceOf(copy: Block, root: Block, name: string): Block {
  const { order, parent, section, arrange, place, look, hidden, at } = copy
  const bands = Object.entries(at ?? {}).map(([band, { values, ...own }]) => [band, own])
  const own = { arrange, place, look, hidden, at: Object.fromEntries(bands) as Block['at'] }
  return {
    ...overlay(leafTable(blockSchema), root, own),
    ...{ order, parent, section },
    name: copy.name ?? root.name ?? name,
  }
}
