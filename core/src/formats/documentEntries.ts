import { strFromU8, strToU8 } from 'fflate'
import { z } from 'zod'
import { applyChange } from '../document/apply'
import { idSchema } from '../document/ids'
import { jsonTrouble } from '../document/jsonTrouble'
import { MOST_RECORDS } from '../document/kind'
import { migrate, UnknownSchema } from '../document/migrate'
import { documentDepthFirst } from '../document/tree'
import type { Documents, StoredDocument } from '../document/types'
import { documentKinds } from '../resolve/documentKinds'

/** A zip of documents that cannot be read, with what to do about it. */
export class PackedFileError extends Error {}

/** The most a zip of documents holds: records in all of them, and bytes of JSON in one of them and in all. */
export const PACKED_LIMITS = {
  records: 200_000,
  document: 16 * 1024 * 1024,
  documents: 64 * 1024 * 1024,
}

/** Files that travel with documents: pictures, fonts, and what is only kept and handed back. */
const FILE_TYPES = [
  'image/png',
  'image/jpeg',
  'image/webp',
  'image/svg+xml',
  'font/ttf',
  'font/otf',
  'application/pdf',
  'application/octet-stream',
] as const

/** What a zip of documents lists of them and of its files. */
export const listed = {
  documents: z.array(z.strictObject({ id: idSchema, kind: z.string().max(20) })).max(10_000),
  assets: z
    .array(z.strictObject({ id: idSchema, name: z.string().max(300), type: z.enum(FILE_TYPES) }))
    .max(10_000),
}

export type FileType = (typeof FILE_TYPES)[number]
export type Listed = { id: string; kind: string }[]

const documentName = (id: string) => `documents/${id}.json`
const assetName = (id: string) => `assets/${id}`

export const jsonEntry = (value: unknown) => strToU8(JSON.stringify(value, null, 1))

/** The entries of a zip that has documents in it, and files by their ids. */
export function documentEntries(documents: Documents, assets: { id: string; bytes: Uint8Array }[]) {
  const entries: Record<string, Uint8Array> = {}
  for (const document of Object.values(documents)) entries[documentName(document.id)] = jsonEntry(document)
  for (const { id, bytes } of assets) entries[assetName(id)] = bytes
  return entries
}

const documentSchema = z.strictObject({
  kind: z.string(),
  id: idSchema,
  schema: z.int().min(1),
  records: z.record(z.string(), z.record(idSchema, z.looseObject({ id: idSchema }))),
})

/** Reads the parts of an unpacked zip of documents, checking limits, names, schemas and every record. */
export class DocumentEntries {
  private room = PACKED_LIMITS.records

  /** @param what the zip is called in what is said of it, such as “project file” */
  constructor(
    private entries: Record<string, Uint8Array>,
    private what: string,
  ) {}

  /** @throws PackedFileError where the zip lacks it */
  bytes(name: string): Uint8Array {
    if (!Object.hasOwn(this.entries, name)) throw new PackedFileError(`The ${this.what} lacks ${name}.`)
    return this.entries[name]
  }

  file = (id: string) => this.bytes(assetName(id))

  /** @throws PackedFileError where it is no JSON, or JSON that cannot be stored */
  json(name: string): unknown {
    let value: unknown
    try {
      value = JSON.parse(strFromU8(this.bytes(name)))
    } catch (error) {
      if (error instanceof PackedFileError) throw error
      throw new PackedFileError(`${name} in the ${this.what} is not JSON.`)
    }
    const trouble = jsonTrouble(value)
    if (trouble) throw this.wrong(name, trouble)
    return value
  }

  /** All documents a manifest lists. @throws PackedFileError that says what is wrong with which of them */
  documents(manifest: string, documents: Listed): Documents {
    this.checkOnce(manifest, 'document', documents)
    this.checkSizes(documents)
    return Object.fromEntries(documents.map(({ id, kind }) => [id, this.document(id, kind)]))
  }

