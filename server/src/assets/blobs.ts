import { createHash } from 'node:crypto'
import { createReadStream } from 'node:fs'
import type { Readable } from 'node:stream'
import { QueryTypes, type Sequelize, type Transaction } from 'sequelize'
import { BlobChunkRow, BlobRow } from './assetModels'

const CHUNK = 1024 * 1024

/** What a file is made of: its SHA-256, its length, and the SHA-256 of each part. */
interface Measured {
  sha256: string
  size: number
  parts: string[]
}

/**
 * Stores a file's bytes once, in parts of at most 1 MiB, all in one transaction. Every part that stands in the database
 * is compared by its hash, so that one that lacks parts, or holds wrong ones, is healed. What nothing refers to some
 * minutes later is swept away.
 * @returns their SHA-256
 */
export async function storeBlob(sequelize: Sequelize, file: string): Promise<string> {
  const measured = await measure(file)
  return sequelize.transaction((transaction) => storeIn(sequelize, transaction, file, measured))
}

async function storeIn(
  sequelize: Sequelize,
  transaction: Transaction,
  file: string,
  measured: Measured,
): Promise<string> {
  await lockBlob(sequelize, measured, transaction)
  const stored = await storedParts(sequelize, measured.sha256, transaction)
  let position = 0
  for await (const bytes of partsOf(file)) {
    if (stored.get(position) !== measured.parts[position]) {
      await BlobChunkRow.upsert({ sha256: measured.sha256, position, bytes }, { transaction })
    }
    position++
  }
  await checkStored(sequelize, measured, transaction)
  return measured.sha256
}

/** Holds the blob's row until the transaction ends, so that nobody takes it away meanwhile. */
async function lockBlob(sequelize: Sequelize, { sha256, size }: Measured, transaction: Transaction) {
  for (;;) {
    await sequelize.query('insert into blobs (sha256, size) values (:sha256, :size) on conflict do nothing', {
      replacements: { sha256, size },
      transaction,
    })
    const row = await BlobRow.findByPk(sha256, { transaction, lock: transaction.LOCK.UPDATE })
    if (row) return void (await row.update({ size, storedAt: new Date() }, { transaction }))
  }
}

async function storedParts(
  sequelize: Sequelize,
  sha256: string,
  transaction: Transaction,
): Promise<Map<number, string>> {
  const rows = await sequelize.query<{ position: number; hash: string }>(
    `select position, encode(sha256(bytes), 'hex') as hash from blob_chunks where sha256 = :sha256`,
    { replacements: { sha256 }, transaction, type: QueryTypes.SELECT },
  )
  return new Map(rows.map(({ position, hash }) => [position, hash]))
}

/** A blob may be referred to only when every part stands there as it should. */
async function checkStored(sequelize: Sequelize, { sha256, parts }: Measured, transaction: Transaction) {
  const stored = await storedParts(sequelize, sha256, transaction)
  const isWhole = stored.size === parts.length && parts.every((hash, at) => stored.get(at) === hash)
  if (!isWhole) throw new Error(`the blob ${sha256} was not stored as it is`)
}

async function measure(file: string): Promise<Measured> {
  const whole = createHash('sha256')
  const parts: string[] = []
  let size = 0
  for await (const part of partsOf(file)) {
    whole.update(part)
    parts.push(createHash('sha256').update(part).digest('hex'))
    size += part.length
  }
  return { sha256: whole.digest('hex'), size, parts }
}

/** A file in parts of 1 MiB, the last one shorter. */
async function* partsOf(file: string): AsyncGenerator<Buffer> {
  const stream: Readable = createReadStream(file, { highWaterMark: CHUNK })
  let held: Buffer = Buffer.alloc(0)
  for await (const read of stream as AsyncIterable<Buffer>) {
    held = held.length ? Buffer.concat([held, read]) : read
    for (; held.length >= CHUNK; held = held.subarray(CHUNK)) yield held.subarray(0, CHUNK)
  }
  if (held.length) yield held
}

/** The bytes of a blob, part by part. @throws Error when a part is missing */
export async function* readBlob(sha256: string): AsyncGenerator<Buffer> {
  const size = (await BlobRow.findByPk(sha256))?.size ?? 0
  let done = 0
  for (let position = 0; done < size; position++) {
    const chunk = await BlobChunkRow.findOne({ where: { sha256, position } })
    if (!chunk) throw new Error(`the blob ${sha256} lacks its part ${position}`)
    done += chunk.bytes.length
    yield chunk.bytes
  }
}

/** The first bytes of a blob. */
export async function blobStart(sha256: string, length: number): Promise<Buffer> {
  const first = await BlobChunkRow.findOne({ where: { sha256, position: 0 } })
  return first?.bytes.subarray(0, length) ?? Buffer.alloc(0)
}

/** A blob that lacks bytes, with what it is called where. */
export interface IncompleteBlob {
  sha256: string
  size: number
  stored: number
  names: string[]
}

const INCOMPLETE = `
  select blobs.sha256, blobs.size, coalesce(parts.stored, 0)::int as stored,
    array(select assets.name || ' in ' || projects.name from assets join projects on projects.id = assets.project_id
          where assets.sha256 = blobs.sha256) as names
  from blobs left join (
    select sha256, sum(octet_length(bytes)) as stored from blob_chunks group by sha256
  ) parts on parts.sha256 = blobs.sha256
  where coalesce(parts.stored, 0) <> blobs.size`

/** Blobs that lack bytes, as servers before left them that were killed while storing. */
export async function incompleteBlobs(sequelize: Sequelize): Promise<IncompleteBlob[]> {
  return sequelize.query<IncompleteBlob>(INCOMPLETE, { type: QueryTypes.SELECT })
}

/** The length of a blob, or nothing when it lacks bytes. */
export async function wholeSize(sequelize: Sequelize, sha256: string): Promise<number | undefined> {
  const [found] = await sequelize.query<{ size: number; stored: number }>(
    `select size, (select coalesce(sum(octet_length(bytes)), 0) from blob_chunks c where c.sha256 = b.sha256)::int as stored
     from blobs b where sha256 = :sha256`,
    { replacements: { sha256 }, type: QueryTypes.SELECT },
  )
  return found && found.size === found.stored ? found.size : undefined
}
