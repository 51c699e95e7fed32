import { kindOf, type Block } from '../block/block'
import type { ChangePart, Documents, Operation } from '../document/types'
import { putAmong } from '../document/placing'
import type { DrawingDocument } from '../drawing/drawing'
import { valuesOf } from '../resolve/scope'
import { CHILDREN } from '../style/shared'
import type { StyleDocument } from '../style/style'
import { copiesByShared } from './sharedUses'

/** The block of an original that copies put blocks of their own into, if it has one. */
export const placeOf = (style: StyleDocument, shared: string): string | undefined =>
  valuesOf(style, shared).find(({ leaf }) => leaf === CHILDREN)?.block

/**
 * Lets copies of a shared block put blocks of their own into one of its blocks, or no longer into any. There is one such
 * place; what stands in it in the original shows until a copy has its own.
 * @param block nothing takes the place away
 */
export function setOwnPlace(
  documents: Documents,
  shared: string,
  block: Block | undefined,
  newId: () => string,
): ChangePart[] {
  const style = documents.style as unknown as StyleDocument
  const values = valuesOf(style, shared)
  const before = values.filter(({ leaf }) => leaf === CHILDREN)
  const removed = before.map(({ id }): Operation => ({ type: 'remove', collection: 'sharedValues', id }))
  const label = block && `What stands in ${block.name ?? kindOf(block).label.toLowerCase()}`.slice(0, 100)
  const put = block
    ? putAmong('sharedValues', values, values.length, [
        { id: newId(), shared, block: block.id, leaf: CHILDREN, label },
      ])
    : []
  const byDrawing = new Map<string, Operation[]>()
  for (const { document, copy } of copiesByShared(documents).get(shared) ?? []) {
    const { data } = (documents[document] as unknown as DrawingDocument).records.blocks[copy]
    if ((data?.hasPlace ?? false) === Boolean(block)) continue
    const set: Operation = {
      type: 'set',
      collection: 'blocks',
      id: copy,
      path: ['data', 'hasPlace'],
      ...(block ? { value: true } : {}),
    }
    byDrawing.set(document, [...(byDrawing.get(document) ?? []), set])
  }
  const operations = [...removed, ...put]
  return [
    ...(operations.length ? [{ document: style.id, kind: 'style', operations }] : []),
    ...[...byDrawing].map(([document, own]) => ({ document, kind: 'drawing', operations: own })),
  ]
}
