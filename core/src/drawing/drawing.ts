import { blockSchema, refusesParent, type Block } from '../block/block'
import type { DocumentKind } from '../document/kind'
import type { Operation, StoredRecord } from '../document/types'
import { fourCorners } from './fourCorners'
import { pictureData } from './pictureData'

const asBlock = (record: StoredRecord) => record as unknown as Block

/** Blocks may stand this deep in one another; layout and painting walk down so far. */
const DEEPEST_BLOCK = 100

/** One page's blocks, for all bands. Its id is its page's. */
export const drawingKind: DocumentKind = {
  kind: 'drawing',
  schema: 3,
  unmarked: 1,
  collections: {
    blocks: {
      schema: blockSchema,
      parents: [
        {
          field: 'parent',
          collection: 'blocks',
          deepest: DEEPEST_BLOCK,
          refuses: (parent, child) => refusesParent(parent && asBlock(parent), asBlock(child)),
        },
      ],
    },
  },
  migrations: [fourCorners, pictureData],
}

export interface DrawingDocument {
  kind: string
  id: string
  schema: number
  records: { blocks: Record<string, Block> }
}

/** A drawing with nothing on it. */
export const emptyDrawing = (page: string): DrawingDocument => ({
  kind: drawingKind.kind,
  id: page,
  schema: drawingKind.schema,
  records: { blocks: {} },
})

/** Puts a block as it is. */
export const putBlock = (block: Block): Operation => {
  return { type: 'put', collection: 'blocks', id: block.id, record: block as unknown as StoredRecord }
}
