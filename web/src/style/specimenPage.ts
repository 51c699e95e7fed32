import type { Block } from '@nolvex/core/block/block'
import type { DrawingDocument } from '@nolvex/core/drawing/drawing'
import type { BlockKindName } from '@nolvex/core/block/kinds'

const px = (value: number) => ({ value, unit: 'px' as const })
const says = (insert: string) => [{ insert }]
const SECTION = 'specimensection0'
const PART = 'specimenpart0000'

/** What stands in a specimen that holds others. */
const HELD: Partial<Record<BlockKindName, string[]>> = {
  tabs: ['Sailings', 'Fares', 'On board'],
  accordion: ['May I bring a bicycle?', 'What of my dog?'],
}

/** A drawing with one block of a kind on it, to see how a guide dresses it. */
export function specimenPage(
  kind: BlockKindName,
  variant: string | undefined,
  own: Partial<Block>,
): DrawingDocument {
  const blocks: Record<string, Block> = {}
  const add = (block: Partial<Block> & Pick<Block, 'id' | 'kind'>) =>
    (blocks[block.id] = { order: `a${Object.keys(blocks).length}`, ...block } as Block)
  const dressed = { ...own, ...(variant !== undefined && { variant }) }
  if (kind === 'section') {
    add({ ...dressed, id: PART, kind })
    add({
      id: 'specimenheading0',
      kind: 'text',
      tag: 'h2',
      parent: PART,
      text: says('What this section is about'),
    })
    add({ id: 'specimentext0000', kind: 'text', parent: PART, text: says('And what it says on its ground.') })
    add({ id: 'specimenbutton00', kind: 'button', parent: PART, text: says('Do this') })
  } else {
    add({
      id: SECTION,
      kind: 'section',
      arrange: {
        type: 'column',
        padding: { top: px(24), right: px(24), bottom: px(24), left: px(24) },
        align: 'start',
      },
    })
    add({ ...dressed, id: PART, kind, parent: SECTION })
    for (const [index, name] of (HELD[kind] ?? []).entries()) {
      const id = `specimenpane000${index}`
      add({ id, kind: 'box', name, parent: PART })
      add({ id: `specimenwords00${index}`, kind: 'text', parent: id, text: says('What stands here.') })
    }
    if (kind === 'box') {
      add({ id: 'specimenheading0', kind: 'text', tag: 'h3', parent: PART, text: says('What it is about') })
      add({
        id: 'specimentext0000',
        kind: 'text',
        parent: PART,
        text: says('A line or two of what there is to say.'),
      })
    }
  }
  return { kind: 'drawing', id: 'specimenpage0000', schema: 3, records: { blocks } }
}
