import { blockSchema, type Block, type BlockKindName } from '../block/block'
import { refusesParent } from '../block/kinds'
import type { DocumentKind } from '../document/kind'
import type { StoredRecord } from '../document/types'
import { fourCorners } from './fourCorners'

const kindOf = (record: StoredRecord) => record.kind as BlockKindName

/** Blocks may stand this deep in one another; layout and painting walk down so far. */
const DEEPEST_BLOCK = 100

/** One page's blocks, for all bands. Its id is its page's. */
export const drawingKind: DocumentKind = {
  kind: 'drawing',
  schema: 2,
  unmarked: 1,
  collections: {
    blocks: {
      schema: blockSchema,
      parents: [
        {
          field: 'parent',
          collection: 'blocks',
          deepest: DEEPEST_BLOCK,
          refuses: (parent, child) => refusesParent(parent && kindOf(parent), kindOf(child)),
        },
      ],
    },
  },
  migrations: [fourCorners],
}

export interface DrawingDocument {
  kind: string
  id: string
  schema: number
  records: { blocks: Record<string, Block> }
}
