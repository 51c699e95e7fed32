import type { Block } from '../block/block'
import { variesAt } from '../block/field'
import type { Operation } from '../document/types'

/** The leaf a path writes, without the band it writes it for. */
const withoutBand = (path: string[]) => (path[0] === 'at' ? path.slice(2) : path)
const isVarying = (path: string[]) => variesAt(path) || path[0] === 'order'

/**
 * A change written so that it counts for all bands: each value stands on the block itself, and no band keeps another.
 * @param operations as they are written for one band
 */
export function atAllBands(operations: Operation[], blocks: Record<string, Block>): Operation[] {
  return operations.flatMap((operation): Operation[] => {
    if (operation.type !== 'set' || operation.path.length === 0) return [operation]
    const path = withoutBand(operation.path)
    // What clears a mark of a band, and what bands cannot differ in, stays as it is.
    if (!isVarying(path)) return [operation]
    const bands = Object.keys(blocks[operation.id]?.at ?? {})
    const { collection, id } = operation
    return [
      { ...operation, path },
      ...bands.flatMap((band): Operation[] => [
        { type: 'set', collection, id, path: ['at', band, ...path] },
        { type: 'set', collection, id, path: ['at', band, 'without', path.join('.')] },
      ]),
    ]
  })
}
