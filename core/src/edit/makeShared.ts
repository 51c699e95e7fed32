import { kindOf, standsOnPage, type Block } from '../block/block'
import type { ChangePart } from '../document/types'
import { inOrder } from '../document/tree'
import { putBlock } from '../drawing/drawing'
import { blockValue } from '../resolve/blockLayers'
import type { AtBand } from '../resolve/cascade'
import { putShared, type StyleDocument } from '../style/style'
import { copyBlocks, outermost, removeBlocks } from './blockChanges'

type Blocks = Record<string, Block>

/** A shared block that was made, with the change that makes it; or why it cannot be made. */
export type MadeShared = { parts: ChangePart[]; shared: string; copy: string } | { reason: string }

/**
 * Makes a shared block of blocks that stand beside one another, and puts a copy in their place. Several are put into a box.
 * @param drawing the drawing they stand in
 */
export function makeShared(
  drawing: { id: string; blocks: Blocks },
  chosen: string[],
  name: string,
  style: StyleDocument,
  at: AtBand,
  newId: () => string,
): MadeShared {
  const { blocks } = drawing
  const ids = inOrder(outermost(blocks, chosen).map((id) => blocks[id])).map(({ id }) => id)
  const [first] = ids.map((id) => blocks[id])
  if (!first) return { reason: 'Choose what is to be shared first.' }
  if (ids.some((id) => blocks[id].parent !== first.parent))
    return { reason: 'Only blocks that stand in the same box or section can be shared as one.' }
  if (ids.length > 1 && standsOnPage(first))
    return { reason: 'Sections are shared one by one. Choose one of them.' }
  if (ids.length === 1 && kindOf(first).expands === 'shared')
    return { reason: 'This is a copy of a shared block already. Make it independent first.' }
  const shared = newId()
  const isSection = standsOnPage(first)
  const trees = copyBlocks(blocks, ids, newId)
  const [root, ...below] = ids.length === 1 ? trees[0] : boxed(trees, blocks, first.parent, at, newId)
  const stand: Block[] = isSection ? [] : [{ id: newId(), order: 'a0', kind: 'section', name: 'Stand' }]
  const copy: Block = {
    ...placedAs(first, ids.length === 1),
    id: newId(),
    kind: 'copy',
    data: { shared, isSection },
  }
  const original = { ...withoutPlace(root), order: 'a0', parent: stand[0]?.id }
  return {
    shared,
    copy: copy.id,
    parts: [
      {
        document: style.id,
        kind: 'style',
        operations: putShared(style, { id: shared, name, root: root.id }),
      },
      { document: shared, kind: 'drawing', operations: [...stand, original, ...below].map(putBlock) },
      { document: drawing.id, kind: 'drawing', operations: [putBlock(copy), ...removeBlocks(blocks, ids)] },
    ],
  }
}

/** Blocks in a box that arranges them as what they stood in. */
function boxed(
  trees: Block[][],
  blocks: Blocks,
  parent: string | undefined,
  at: AtBand,
  newId: () => string,
): Block[] {
  const around = parent === undefined ? undefined : blocks[parent]
  const isRow = around && blockValue(around, ['arrange', 'type'], at).value === 'row'
  const box: Block = {
    id: newId(),
    order: 'a0',
    kind: 'box',
    ...(isRow ? { arrange: { type: 'row' as const }, place: { width: 'fit' as const } } : {}),
  }
  return [box, ...trees.flatMap(([top, ...below]) => [{ ...top, parent: box.id }, ...below])]
}

const SIZES = ['width', 'height', 'minWidth', 'maxWidth', 'minHeight', 'maxHeight', 'overflow']
const isSize = (key: string) => SIZES.includes(key)

type Placed = Pick<Block, 'place' | 'at'>

/** What of a place says how large a block is, or where it stands. */
function placeWhere({ place, at }: Placed, keeps: (key: string) => boolean): Placed {
  const part = (whole: Block['place']) =>
    whole && (Object.fromEntries(Object.entries(whole).filter(([key]) => keeps(key))) as Block['place'])
  const bands = Object.entries(at ?? {}).map(([band, values]) => [
    band,
    { ...values, place: part(values.place) },
  ])
  return { place: part(place), at: at && (Object.fromEntries(bands) as Block['at']) }
}

/** The original is as large as the block was; where it stands is each copy's own. */
const withoutPlace = (block: Block): Block => ({ ...block, ...placeWhere(block, isSize), section: undefined })

/** Where a copy stands: in place of the block, with what that is on the map. */
function placedAs(
  block: Block,
  isAlone: boolean,
): Pick<Block, 'order' | 'parent' | 'section' | 'place' | 'at'> {
  const { order, parent, section } = block
  const { place, at } = isAlone ? placeWhere(block, (key) => !isSize(key)) : placeWhere(block, () => false)
  const bands = Object.entries(at ?? {}).map(([band, { order: own, place: there }]) => [
    band,
    { order: own, place: there },
  ])
  return { order, parent, section, place, at: at && (Object.fromEntries(bands) as Block['at']) }
}
