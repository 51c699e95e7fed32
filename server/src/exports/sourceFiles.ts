import { createWriteStream } from 'node:fs'
import { writeFile } from 'node:fs/promises'
import { join } from 'node:path'
import { Readable } from 'node:stream'
import { pipeline } from 'node:stream/promises'
import type { Documents } from '@nolvex/core/document/types'
import type { AssetRow } from '../assets/assetModels'
import { readBlob } from '../assets/blobs'
import { packDocuments } from '../documents/packing'

/** Lays documents into a folder, packed, for a child process to read. */
export async function documentsInto(folder: string, documents: Documents): Promise<void> {
  await writeFile(join(folder, 'documents'), (await packDocuments(documents)).body)
}

/** Lays pictures and files into a folder. @returns each with the name of its file */
export async function assetsInto<T extends Pick<AssetRow, 'id' | 'sha256'>>(
  folder: string,
  assets: T[],
): Promise<{ asset: T; file: string }[]> {
  const files: { asset: T; file: string }[] = []
  for (const asset of assets) {
    const file = `asset-${asset.id}`
    await pipeline(Readable.from(readBlob(asset.sha256)), createWriteStream(join(folder, file)))
    files.push({ asset, file })
  }
  return files
}
