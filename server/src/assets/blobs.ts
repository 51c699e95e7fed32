import { createHash } from 'node:crypto'
import type { Transaction } from 'sequelize'
import { BlobChunkRow, BlobRow } from './assetModels'

const CHUNK = 1024 * 1024

/** Stores bytes once, in parts of at most 1 MiB. @returns their SHA-256 */
export async function storeBlob(bytes: Buffer, transaction?: Transaction): Promise<string> {
  const sha256 = createHash('sha256').update(bytes).digest('hex')
  const [, isNew] = await BlobRow.findOrCreate({
    where: { sha256 },
    defaults: { sha256, size: bytes.length },
    transaction,
  })
  if (!isNew) return sha256
  for (let position = 0; position * CHUNK < bytes.length; position++) {
    const part = bytes.subarray(position * CHUNK, (position + 1) * CHUNK)
    await BlobChunkRow.create({ sha256, position, bytes: part }, { transaction })
  }
  return sha256
}

/** The bytes of a blob, part by part. */
export async function* readBlob(sha256: string): AsyncGenerator<Buffer> {
  for (let position = 0; ; position++) {
    const chunk = await BlobChunkRow.findOne({ where: { sha256, position } })
    if (!chunk) return
    yield chunk.bytes
  }
}

export async function wholeBlob(sha256: string): Promise<Buffer> {
  const parts: Buffer[] = []
  for await (const part of readBlob(sha256)) parts.push(part)
  return Buffer.concat(parts)
}
