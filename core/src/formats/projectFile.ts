import { strFromU8, strToU8, unzipSync, zipSync } from 'fflate'
import { z } from 'zod'
import { applyChange } from '../document/apply'
import { idSchema } from '../document/ids'
import { migrate, UnknownSchema } from '../document/migrate'
import { documentDepthFirst } from '../document/tree'
import type { Documents, StoredDocument } from '../document/types'
import { documentKinds } from '../resolve/documentKinds'

/** The number of this file format; raised when its layout changes. */
export const PROJECT_FILE_SCHEMA = 1

const LIMITS = { entries: 20_000, bytes: 512 * 1024 * 1024, ratio: 200 }

/** Pictures, and files that are only kept and handed back. */
const ASSET_TYPES = [
  'image/png',
  'image/jpeg',
  'image/webp',
  'image/svg+xml',
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
 * Reads a project file, checking limits, names, schemas and every record.
 * @throws ProjectFileError that says what is wrong with which part of it
 */
export function readProjectFile(bytes: Uint8Array): Project {
  const entries = unzip(bytes)
  const manifest = manifestSchema.safeParse(parse(entries, 'project.json'))
  if (!manifest.success)
    throw new ProjectFileError('This zip is not a Nolvex project: project.json is not as it should be.')
  if (manifest.data.schema > PROJECT_FILE_SCHEMA) {
    throw new ProjectFileError('This project was written by a newer Nolvex. Update, then open it again.')
  }
  const documents = Object.fromEntries(
    manifest.data.documents.map(({ id, kind }) => [id, readDocument(entries, id, kind)]),
  )
  const assets = manifest.data.assets.map((asset): ProjectAsset => {
    return { ...asset, bytes: entry(entries, `assets/${asset.id}`) }
  })
  return { name: manifest.data.name, documents, assets }
}

function unzip(bytes: Uint8Array): Record<string, Uint8Array> {
  let count = 0
  let total = 0
  try {
    return unzipSync(bytes, {
      filter: ({ originalSize, size }) => {
        count++
        total += originalSize
        if (count > LIMITS.entries) throw new ProjectFileError('The project file holds too many parts.')
        if (total > LIMITS.bytes)
          throw new ProjectFileError('The project file is larger than 512 MB unpacked.')
        if (originalSize > 1_000_000 && originalSize > size * LIMITS.ratio) {
          throw new ProjectFileError('The project file is packed more tightly than a real one would be.')
        }
        return true
      },
    })
  } catch (error) {
    if (error instanceof ProjectFileError) throw error
    throw new ProjectFileError(
      'The file is cut off or is no zip. Get it again from where it came from; nothing was changed.',
    )
  }
}

function entry(entries: Record<string, Uint8Array>, name: string): Uint8Array {
  if (!Object.hasOwn(entries, name)) throw new ProjectFileError(`The project file lacks ${name}.`)
  return entries[name]
}

function parse(entries: Record<string, Uint8Array>, name: string): unknown {
  try {
    return JSON.parse(strFromU8(entry(entries, name)))
  } catch (error) {
    if (error instanceof ProjectFileError) throw error
    throw new ProjectFileError(`${name} in the project file is not JSON.`)
  }
}

const documentSchema = z.strictObject({
  kind: z.string(),
  id: idSchema,
  schema: z.int().min(1),
  records: z.record(z.string(), z.record(idSchema, z.looseObject({ id: idSchema }))),
})

/** Reads a document by creating its records anew, so that nothing gets in that a change could not have written. */
function readDocument(entries: Record<string, Uint8Array>, id: string, kind: string): StoredDocument {
  const name = `documents/${id}.json`
  const parsed = documentSchema.safeParse(parse(entries, name))
  if (!parsed.success || parsed.data.id !== id || parsed.data.kind !== kind || !documentKinds[kind]) {
    throw new ProjectFileError(`${name} in the project file is not a document.`)
  }
  const document = broughtUp(name, parsed.data as StoredDocument)
  const operations = documentDepthFirst(documentKinds[kind], document).map(({ collection, record }) => {
    return { type: 'put' as const, collection, id: record.id, record }
  })
  const applied = applyChange(documentKinds, {}, [{ document: id, kind, operations }])
  if (applied.outcomes.length) {
    const [{ collection, id: record, reason }] = applied.outcomes
    throw new ProjectFileError(`${name} in the project file: ${collection} ${record}: ${reason}.`)
  }
  return applied.documents[id]
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
