import { strFromU8, strToU8, zipSync } from 'fflate'
import { z } from 'zod'
import { applyChange } from '../document/apply'
import { idSchema } from '../document/ids'
import { migrate, UnknownSchema } from '../document/migrate'
import { jsonTrouble } from '../document/jsonTrouble'
import { MOST_RECORDS } from '../document/kind'
import { documentDepthFirst } from '../document/tree'
import type { Documents, StoredDocument } from '../document/types'
import { documentKinds } from '../resolve/documentKinds'

/** The number of this file format; raised when its layout changes. */
export const PROJECT_FILE_SCHEMA = 1

/** The most a project file holds: records in all its documents, and bytes of JSON in one of them and in all. */
export const PROJECT_FILE_LIMITS = {
  records: 200_000,
  document: 16 * 1024 * 1024,
  documents: 64 * 1024 * 1024,
}

/** Pictures, and files that are only kept and handed back. */
const ASSET_TYPES = [
  'image/png',
  'image/jpeg',
  'image/webp',
  'image/svg+xml',
  'font/ttf',
  'font/otf',
  'application/pdf',
  'application/octet-stream',
] as const
export type AssetType = (typeof ASSET_TYPES)[number]

const manifestSchema = z.strictObject({
  format: z.literal('nolvex-project'),
  schema: z.int().min(1),
  name: z.string().min(1).max(200),
  documents: z.array(z.strictObject({ id: idSchema, kind: z.string().max(20) })).max(10_000),
  assets: z
    .array(
      z.strictObject({
        id: idSchema,
        name: z.string().max(300),
        type: z.enum(ASSET_TYPES),
      }),
    )
    .max(10_000),
})

export interface ProjectAsset {
  id: string
  name: string
  type: AssetType
  bytes: Uint8Array
}

/** Everything a project is made of, as it travels. */
export interface Project {
  name: string
  documents: Documents
  assets: ProjectAsset[]
}

/** A project file that cannot be read, with what to do about it. */
export class ProjectFileError extends Error {}

/** A project as a zip of JSON and its original pictures. */
export function writeProjectFile({ name, documents, assets }: Project): Uint8Array {
  const manifest = {
    format: 'nolvex-project',
    schema: PROJECT_FILE_SCHEMA,
    name,
    documents: Object.values(documents).map(({ id, kind }) => ({ id, kind })),
    assets: assets.map(({ id, name, type }) => ({ id, name, type })),
  }
  const entries: Record<string, Uint8Array> = { 'project.json': json(manifest) }
  for (const document of Object.values(documents)) entries[`documents/${document.id}.json`] = json(document)
  for (const { id, bytes } of assets) entries[`assets/${id}`] = bytes
  // One fixed date, so that equal projects give equal files.
  return zipSync(entries, { level: 6, mtime: new Date('2026-01-01T00:00:00Z') })
}

const json = (value: unknown) => strToU8(JSON.stringify(value, null, 1))

/**
 * Reads an unpacked project file, checking limits, names, schemas and every record.
 * @param entries bytes of its parts by their names in the zip
 * @throws ProjectFileError that says what is wrong with which part of it
 */
export function readProject(entries: Record<string, Uint8Array>): Project {
  const manifest = manifestSchema.safeParse(parse(entries, 'project.json'))
  if (!manifest.success)
    throw new ProjectFileError('This zip is not a Nolvex project: project.json is not as it should be.')
  const { schema, name, documents, assets } = manifest.data
  if (schema > PROJECT_FILE_SCHEMA)
    throw new ProjectFileError('This project was written by a newer Nolvex. Update, then open it again.')
  checkOnce('document', documents)
  checkOnce('picture', assets)
  for (const needed of ['site', 'style'])
    if (!documents.some(({ id }) => id === needed))
      throw new ProjectFileError(`The project file has no ${needed}: documents/${needed}.json.`)
  checkSizes(
    entries,
    documents.map(({ id }) => id),
  )
  const room = { records: PROJECT_FILE_LIMITS.records }
  return {
    name,
    documents: Object.fromEntries(
      documents.map(({ id, kind }) => [id, readDocument(entries, id, kind, room)]),
    ),
    assets: assets.map((asset): ProjectAsset => ({ ...asset, bytes: entry(entries, `assets/${asset.id}`) })),
  }
}

function checkOnce(what: string, listed: { id: string }[]) {
  const seen = new Set<string>()
  for (const { id } of listed) {
    if (seen.has(id)) throw new ProjectFileError(`project.json names the ${what} ${id} twice.`)
    seen.add(id)
  }
}

