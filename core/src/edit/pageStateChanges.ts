import type { Block } from '../block/block'
import type { ChangePart, Operation, StoredRecord } from '../document/types'
import type { DrawingDocument } from '../drawing/drawing'
import { USUAL_STATE } from '../site/pageState'
import type { SiteDocument } from '../site/site'

type Blocks = Readonly<Record<string, Block>>

/** Ids of all states of a page, the usual one first. */
export const statesOfPage = ({ pageStates }: SiteDocument['records'], page: string): string[] => [
  USUAL_STATE,
  ...Object.values(pageStates)
    .filter((state) => state.page === page)
    .sort((a, b) => (a.order < b.order ? -1 : 1))
    .map(({ id }) => id),
]

/**
 * Changes as they count in one state of a page: what is put there is shown there alone, and what is taken away there stays
 * in the others.
 * @param all ids of the page's states
 */
export function inPageState(
  operations: Operation[],
  blocks: Blocks,
  state: string,
  all: string[],
): Operation[] {
  if (state === USUAL_STATE) return operations
  const put = new Set(operations.flatMap((one) => (one.type === 'put' ? [one.id] : [])))
  return operations.map((operation): Operation => {
    if (operation.collection !== 'blocks') return operation
    if (operation.type === 'put') {
      const { parent, shownWhen } = operation.record as { parent?: string; shownWhen?: string[] }
      const stands = shownWhen !== undefined || (parent !== undefined && put.has(parent))
      if (stands) return operation
      return { ...operation, record: { ...operation.record, shownWhen: [state] } as StoredRecord }
    }
    if (operation.type === 'remove') return leftOut(blocks[operation.id], state, all) ?? operation
    return operation
  })
}

/** What leaves a block out of a state; nothing where it would then be shown in none. */
function leftOut(block: Block | undefined, state: string, all: string[]): Operation | undefined {
  const others = (block?.shownWhen ?? all).filter((one) => one !== state && all.includes(one))
  if (!block || others.length === 0) return undefined
  return { type: 'set', collection: 'blocks', id: block.id, path: ['shownWhen'], value: others }
}

/** Takes a state of a page away, with what is shown in it alone. */
export function removePageState(
  id: string,
  page: string,
  drawing: DrawingDocument | undefined,
): ChangePart[] {
  const operations = Object.values(drawing?.records.blocks ?? {}).flatMap(
    ({ id: block, shownWhen }): Operation[] => {
      if (!shownWhen?.includes(id)) return []
      const others = shownWhen.filter((one) => one !== id)
      if (others.length === 0) return [{ type: 'remove', collection: 'blocks', id: block }]
      return [{ type: 'set', collection: 'blocks', id: block, path: ['shownWhen'], value: others }]
    },
  )
  const parts: ChangePart[] = [
    { document: 'site', kind: 'site', operations: [{ type: 'remove', collection: 'pageStates', id }] },
  ]
  if (operations.length) parts.push({ document: page, kind: 'drawing', operations })
  return parts
}
