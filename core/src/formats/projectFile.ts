import { zipSync } from 'fflate'
import { z } from 'zod'
import type { Documents } from '../document/types'
import {
  documentEntries,
  DocumentEntries,
  jsonEntry,
  listed,
  PackedFileError,
  type FileType,
} from './documentEntries'

/** The number of this file format; raised when its layout changes. */
export const PROJECT_FILE_SCHEMA = 1

const MANIFEST = 'project.json'

const manifestSchema = z.strictObject({
  format: z.literal('nolvex-project'),
  schema: z.int().min(1),
  name: z.string().min(1).max(200),
  ...listed,
})

export type AssetType = FileType

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

/** A project as a zip of JSON and its original pictures. */
export function writeProjectFile({ name, documents, assets }: Project): Uint8Array {
  const manifest = {
    format: 'nolvex-project',
    schema: PROJECT_FILE_SCHEMA,
    name,
    documents: Object.values(documents).map(({ id, kind }) => ({ id, kind })),
    assets: assets.map(({ id, name, type }) => ({ id, name, type })),
  }
  return zipOf({ [MANIFEST]: jsonEntry(manifest), ...documentEntries(documents, assets) })
}

/** A zip of entries. One fixed date, so that equal entries give equal files. */
export const zipOf = (entries: Record<string, Uint8Array>): Uint8Array =>
  zipSync(entries, { level: 6, mtime: new Date('2026-01-01T00:00:00Z') })

/**
 * Reads an unpacked project file, checking limits, names, schemas and every record.
 * @param entries bytes of its parts by their names in the zip
 * @throws PackedFileError that says what is wrong with which part of it
 */
export function readProject(entries: Record<string, Uint8Array>): Project {
  const file = new DocumentEntries(entries, 'project file')
  const manifest = manifestSchema.safeParse(file.json(MANIFEST))
  if (!manifest.success)
    throw new PackedFileError('This zip is not a Nolvex project: project.json is not as it should be.')
  const { schema, name, documents, assets } = manifest.data
  if (schema > PROJECT_FILE_SCHEMA)
    throw new PackedFileError('This project was written by a newer Nolvex. Update, then open it again.')
  file.checkOnce(MANIFEST, 'picture', assets)
  for (const needed of ['site', 'style'])
    if (!documents.some(({ id }) => id === needed))
      throw new PackedFileError(`The project file has no ${needed}: documents/${needed}.json.`)
  return {
    name,
    documents: file.documents(MANIFEST, documents),
    assets: assets.map((asset): ProjectAsset => ({ ...asset, bytes: file.file(asset.id) })),
  }
}