function checkSizes(entries: Record<string, Uint8Array>, ids: string[]) {
  let total = 0
  for (const id of ids) {
    const { length } = entry(entries, documentName(id))
    total += length
    if (length > PROJECT_FILE_LIMITS.document)
      throw new ProjectFileError(`${documentName(id)} in the project file is larger than 16 MB.`)
  }
  if (total > PROJECT_FILE_LIMITS.documents)
    throw new ProjectFileError('The documents of the project file are larger than 64 MB together.')
}

const documentName = (id: string) => `documents/${id}.json`

function entry(entries: Record<string, Uint8Array>, name: string): Uint8Array {
  if (!Object.hasOwn(entries, name)) throw new ProjectFileError(`The project file lacks ${name}.`)
  return entries[name]
}

function parse(entries: Record<string, Uint8Array>, name: string): unknown {
  let value: unknown
  try {
    value = JSON.parse(strFromU8(entry(entries, name)))
  } catch (error) {
    if (error instanceof ProjectFileError) throw error
    throw new ProjectFileError(`${name} in the project file is not JSON.`)
  }
  const trouble = jsonTrouble(value)
  if (trouble) throw new ProjectFileError(`${name} in the project file: ${trouble}`)
  return value
}

const documentSchema = z.strictObject({
  kind: z.string(),
  id: idSchema,
  schema: z.int().min(1),
  records: z.record(z.string(), z.record(idSchema, z.looseObject({ id: idSchema }))),
})

/** Reads a document by creating its records anew, so that nothing gets in that a change could not have written. */
function readDocument(
  entries: Record<string, Uint8Array>,
  id: string,
  kind: string,
  room: { records: number },
): StoredDocument {
  const name = documentName(id)
  const parsed = documentSchema.safeParse(parse(entries, name))
  if (
    !parsed.success ||
    parsed.data.id !== id ||
    parsed.data.kind !== kind ||
    !Object.hasOwn(documentKinds, kind)
  )
    throw new ProjectFileError(`${name} in the project file is not a document.`)
  const document = broughtUp(name, parsed.data as StoredDocument)
  checkCollections(name, document, room)
  const operations = documentDepthFirst(documentKinds[kind], document).map(({ collection, record }) => {
    return { type: 'put' as const, collection, id: record.id, record }
  })
  checkAllReached(name, document, operations)
  const applied = applyChange(documentKinds, {}, [{ document: id, kind, operations }])
  if (applied.outcomes.length) {
    const [{ collection, id: record, reason }] = applied.outcomes
    throw new ProjectFileError(`${name} in the project file: ${collection} ${record}: ${reason}.`)
  }
  const lacks = documentKinds[kind].lacks?.(applied.documents[id])
  if (lacks) throw new ProjectFileError(`${name} in the project file lacks ${lacks}.`)
  return applied.documents[id]
}

/** Refuses collections nothing is known of, and more records than there is room for, before any is read. */
function checkCollections(name: string, { kind, records }: StoredDocument, room: { records: number }) {
  for (const [collection, held] of Object.entries(records)) {
    if (!Object.hasOwn(documentKinds[kind].collections, collection))
      throw new ProjectFileError(`${name} in the project file: a ${kind} has no ${collection.slice(0, 40)}.`)
    const count = Object.keys(held).length
    room.records -= count
    if (count > MOST_RECORDS || room.records < 0) {
      const most = (count > MOST_RECORDS ? MOST_RECORDS : PROJECT_FILE_LIMITS.records).toLocaleString('en')
      throw new ProjectFileError(`${name} in the project file holds more than ${most} ${collection}.`)
    }
  }
}

/** What no walk from the top reaches stands inside itself. */
function checkAllReached(
  name: string,
  { records }: StoredDocument,
  reached: { collection: string; id: string }[],
) {
  const found = new Set(reached.map(({ collection, id }) => `${collection}/${id}`))
  for (const [collection, held] of Object.entries(records))
    for (const [key, { id }] of Object.entries(held)) {
      if (id !== key)
        throw new ProjectFileError(`${name} in the project file: ${collection} ${key} names itself ${id}.`)
      if (!found.has(`${collection}/${id}`))
        throw new ProjectFileError(
          `${name} in the project file: ${collection} ${id} stands inside itself, in a circle.`,
        )
    }
}

/** A document at its present schema. A step that fails has met records its schema never had. */
function broughtUp(name: string, document: StoredDocument): StoredDocument {
  try {
    return migrate(documentKinds, document)
  } catch (error) {
    throw new ProjectFileError(
      error instanceof UnknownSchema
        ? `${name} in the project file: ${error.message} Update, then open it again.`
        : `${name} in the project file does not keep to its schema ${document.schema}.`,
    )
  }
}
