import { refusesParent, type Block } from '@nolvex/core/block/block'
import { applyChange } from '@nolvex/core/document/apply'
import type { Json, Operation, StoredDocument } from '@nolvex/core/document/types'
import { duplicateBlocks, moveBlocks, removeBlocks, setLeaf } from '@nolvex/core/edit/blockChanges'
import { documentKinds } from '@nolvex/core/resolve/documentKinds'
import { bandsOf, type PageSources } from '@nolvex/core/resolve/resolvePage'
import { usualBands, usualSite } from '@nolvex/core/site/usualSite'
import { px } from '@nolvex/core/units/length'
import type { Random } from './random'

const at = { bands: bandsOf(usualSite), band: usualBands.wide }

/** One thing done to a page: a leaf changed, a block moved, hidden, taken out, copied, or given an order of its own. */
function randomOperations(blocks: Record<string, Block>, random: Random): Operation[] {
  const id = random.pick(Object.keys(blocks))
  const length = px(random.int(0, 60)) as unknown as Json
  const { narrow, wide } = usualBands
  const inBox = Object.values(blocks).filter((block) => !refusesParent(block, blocks[id]))
  switch (random.int(0, 7)) {
    case 0:
      return setLeaf([id], ['hidden'], random.chance(0.5) ? true : undefined, at)
    case 1:
      return Object.keys(blocks).length > 4 ? removeBlocks(blocks, [id]) : []
    case 2:
      return duplicateBlocks(blocks, [id], at, () => `c${random.int(1e9, 9e9)}`.padEnd(16, '0')).operations
    case 3: {
      const parent = inBox.length ? random.pick(inBox).id : null
      return moveBlocks(blocks, [id], { parent, index: random.int(0, 3) }, at)
    }
    case 4:
      return setLeaf([id], ['order'], `Z${random.int(0, 99)}`, { ...at, band: random.pick([narrow, wide]) })
    case 5:
      return setLeaf([id], ['text'], [{ insert: `Boat ${random.int(1, 99)} leaves` }], at)
    default:
      return setLeaf([id], random.pick(LENGTHS), length, at)
  }
}

const LENGTHS = [
  ['arrange', 'gap'],
  ['place', 'minHeight'],
  ['arrange', 'padding', 'top'],
]

/** The page after a change; one that is refused, such as a block moved into itself, leaves it as it is. */
export function changed(sources: PageSources, random: Random): PageSources {
  const drawing = sources.drawing as unknown as StoredDocument
  const operations = randomOperations(sources.drawing.records.blocks, random)
  const parts = [{ document: drawing.id, kind: 'drawing', operations }]
  const { documents } = applyChange(documentKinds, { [drawing.id]: drawing }, parts)
  return { ...sources, drawing: documents[drawing.id] as unknown as PageSources['drawing'] }
}
