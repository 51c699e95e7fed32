import equal from 'fast-deep-equal'
import type { z } from 'zod'
import { blockSchema } from '../block/block'
import { leafPaths, leafTable } from '../document/leafTable'
import { valueAt } from '../document/path'
import type { ChangePart, Json, Operation, StoredRecord } from '../document/types'
import type { DrawingDocument } from '../drawing/drawing'
import { towardsLead } from '../grid/band'
import { foldLeaf, recordLayers, type BandedRecord, type Bands } from '../resolve/cascade'
import { partSchema } from '../style/part'
import { levelSchema, type StyleDocument } from '../style/style'

/** A record with values by band. */
interface Varying {
  id: string
  at?: Record<string, unknown>
}

type Rewrite = (collection: string, schema: z.ZodType, record: Varying) => Operation[]

/** Rewrites the values by band of all blocks, type levels and parts of the guide, as parts of a change. */
export function rewriteBandValues(
  drawings: DrawingDocument[],
  style: StyleDocument,
  rewrite: Rewrite,
): ChangePart[] {
  const { levels, parts } = style.records
  return [
    ...drawings.map(({ id, records }) => {
      const blocks = Object.values(records.blocks)
      const operations = blocks.flatMap((block) => rewrite('blocks', blockSchema, block))
      return { document: id, kind: 'drawing', operations }
    }),
    {
      document: style.id,
      kind: 'style',
      operations: [
        ...Object.values(levels).flatMap((level) => rewrite('levels', levelSchema, level)),
        ...Object.values(parts).flatMap((part) => rewrite('parts', partSchema, part)),
      ],
    },
  ].filter(({ operations }) => operations.length > 0)
}

const write = (collection: string, id: string, path: string[], value: Json | undefined): Operation => {
  return { type: 'set', collection, id, path, ...(value === undefined ? {} : { value }) }
}
/** Paths of what a record's bands set, beginning with `at` and the band. */
const pathsByBand = (schema: z.ZodType, at: Varying['at']): string[][] => leafPaths(leafTable(schema), { at })

/** Clears a record's values at a band, handing them to another where it has none. */
export function withoutBand(band: string, outward: string | undefined): Rewrite {
  return (collection, schema, record) => {
    const values = record.at?.[band]
    if (!values) return []
    const stored = record as unknown as StoredRecord
    const isSetOutward = (path: string[]) =>
      valueAt(stored, ['at', outward ?? '', ...path]) !== undefined ||
      valueAt(stored, ['at', outward ?? '', ...twin(path)]) !== undefined
    return pathsByBand(schema, { [band]: values }).flatMap((path): Operation[] => {
      const leaf = path.slice(2)
      const clear = write(collection, record.id, path, undefined)
      if (!outward || isSetOutward(leaf)) return [clear]
      return [write(collection, record.id, ['at', outward, ...leaf], valueAt(stored, path)), clear]
    })
  }
}

/** A leaf's value and its “without” exclude one another: the path of the other. */
const twin = (path: string[]) =>
  path[0] === 'without' ? (path[1] ?? '').split('.') : ['without', path.join('.')]

/** Writes a record for another lead so that its value is what it was at every band. */
export function leadBy(bands: Bands, lead: string): Rewrite {
  return (collection, schema, record) => {
    if (!record.at) return []
    const stored = record as unknown as StoredRecord
    return varyingLeaves(schema, record).flatMap((leaf) => {
      // What the record itself says: undefined where its kind's value shows.
      const value = (band: string) =>
        foldLeaf(recordLayers(record as BandedRecord, { bands, band }), leaf).value
      const operations = [write(collection, record.id, leaf, value(lead))]
      for (const { id } of bands.inOrder) {
        const own = ['at', id, ...leaf]
        const without = ['at', id, 'without', leaf.join('.')]
        const [, nearer] = id === lead ? [] : towardsLead(bands.inOrder, id, lead)
        const isSame = !nearer || equal(value(id), value(nearer.id))
        operations.push(write(collection, record.id, own, isSame ? undefined : value(id)))
        const isCleared = !isSame && value(id) === undefined
        operations.push(write(collection, record.id, without, isCleared ? true : undefined))
      }
      return operations.filter((operation) => isNews(stored, operation))
    })
  }
}

const isNews = (stored: StoredRecord, operation: Operation) =>
  operation.type !== 'set' || !equal(valueAt(stored, operation.path), operation.value)

/** Every leaf of a record that some band sets or clears. */
function varyingLeaves(schema: z.ZodType, { at }: Varying): string[][] {
  const paths = pathsByBand(schema, at).map((path) => path.slice(2))
  const leaves = paths.map((path) => (path[0] === 'without' ? path[1].split('.') : path))
  return [...new Map(leaves.map((leaf) => [leaf.join('.'), leaf])).values()]
}
