import { kindOf, type Block } from '../block/block'
import type { PartState } from '../block/partState'
import { changedRecords } from '../document/recordChanges'
import type { Documents } from '../document/types'
import type { SharedValue } from '../style/shared'
import type { StyleDocument } from '../style/style'
import type { ColourSet } from '../style/token'
import type { AtBand } from './cascade'
import { ChildIndex } from './childIndex'
import type { InstanceMaker } from './instance'
import type { BlockNode } from './node'
import type { PageSources } from './pageSources'
import { copyDresses, type CopyScope, type Scope } from './scope'
import type { WordsShown } from './shownContent'

/** An instance with what it was made from; it holds while these are the same objects. */
export interface Made {
  from: unknown[]
  set: ColourSet
  children: BlockNode[]
  node: BlockNode
}

/** What a resolver keeps of a page between two changes. */
export interface KeptPage {
  /** whatever makes every instance another: the site's bands, settings and pages, the style, the band, the page */
  context: unknown[]
  blocks: Record<string, Block>
  /** content, collections and shared blocks' drawings, which only some blocks show */
  around: Documents
  style: StyleDocument
  words: WordsShown
  page: Scope
  /** the blocks of each shared block that was met */
  originals: Map<string, { blocks: Record<string, Block>; index: ChildIndex }>
  /** what each copy says otherwise, by its key */
  dresses: Map<string, { copy: Block; found: CopyScope['dresses'] }>
  at: AtBand
  inStates: InStates
  pageState: string
  maker: InstanceMaker
  made: Map<string, Made>
}

/** States some blocks are shown in, by the keys of their instances. */
export type InStates = Readonly<Record<string, PartState>>

/** Takes in what changed. @returns ids of the page's blocks that changed and of all that they stand or stood in */
export function takeIn(
  known: KeptPage,
  { drawing, around = {} }: PageSources,
  inStates: InStates,
): Set<string> {
  const { blocks } = drawing.records
  const before = known.blocks
  const touched = new Set<string>()
  const touch = (id: string, states: Record<string, Block>[]) => {
    touched.add(id)
    for (const state of states)
      for (let up = state[id]?.parent; up && !touched.has(up); up = state[up]?.parent) touched.add(up)
  }
  if (blocks !== before)
    for (const id of changedRecords(before, blocks)) {
      known.page.blocks.update(before[id], blocks[id])
      touch(id, [before, blocks])
      if (!blocks[id]) known.made.delete(id)
    }
  known.blocks = blocks
  if (inStates !== known.inStates)
    for (const key of Object.keys({ ...inStates, ...known.inStates }))
      if (inStates[key] !== known.inStates[key]) touch(ownBlock(key, blocks), [blocks])
  known.inStates = inStates
  if (!sameElements(Object.values(known.around), Object.values(around)))
    for (const id of showingOthers(blocks)) touch(id, [blocks])
  known.around = around
  return touched
}

/** The block of the page an instance belongs to: itself, or the copy or series that shows it. */
const ownBlock = (key: string, blocks: Record<string, Block>): string =>
  key in blocks ? key : key.split('-', 1)[0]

/** Blocks that show something from elsewhere: copies, series with all that stands in them, and what names content. */
function showingOthers(blocks: Record<string, Block>): string[] {
  const inSeries = (block: Block): boolean => {
    for (let up = block.parent; up; up = blocks[up]?.parent)
      if (blocks[up] && kindOf(blocks[up]).expands) return true
    return false
  }
  return Object.values(blocks)
    .filter((block) => {
      const { expands, listsRows } = kindOf(block)
      return expands || listsRows || block.content || inSeries(block)
    })
    .map(({ id }) => id)
}

/** What a copy says otherwise: the same objects while the copy is, so that what is dressed by them is kept. */
export function dressesOf({ dresses, at }: KeptPage, copy: Block, key: string, values: SharedValue[]) {
  const made = dresses.get(key)
  if (made?.copy === copy) return made.found
  const found = copyDresses(copy, values, at)
  dresses.set(key, { copy, found })
  return found
}

export function originalBlocks(
  { originals }: KeptPage,
  id: string,
  blocks: Record<string, Block>,
): ChildIndex {
  const kept = originals.get(id)
  if (kept?.blocks === blocks) return kept.index
  const index = new ChildIndex(blocks)
  originals.set(id, { blocks, index })
  return index
}

/** Whether two lists hold the very same things. */
export function sameElements(a: unknown[], b: unknown[]): boolean {
  return a.length === b.length && a.every((element, index) => element === b[index])
}
