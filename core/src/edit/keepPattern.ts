import type { Block } from '../block/block'
import { putAmong } from '../document/placing'
import { inOrder } from '../document/tree'
import type { ChangePart } from '../document/types'
import { putBlock } from '../drawing/drawing'
import type { StyleDocument } from '../style/style'
import { copyBlocks } from './blockChanges'

/** Keeps a section, as it is drawn, as a pattern of the project's own. */
export function keepPattern(
  blocks: Record<string, Block>,
  section: string,
  name: string,
  style: StyleDocument,
  newId: () => string,
): ChangePart[] {
  const [{ section: onMap, ...root }, ...below] = copyBlocks(blocks, [section], newId)[0]
  const known = inOrder(Object.values(style.records.patterns))
  const id = newId()
  return [
    {
      document: style.id,
      kind: 'style',
      operations: putAmong('patterns', known, known.length, [{ id, name, root: root.id }]),
    },
    { document: id, kind: 'drawing', operations: [{ ...root, order: 'a0' }, ...below].map(putBlock) },
  ]
}
