import equal from 'fast-deep-equal'
import type { Block } from '../block/block'
import type { DocumentKind } from '../document/kind'
import { putAmong } from '../document/placing'
import { descendants, documentDepthFirst, inOrder, recordsByParent } from '../document/tree'
import type { ChangePart, Documents, Operation, StoredDocument, StoredRecord } from '../document/types'
import { drawingKind, emptyDrawing } from '../drawing/drawing'
import type { Alternative } from '../site/alternative'
import type { SiteDocument } from '../site/site'
import { styleKind } from '../style/style'

/** What an alternative is of: a page, one section of its drawing, or the style guide. */
export type AlternativeOf = Pick<Alternative, 'page' | 'section'>

/** Of a guide these belong to the drawings that show them, and stay whichever guide counts. */
const STAY = ['shared', 'sharedValues', 'patterns', 'kits']

/** The alternatives of the same thing, in order. */
export function alternativesOf({ alternatives }: SiteDocument['records'], of: AlternativeOf): Alternative[] {
  return inOrder(
    Object.values(alternatives).filter(({ page, section }) => page === of.page && section === of.section),
  )
}

/** What counts now of what alternatives are of, as a document of its own. */
export function counting(documents: Documents, { page, section }: AlternativeOf): StoredDocument {
  if (page === undefined) return guideOf(documents.style)
  const drawing = documents[page] ?? (emptyDrawing(page) as unknown as StoredDocument)
  return section === undefined ? drawing : sectionOf(drawing, section)
}

const guideOf = (style: StoredDocument): StoredDocument => ({
  ...style,
  records: Object.fromEntries(Object.entries(style.records).filter(([name]) => !STAY.includes(name))),
})

/** A drawing with one section of it and all that stands there. */
function sectionOf(drawing: StoredDocument, section: string): StoredDocument {
  const { blocks } = drawing.records
  const inside = blocks[section] ? withAllIn(drawing, section) : []
  return { ...drawing, records: { blocks: Object.fromEntries(inside.map((id) => [id, blocks[id]])) } }
}

const withAllIn = (drawing: StoredDocument, id: string): string[] =>
  descendants(drawing, recordsByParent(drawingKind, drawing), 'blocks', id).map(({ record }) =>
    String(record.id),
  )

const kindOf = ({ page }: AlternativeOf): DocumentKind => (page === undefined ? styleKind : drawingKind)

/**
 * Keeps what counts now as an alternative, so that it can be changed and compared.
 * @param id of the alternative
 */
export function keepAlternative(
  documents: Documents,
  of: AlternativeOf,
  { id, name }: { id: string; name: string },
): ChangePart[] {
  const { records } = documents.site as unknown as SiteDocument
  const known = alternativesOf(records, of)
  const record = { id, name, ...of }
  const kind = kindOf(of)
  const operations = putAll(kind, counting(documents, of))
  const parts: ChangePart[] = [
    { document: 'site', kind: 'site', operations: putAmong('alternatives', known, known.length, [record]) },
  ]
  if (operations.length) parts.push({ document: id, kind: kind.kind, operations })
  return parts
}

/** Lets an alternative count; what counted until now is kept in its place. */
export function takeAlternative(documents: Documents, alternative: Alternative): ChangePart[] {
  const kind = kindOf(alternative)
  const now = counting(documents, alternative)
  const kept = documents[alternative.id] ?? { ...now, id: alternative.id, records: {} }
  const counts = alternative.page ?? 'style'
  return [
    { document: counts, kind: kind.kind, operations: turnedInto(kind, now, kept, alternative.section) },
    { document: alternative.id, kind: kind.kind, operations: turnedInto(kind, kept, now) },
  ].filter(({ operations }) => operations.length > 0)
}

/** What makes one document's records another's. Where blocks stand in a tree, all that differs is put anew. */
function turnedInto(
  kind: DocumentKind,
  from: StoredDocument,
  to: StoredDocument,
  section?: string,
): Operation[] {
  if (equal(from.records, to.records)) return []
  if (kind === styleKind) return flatChanges(kind, from, to)
  const roots = Object.values(from.records.blocks ?? {}).filter(
    ({ parent }) => parent === undefined || !from.records.blocks[String(parent)],
  )
  const stands = section === undefined ? undefined : (from.records.blocks[section] as unknown as Block)
  return [
    ...roots.map(({ id }): Operation => ({ type: 'remove', collection: 'blocks', id: String(id) })),
    ...putAll(kind, to, stands && { [stands.id]: stands.order }),
  ]
}

/** Records that stand in no tree: those that differ are put anew, in their place. */
function flatChanges(kind: DocumentKind, from: StoredDocument, to: StoredDocument): Operation[] {
  return Object.keys(kind.collections).flatMap((collection) => {
    const [before, after] = [from.records[collection] ?? {}, to.records[collection] ?? {}]
    const ids = Object.keys({ ...before, ...after }).filter((id) => !equal(before[id], after[id]))
    return ids.flatMap((id): Operation[] => [
      ...(before[id] ? [{ type: 'remove' as const, collection, id }] : []),
      ...(after[id] ? [{ type: 'put' as const, collection, id, record: after[id] }] : []),
    ])
  })
}

/** Puts all records of a document, each after what it stands in. @param orders places some of them take */
function putAll(
  kind: DocumentKind,
  document: StoredDocument,
  orders: Record<string, string> = {},
): Operation[] {
  return documentDepthFirst(kind, document).map(({ collection, record }): Operation => {
    const id = String(record.id)
    const placed = orders[id] ? ({ ...record, order: orders[id] } as StoredRecord) : record
    return { type: 'put', collection, id, record: placed }
  })
}

/** Takes an alternative away, with the document that holds it. */
export function forgetAlternative(documents: Documents, { id, ...of }: Alternative): ChangePart[] {
  const kind = kindOf(of)
  const held = documents[id]
  const operations = held
    ? Object.entries(held.records).flatMap(([collection, records]) =>
        Object.values(records)
          .filter(({ parent }) => parent === undefined || !records[String(parent)])
          .map((record): Operation => ({ type: 'remove', collection, id: String(record.id) })),
      )
    : []
  const parts: ChangePart[] = [
    { document: 'site', kind: 'site', operations: [{ type: 'remove', collection: 'alternatives', id }] },
  ]
  if (operations.length) parts.push({ document: id, kind: kind.kind, operations })
  return parts
}
