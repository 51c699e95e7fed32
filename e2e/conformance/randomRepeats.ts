import type { Block } from '@nolvex/core/block/block'
import { collectionKind } from '@nolvex/core/content/collection'
import type { Documents, Json } from '@nolvex/core/document/types'
import { drawingKind } from '@nolvex/core/drawing/drawing'
import { usualBands } from '@nolvex/core/site/usualSite'
import type { Shared, SharedValue } from '@nolvex/core/style/shared'
import { px } from '@nolvex/core/units/length'
import type { Random } from './random'

export const SHARED = 'sharedcard000000'
export const ROWS = 'rowsofwords00000'
export const ROW_FIELD = 'fieldwords000000'

/** A shared block of random blocks, with some of its leaves named as values copies may differ in. */
export function randomShared(
  blocks: Record<string, Block>,
  root: string,
  random: Random,
): { shared: Shared; values: SharedValue[]; original: Documents } {
  const inside = Object.values(blocks).filter(({ id, parent }) => id !== root && parent)
  const leaves = ['hidden', 'arrange.gap', 'place.width', 'look.textAlign', 'text']
  const values = inside.slice(0, 4).map((block, index): SharedValue => {
    const fitting = leaves.filter((leaf) => leaf !== 'text' || block.kind === 'text')
    const id = `value${String(index).padStart(11, '0')}`
    return { id, order: `a${index}`, shared: SHARED, label: id, block: block.id, leaf: random.pick(fitting) }
  })
  const drawing = { kind: 'drawing', id: SHARED, schema: drawingKind.schema, records: { blocks } }
  return {
    shared: { id: SHARED, order: 'a0', name: 'Shared', root },
    values,
    original: { [SHARED]: drawing } as unknown as Documents,
  }
}

/** What a copy says otherwise, for all bands and at one of them. */
export function randomValues(
  values: SharedValue[],
  random: Random,
  words: () => string,
): Pick<Block, 'values' | 'at'> {
  const valueOf = (leaf: string): Json => {
    if (leaf === 'hidden') return random.chance(0.5)
    if (leaf === 'text') return [{ insert: words() }]
    if (leaf === 'look.textAlign') return random.pick(['start', 'centre', 'end'])
    return px(random.int(0, 120)) as unknown as Json
  }
  const some = (share: number) =>
    Object.fromEntries(values.filter(() => random.chance(share)).map(({ id, leaf }) => [id, valueOf(leaf)]))
  return { values: some(0.6), at: random.maybe(0.4, () => ({ [usualBands.narrow]: { values: some(0.6) } })) }
}

/** A collection of words. */
export function randomRows(random: Random, words: () => string): Documents {
  const rows = Array.from({ length: random.int(0, 4) }, (_, index) => ({
    id: `row${String(index).padStart(13, '0')}`,
    order: `a${index}`,
    values: { [ROW_FIELD]: words() },
  }))
  const collection = {
    kind: 'collection',
    id: ROWS,
    schema: collectionKind.schema,
    records: {
      fields: { [ROW_FIELD]: { id: ROW_FIELD, order: 'a0', name: 'Words', type: 'text' } },
      rows: Object.fromEntries(rows.map((row) => [row.id, row])),
      settings: { collection: { id: 'collection', name: 'Words' } },
    },
  }
  return { [ROWS]: collection } as unknown as Documents
}
