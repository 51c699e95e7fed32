import { kindOf, type Block } from '../block/block'
import type { Documents, Operation } from '../document/types'
import type { DrawingDocument } from '../drawing/drawing'
import type { StyleDocument } from '../style/style'

/** A copy of a shared block, and the drawing it stands in. */
export interface SharedUse {
  document: string
  copy: string
}

const sharedOf = (block: Pick<Block, 'kind' | 'data'>): string | undefined =>
  kindOf(block).expands === 'shared' ? (block.data?.shared as string | undefined) : undefined

const drawingsIn = (documents: Documents) =>
  Object.values(documents).filter(({ kind }) => kind === 'drawing') as unknown as DrawingDocument[]

/** Every copy in a project, by the shared block it shows. */
export function copiesByShared(documents: Documents): Map<string, SharedUse[]> {
  const uses = new Map<string, SharedUse[]>()
  for (const { id: document, records } of drawingsIn(documents))
    for (const block of Object.values(records.blocks ?? {})) {
      const shared = sharedOf(block)
      if (shared === undefined) continue
      const known = uses.get(shared)
      if (known) known.push({ document, copy: block.id })
      else uses.set(shared, [{ document, copy: block.id }])
    }
  return uses
}

/** The pages that show a shared block, by themselves or inside another one. */
export function pagesShowing(documents: Documents, shared: string): Set<string> {
  const uses = copiesByShared(documents)
  const originals = (documents.style as unknown as StyleDocument).records.shared
  const pages = new Set<string>()
  const met = new Set<string>()
  const visit = (one: string) => {
    if (met.has(one)) return
    met.add(one)
    for (const { document } of uses.get(one) ?? [])
      if (document in originals) visit(document)
      else pages.add(document)
  }
  visit(shared)
  return pages
}

/** Whether a shared block is another one, or shows it anywhere inside. */
export function showsShared(documents: Documents, outer: string, inner: string): boolean {
  const met = new Set<string>()
  const shows = (one: string): boolean => {
    if (one === inner) return true
    if (met.has(one)) return false
    met.add(one)
    const { blocks = {} } = (documents[one]?.records ?? {}) as unknown as Partial<DrawingDocument['records']>
    return Object.values(blocks).some((block) => {
      const shared = sharedOf(block)
      return shared !== undefined && shows(shared)
    })
  }
  return shows(outer)
}

/** Why operations on a drawing are refused: they would put a shared block into itself. */
export function refusesCopies(
  documents: Documents,
  drawing: string,
  operations: Operation[],
): string | undefined {
  const { shared } = (documents.style as unknown as StyleDocument).records
  if (!(drawing in shared)) return undefined
  for (const operation of operations) {
    const wanted =
      operation.type === 'put'
        ? sharedOf(operation.record as unknown as Pick<Block, 'kind' | 'data'>)
        : undefined
    if (wanted !== undefined && showsShared(documents, wanted, drawing))
      return `“${shared[wanted]?.name ?? 'This block'}” shows “${shared[drawing].name}” itself, so it cannot stand in it. Put it beside a copy instead.`
  }
  return undefined
}
