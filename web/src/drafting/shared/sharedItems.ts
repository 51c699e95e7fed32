import type { ShelfItem } from '@nolvex/core/block/shelf'
import { inOrder } from '@nolvex/core/document/tree'
import type { Documents } from '@nolvex/core/document/types'
import { drawingIn } from '@nolvex/core/resolve/pageSources'
import { CHILDREN } from '@nolvex/core/style/shared'
import type { StyleDocument } from '@nolvex/core/style/style'

/** Shared blocks as the shelf offers them: each puts a copy. */
export function sharedItems({ records }: StyleDocument, around: Documents): ShelfItem[] {
  const places = new Set(
    Object.values(records.sharedValues).flatMap(({ leaf, shared }) => (leaf === CHILDREN ? [shared] : [])),
  )
  return inOrder(Object.values(records.shared)).flatMap(({ id, name, root }) => {
    const block = drawingIn(around, id)?.records.blocks[root]
    if (!block) return []
    const data = { shared: id, isSection: block.parent === undefined, hasPlace: places.has(id) }
    return [{ id: `shared ${id}`, label: name, also: 'shared copy', block: { kind: 'copy' as const, data } }]
  })
}
