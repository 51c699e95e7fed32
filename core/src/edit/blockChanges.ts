import { kindOf, refusesParent, standsOnPage, type Block } from '../block/block'
import { orderAt } from '../document/order'
import type { Json, Operation } from '../document/types'
import { putBlock } from '../drawing/drawing'
import { pathAtBand, type AtBand } from '../resolve/cascade'
import { siblingsAtBand } from '../resolve/siblings'

type Blocks = Record<string, Block>

/** Where blocks are put: a parent (null: the page itself) and a place among its children at a band. */
export interface BlockSpot {
  parent: string | null
  index: number
}

const set = (id: string, path: string[], value: Json | undefined): Operation => {
  return { type: 'set', collection: 'blocks', id, path, ...(value === undefined ? {} : { value }) }
}

/** Writes one leaf of blocks for a band, or gives it back to the band it comes from when there is no value. */
export function setLeaf(ids: string[], path: string[], value: Json | undefined, at: AtBand): Operation[] {
  const isGivenBack = value === undefined && at.band !== at.bands.lead
  const without = isGivenBack ? [['at', at.band, 'without', path.join('.')]] : []
  return ids.flatMap((id) => [
    set(id, pathAtBand(path, at), value),
    ...without.map((cleared) => set(id, cleared, undefined)),
  ])
}

/** Puts new blocks (with what stands in them) at a spot. `made` lists each one's own blocks parents first. */
export function insertBlocks(blocks: Blocks, spot: BlockSpot, made: Block[][], at: AtBand): Operation[] {
  const siblings = siblingsAtBand(blocks, spot.parent, at)
  const { keys, renumbered } = orderAt(siblings, Math.min(spot.index, siblings.length), made.length)
  const tops = made.map(([top, ...below], index) => {
    return [{ ...top, order: keys[index], parent: spot.parent ?? undefined } as Block, ...below]
  })
  return [...renumber(renumbered, at), ...tops.flat().map(putBlock)]
}

function renumber(renumbered: { id: string; order: string }[], at: AtBand): Operation[] {
  return renumbered.map(({ id, order }) => set(id, pathAtBand(['order'], at), order))
}

/** Copies of blocks with everything in them, under new ids. Blocks inside others that are copied too come along once. */
export function copyBlocks(blocks: Blocks, ids: string[], newId: () => string): Block[][] {
  return outermost(blocks, ids).map((id) => copyTree(blocks, id, newId))
}

function copyTree(blocks: Blocks, id: string, newId: () => string): Block[] {
  const copy = { ...structuredClone(blocks[id]), id: newId() }
  const below = Object.values(blocks).filter(({ parent }) => parent === id)
  return [
    copy,
    ...below.flatMap((child) => {
      const [top, ...rest] = copyTree(blocks, child.id, newId)
      return [{ ...top, parent: copy.id }, ...rest]
    }),
  ]
}

/**
 * Copies blocks beside their originals: after the last of those that stand in the same parent.
 * @returns the change, and each original with its copy
 */
export function duplicateBlocks(
  blocks: Blocks,
  ids: string[],
  at: AtBand,
  newId: () => string,
): { operations: Operation[]; copies: [original: string, copy: string][] } {
  const byParent = new Map<string | null, string[]>()
  for (const id of outermost(blocks, ids)) {
    const parent = blocks[id].parent ?? null
    byParent.set(parent, [...(byParent.get(parent) ?? []), id])
  }
  const groups = [...byParent].map(([parent, own]) => {
    const siblings = siblingsAtBand(blocks, parent, at)
    const originals = siblings.filter(({ id }) => own.includes(id)).map(({ id }) => id)
    const spot = { parent, index: siblings.findIndex(({ id }) => id === originals.at(-1)) + 1 }
    return { spot, originals, made: copyBlocks(blocks, originals, newId) }
  })
  return {
    operations: groups.flatMap(({ spot, made }) => insertBlocks(blocks, spot, made, at)),
    copies: groups.flatMap(({ originals, made }) =>
      made.map(([top], index): [string, string] => [originals[index], top.id]),
    ),
  }
}

/** Those of some blocks that stand in none of the others. */
export function outermost(blocks: Blocks, ids: string[]): string[] {
  const chosen = new Set(ids.filter((id) => blocks[id]))
  return [...chosen].filter((id) => {
    for (let here = blocks[id]?.parent; here; here = blocks[here]?.parent) if (chosen.has(here)) return false
    return true
  })
}

/** Removes blocks with what stands in them. */
export function removeBlocks(blocks: Blocks, ids: string[]): Operation[] {
  return outermost(blocks, ids).map((id) => ({ type: 'remove', collection: 'blocks', id }))
}

/**
 * Moves blocks to a spot, in their order. Within one parent a band that is not the lead keeps an order of its own;
 * a new parent counts for all bands.
 */
export function moveBlocks(blocks: Blocks, ids: string[], spot: BlockSpot, at: AtBand): Operation[] {
  const moving = outermost(blocks, ids)
  const staysInside = moving.every((id) => (blocks[id].parent ?? null) === spot.parent)
  const siblings = siblingsAtBand(blocks, spot.parent, at)
  const before = siblings.slice(0, spot.index).filter(({ id }) => !moving.includes(id)).length
  const others = siblings.filter(({ id }) => !moving.includes(id))
  const { keys, renumbered } = orderAt(others, before, moving.length)
  const orderPath = staysInside ? pathAtBand(['order'], at) : ['order']
  return [
    ...renumber(renumbered, at),
    ...moving.flatMap((id, index) => [
      ...(staysInside ? [] : [set(id, ['parent'], spot.parent ?? undefined)]),
      set(id, orderPath, keys[index]),
    ]),
  ]
}

/** The spot right after a block, among its siblings as the band orders them. */
export function spotAfter(blocks: Blocks, id: string, at: AtBand): BlockSpot {
  const parent = blocks[id].parent ?? null
  const siblings = siblingsAtBand(blocks, parent, at)
  return { parent, index: siblings.findIndex((one) => one.id === id) + 1 }
}

/** What stands in tabs and the like is a pane, which nothing but a box is meant to be. */
const isPaned = (parent: Block, made: Pick<Block, 'kind' | 'data'>) =>
  Boolean(kindOf(parent).hasPanes) && made.kind !== 'box'

/** Where new blocks go beside a selection: into a box or section that is selected, else after the selected block. */
export function spotBeside(
  blocks: Blocks,
  made: Pick<Block, 'kind' | 'data'>,
  selected: string | undefined,
  at: AtBand,
): BlockSpot | undefined {
  const children = (parent: string | null) => siblingsAtBand(blocks, parent, at)
  for (let here = selected && blocks[selected]; here; here = here.parent ? blocks[here.parent] : undefined) {
    if (!refusesParent(here, made) && !isPaned(here, made))
      return { parent: here.id, index: children(here.id).length }
    const parent = here.parent ? blocks[here.parent] : undefined
    if (!refusesParent(parent, made)) return spotAfter(blocks, here.id, at)
  }
  if (standsOnPage(made)) return { parent: null, index: children(null).length }
  // A page often ends with a copy, which holds nothing of the page's own.
  const last = children(null).findLast(({ id }) => !refusesParent(blocks[id], made))
  return last && { parent: last.id, index: children(last.id).length }
}
