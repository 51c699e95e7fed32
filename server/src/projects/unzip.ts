import { crc32 } from 'node:zlib'
import { buffer } from 'node:stream/consumers'
import { fromBufferPromise, type Entry, type ZipFile } from 'yauzl'
import { PackedFileError } from '@nolvex/core/formats/documentEntries'

/** The most a project file holds: entries in the zip, bytes unpacked, and how tightly a large entry may be packed. */
export const ZIP_LIMITS = { entries: 20_000, bytes: 512 * 1024 * 1024, ratio: 200 }

/**
 * The entries of a zip by name. What it says of itself is checked against the bytes that are really in it.
 * @throws PackedFileError for what is no whole zip, for more than the limits, and for entries that lie
 */
export async function unzip(bytes: Buffer): Promise<Record<string, Uint8Array>> {
  try {
    return await entriesOf(await fromBufferPromise(bytes), bytes.length)
  } catch (error) {
    if (error instanceof PackedFileError) throw error
    throw new PackedFileError(
      'The file is cut off or is no zip. Get it again from where it came from; nothing was changed.',
    )
  }
}

async function entriesOf(zip: ZipFile, length: number): Promise<Record<string, Uint8Array>> {
  if (zip.entryCount > ZIP_LIMITS.entries) throw new PackedFileError('The project file holds too many parts.')
  const entries = new Map<string, Uint8Array>()
  let [packed, unpacked] = [0, 0]
  for await (const entry of zip.eachEntry()) {
    packed += entry.compressedSize
    unpacked += entry.uncompressedSize
    checkClaims(entry, packed, unpacked, length)
    if (entry.fileName.endsWith('/')) continue
    if (entries.has(entry.fileName))
      throw new PackedFileError(`The project file holds ${entry.fileName.slice(0, 80)} twice.`)
    entries.set(entry.fileName, await contentOf(zip, entry))
  }
  return Object.fromEntries(entries)
}

function checkClaims(entry: Entry, packed: number, unpacked: number, length: number) {
  const { uncompressedSize, compressedSize } = entry
  if (packed > length)
    throw new PackedFileError('The parts of the project file overlap, which those of a real one never do.')
  if (unpacked > ZIP_LIMITS.bytes)
    throw new PackedFileError('The project file is larger than 512 MB unpacked.')
  if (uncompressedSize > 1_000_000 && uncompressedSize > compressedSize * ZIP_LIMITS.ratio)
    throw new PackedFileError('The project file is packed more tightly than a real one would be.')
}

/** The bytes of one entry: as many as it says, which the package sees to, with the checksum it says. */
async function contentOf(zip: ZipFile, entry: Entry): Promise<Uint8Array> {
  const content = await buffer(await zip.openReadStreamPromise(entry))
  if (crc32(content) !== entry.crc32)
    throw new PackedFileError(`${entry.fileName.slice(0, 80)} in the project file is damaged.`)
  return new Uint8Array(content.buffer, content.byteOffset, content.length)
}
