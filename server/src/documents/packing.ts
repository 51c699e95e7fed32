import { promisify } from 'node:util'
import { gunzip, gzip } from 'node:zlib'
import type { Documents, StoredDocument } from '@nolvex/core/document/types'

const FIRST_LINE = 'documents, one a line\n'
const breathe = () => new Promise<void>((resolve) => setImmediate(resolve))

/**
 * Documents packed for storing: a line each, so that neither writing nor reading them keeps others waiting for all.
 * @returns the packed bytes, and how many there were
 */
export async function packDocuments(documents: Documents): Promise<{ body: Buffer; bytes: number }> {
  const parts = [Buffer.from(FIRST_LINE)]
  for (const document of Object.values(documents)) {
    parts.push(Buffer.from(`${JSON.stringify(document)}\n`))
    await breathe()
  }
  const whole = Buffer.concat(parts)
  return { body: await promisify(gzip)(whole), bytes: whole.length }
}

/** Documents as they were packed, now or by servers before, which wrote all of them as one object. */
export async function unpackDocuments(body: Buffer): Promise<Documents> {
  const whole = await promisify(gunzip)(body)
  if (!whole.subarray(0, FIRST_LINE.length).equals(Buffer.from(FIRST_LINE)))
    return JSON.parse(whole.toString()) as Documents
  const documents: Documents = {}
  for (let start = FIRST_LINE.length; start < whole.length;) {
    const end = whole.indexOf('\n', start)
    const document = JSON.parse(whole.toString('utf8', start, end)) as StoredDocument
    documents[document.id] = document
    start = end + 1
    await breathe()
  }
  return documents
}