  checkOnce(manifest: string, what: string, list: { id: string }[]) {
    const seen = new Set<string>()
    for (const { id } of list) {
      if (seen.has(id)) throw new PackedFileError(`${manifest} names the ${what} ${id} twice.`)
      seen.add(id)
    }
  }

  private wrong = (name: string, says: string) => new PackedFileError(`${name} in the ${this.what}: ${says}`)

  private checkSizes(documents: Listed) {
    let total = 0
    for (const { id } of documents) {
      const { length } = this.bytes(documentName(id))
      total += length
      if (length > PACKED_LIMITS.document)
        throw new PackedFileError(`${documentName(id)} in the ${this.what} is larger than 16 MB.`)
    }
    if (total > PACKED_LIMITS.documents)
      throw new PackedFileError(`The documents of the ${this.what} are larger than 64 MB together.`)
  }

  /** Reads a document by creating its records anew, so that nothing gets in that a change could not have written. */
  private document(id: string, kind: string): StoredDocument {
    const name = documentName(id)
    const parsed = documentSchema.safeParse(this.json(name))
    if (
      !parsed.success ||
      parsed.data.id !== id ||
      parsed.data.kind !== kind ||
      !Object.hasOwn(documentKinds, kind)
    )
      throw new PackedFileError(`${name} in the ${this.what} is not a document.`)
    const document = this.broughtUp(name, parsed.data as StoredDocument)
    this.checkCollections(name, document)
    const operations = documentDepthFirst(documentKinds[kind], document).map(({ collection, record }) => {
      return { type: 'put' as const, collection, id: record.id, record }
    })
    this.checkAllReached(name, document, operations)
    const applied = applyChange(documentKinds, {}, [{ document: id, kind, operations }])
    if (applied.outcomes.length) {
      const [{ collection, id: record, reason }] = applied.outcomes
      throw this.wrong(name, `${collection} ${record}: ${reason}.`)
    }
    const lacks = documentKinds[kind].lacks?.(applied.documents[id])
    if (lacks) throw new PackedFileError(`${name} in the ${this.what} lacks ${lacks}.`)
    return applied.documents[id]
  }

  /** Refuses collections nothing is known of, and more records than there is room for, before any is read. */
  private checkCollections(name: string, { kind, records }: StoredDocument) {
    for (const [collection, held] of Object.entries(records)) {
      if (!Object.hasOwn(documentKinds[kind].collections, collection))
        throw this.wrong(name, `a ${kind} has no ${collection.slice(0, 40)}.`)
      const count = Object.keys(held).length
      this.room -= count
      if (count > MOST_RECORDS || this.room < 0) {
        const most = (count > MOST_RECORDS ? MOST_RECORDS : PACKED_LIMITS.records).toLocaleString('en')
        throw new PackedFileError(`${name} in the ${this.what} holds more than ${most} ${collection}.`)
      }
    }
  }

  /** What no walk from the top reaches stands inside itself. */
  private checkAllReached(
    name: string,
    { records }: StoredDocument,
    reached: { collection: string; id: string }[],
  ) {
    const found = new Set(reached.map(({ collection, id }) => `${collection}/${id}`))
    for (const [collection, held] of Object.entries(records))
      for (const [key, { id }] of Object.entries(held)) {
        if (id !== key) throw this.wrong(name, `${collection} ${key} names itself ${id}.`)
        if (!found.has(`${collection}/${id}`))
          throw this.wrong(name, `${collection} ${id} stands inside itself, in a circle.`)
      }
  }

  /** A document at its present schema. A step that fails has met records its schema never had. */
  private broughtUp(name: string, document: StoredDocument): StoredDocument {
    try {
      return migrate(documentKinds, document)
    } catch (error) {
      throw error instanceof UnknownSchema
        ? this.wrong(name, `${error.message} Update, then open it again.`)
        : new PackedFileError(`${name} in the ${this.what} does not keep to its schema ${document.schema}.`)
    }
  }
}
