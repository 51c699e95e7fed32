import { blockSchema, refusesParent, type Block } from '../block/block'
import { leafPaths, leafTable } from '../document/leafTable'
import { valueAt } from '../document/path'
import type { Json, Operation, StoredRecord } from '../document/types'
import { siblingsAtBand } from '../resolve/siblings'
import type { AtBand } from '../resolve/cascade'
import { copyBlocks, insertBlocks, outermost, removeBlocks, spotAfter } from './blockChanges'

type Blocks = Record<string, Block>

/** What was put, with the change; or why nothing was. */
export type Pasted = { operations: Operation[]; made: string[] } | { reason: string }

/** Copied blocks as copies of themselves under new ids, each with what stands in it. */
export function copiesOf(copied: Block[][], newId: () => string): Block[][] {
  const all = Object.fromEntries(copied.flat().map((block) => [block.id, block]))
  return copyBlocks(
    all,
    copied.map(([top]) => top.id),
    newId,
  )
}

/**
 * Puts copies where their originals stand: in the same block, after the original; on another page in the section that comes
 * at the same place.
 * @param copied blocks as they were copied, parents first, the outermost with the parent it stood in
 * @param sections which section of the page each copied block's section was, from nought
 */
export function pasteInPlace(
  blocks: Blocks,
  copied: Block[][],
  sections: number[],
  at: AtBand,
  newId: () => string,
): Pasted {
  const made = copiesOf(copied, newId)
  const onPage = siblingsAtBand(blocks, null, at)
  const operations: Operation[] = []
  for (const [index, tree] of made.entries()) {
    const [top] = tree
    const wanted = copied[index][0].parent
    const section = onPage[Math.min(sections[index] ?? 0, onPage.length - 1)] as { id: string } | undefined
    const parent = wanted === undefined ? null : blocks[wanted] ? wanted : (section?.id ?? null)
    if (refusesParent(parent === null ? undefined : blocks[parent], top))
      return { reason: 'There is no section here to hold what was copied. Make one first.' }
    const original = copied[index][0].id
    const isHere = blocks[original] !== undefined && (blocks[original].parent ?? null) === parent
    const end = { parent, index: siblingsAtBand(blocks, parent, at).length }
    const spot = isHere ? spotAfter(blocks, original, at) : end
    operations.push(...insertBlocks(blocks, spot, [tree], at))
  }
  return { operations, made: made.map(([top]) => top.id) }
}

/**
 * Puts a copy in place of each of some blocks: where it stood, as large, in the same order; they go.
 * @param copied the block, with what stands in it, parents first
 */
export function pasteOver(blocks: Blocks, copied: Block[], over: string[], newId: () => string): Pasted {
  const replaced = outermost(blocks, over)
  const made: string[] = []
  const operations: Operation[] = []
  for (const id of replaced) {
    const { parent, place, order, section, at: bands = {} } = blocks[id]
    const [[top, ...below]] = copiesOf([copied], newId)
    const refused = refusesParent(parent === undefined ? undefined : blocks[parent], top)
    if (refused) return { reason: refused }
    // A place is kept at every band, all else is the copy's.
    const ofCopy = Object.entries(top.at ?? {}).map(
      ([band, { place: _place, order: _order, ...rest }]) => [band, rest] as const,
    )
    const merged = Object.fromEntries(ofCopy) as NonNullable<Block['at']>
    for (const [band, { place: own, order: ownOrder }] of Object.entries(bands))
      if (own || ownOrder)
        merged[band] = {
          ...merged[band],
          ...(own ? { place: own } : {}),
          ...(ownOrder ? { order: ownOrder } : {}),
        }
    const { place: _own, at: _at, ...rest } = top
    const copy = {
      ...{ ...rest, order, parent },
      ...(place ? { place } : {}),
      ...(section ? { section } : {}),
      ...(Object.keys(merged).length ? { at: merged } : {}),
    } as Block
    operations.push(
      ...[copy, ...below].map((block): Operation => ({
        ...{ type: 'put', collection: 'blocks', id: block.id, record: block as unknown as StoredRecord },
      })),
    )
    made.push(copy.id)
  }
  return { operations: [...operations, ...removeBlocks(blocks, replaced)], made }
}

/** Gives blocks the looks of a copied one, at all bands; what they say and where they stand stays. */
export function pasteLooks(blocks: Blocks, from: Block, to: string[]): Operation[] {
  const table = leafTable(blockSchema)
  const looksOf = (block: Block) => {
    const bands = Object.entries(block.at ?? {}).flatMap(([band, { look }]) =>
      look ? [[band, { look }]] : [],
    )
    const paths = leafPaths(table, { look: block.look, at: Object.fromEntries(bands) })
    // Looks that say nothing are no leaf.
    return paths.filter((path) => path.at(-1) !== 'look')
  }
  const set = (id: string, path: string[], value?: Json): Operation => ({
    ...{ type: 'set', collection: 'blocks', id, path },
    ...(value === undefined ? {} : { value }),
  })
  const wanted = looksOf(from)
  return to.flatMap((id) => [
    ...looksOf(blocks[id]).map((path) => set(id, path)),
    ...wanted.map((path) => set(id, path, valueAt(from as unknown as StoredRecord, path))),
  ])
}
