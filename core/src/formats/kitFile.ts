import { z } from 'zod'
import { idSchema } from '../document/ids'
import type { Documents } from '../document/types'
import { kitDocuments, withDocuments, type Kit } from '../kit/kit'
import type { SiteDocument } from '../site/site'
import type { StyleDocument } from '../style/style'
import { documentEntries, DocumentEntries, jsonEntry, listed, PackedFileError } from './documentEntries'
import { zipOf } from './projectFile'

/** The number of this file format; raised when its layout changes. */
export const KIT_FILE_SCHEMA = 1

const MANIFEST = 'kit.json'

const manifestSchema = z.strictObject({
  format: z.literal('nolvex-kit'),
  schema: z.int().min(1),
  id: idSchema,
  name: z.string().min(1).max(100),
  version: z.int().min(1).max(100_000),
  note: z.string().max(2000).optional(),
  licence: z.string().max(2000).optional(),
  ...listed,
})

/** A kit with the bytes of its files by their ids. */
export interface PackedKit {
  kit: Kit
  bytes: Record<string, Uint8Array>
}

/** A kit as a zip of JSON and the files its blocks show. */
export function writeKitFile({ kit, bytes }: PackedKit): Uint8Array {
  const documents = kitDocuments(kit)
  const manifest = {
    format: 'nolvex-kit',
    schema: KIT_FILE_SCHEMA,
    ...kit.about,
    documents: Object.values(documents).map(({ id, kind }) => ({ id, kind })),
    assets: kit.files,
  }
  const assets = kit.files.map(({ id }) => ({ id, bytes: bytes[id] }))
  return zipOf({ [MANIFEST]: jsonEntry(manifest), ...documentEntries(documents, assets) })
}

/**
 * Reads an unpacked kit, checking limits, names, schemas and every record.
 * @param entries bytes of its parts by their names in the zip
 * @throws PackedFileError that says what is wrong with which part of it
 */
export function readKit(entries: Record<string, Uint8Array>): PackedKit {
  const file = new DocumentEntries(entries, 'kit')
  const parsed = file.json(MANIFEST)
  // A newer kit may say things in its manifest that are not known yet.
  const { schema } = z
    .object({ schema: z.number().catch(0) })
    .catch({ schema: 0 })
    .parse(parsed)
  if (schema > KIT_FILE_SCHEMA)
    throw new PackedFileError('This kit was written by a newer Nolvex. Update, then open it again.')
  const manifest = manifestSchema.safeParse(parsed)
  if (!manifest.success)
    throw new PackedFileError('This zip is not a Nolvex kit: kit.json is not as it should be.')
  const { format: _format, schema: _schema, documents: list, assets: files, ...about } = manifest.data
  file.checkOnce(MANIFEST, 'file', files)
  const documents = file.documents(MANIFEST, list)
  checkWhole(documents)
  const empty = { about, files, drawings: {} } as unknown as Kit
  return {
    kit: withDocuments(empty, documents),
    bytes: Object.fromEntries(files.map(({ id }) => [id, file.file(id)])),
  }
}

function checkWhole(documents: Documents) {
  const { site, style } = documents as unknown as { site?: SiteDocument; style?: StyleDocument }
  if (site?.kind !== 'site' || style?.kind !== 'style')
    throw new PackedFileError('The kit lacks documents/site.json or documents/style.json.')
  const { shared, patterns } = style.records
  for (const { id, name, root } of [...Object.values(shared), ...Object.values(patterns)]) {
    const blocks = documents[id]?.kind === 'drawing' ? documents[id].records.blocks : undefined
    if (!blocks?.[root]) throw new PackedFileError(`The kit lacks the drawing of “${name}”.`)
  }
}
