import { crc32, deflateRawSync } from 'node:zlib'

/** An entry as it is to be written, with what it says of itself where that is not the truth. */
export interface ZipEntry {
  name: string
  content: Buffer
  /** bytes it claims to have unpacked */
  claims?: number
}

/**
 * Writes a zip by hand, so that it can lie (PKWARE APPNOTE 6.3.10, sections 4.3.7, 4.3.12 and 4.3.16).
 * @param repeats how often the directory names each entry, all of them meaning the same bytes
 */
export function zipByHand(entries: ZipEntry[], repeats = 1): Buffer {
  const files: Buffer[] = []
  const directory: Buffer[] = []
  let offset = 0
  for (const { name, content, claims } of entries) {
    const packed = deflateRawSync(content, { level: 9 })
    const facts = { sum: crc32(content), packed: packed.length, size: claims ?? content.length, offset }
    const head = (which: 'file' | 'directory', named: string) => header(which, named, facts)
    const file = Buffer.concat([head('file', name), packed])
    for (let count = 0; count < repeats; count++)
      directory.push(head('directory', repeats > 1 ? `${name}${count}` : name))
    files.push(file)
    offset += file.length
  }
  const listed = Buffer.concat(directory)
  const end = Buffer.alloc(22)
  end.writeUInt32LE(0x06054b50, 0)
  end.writeUInt16LE(Math.min(directory.length, 0xffff), 8)
  end.writeUInt16LE(Math.min(directory.length, 0xffff), 10)
  end.writeUInt32LE(listed.length, 12)
  end.writeUInt32LE(offset, 16)
  return Buffer.concat([...files, listed, end])
}

function header(
  which: 'file' | 'directory',
  name: string,
  { sum, packed, size, offset }: { sum: number; packed: number; size: number; offset: number },
): Buffer {
  const common = Buffer.alloc(26)
  common.writeUInt16LE(20, 0)
  common.writeUInt16LE(8, 4)
  common.writeUInt32LE(sum, 10)
  common.writeUInt32LE(packed, 14)
  common.writeUInt32LE(size, 18)
  common.writeUInt16LE(Buffer.byteLength(name), 22)
  const signature = Buffer.alloc(4)
  signature.writeUInt32LE(which === 'file' ? 0x04034b50 : 0x02014b50)
  if (which === 'file') return Buffer.concat([signature, common, Buffer.from(name)])
  const rest = Buffer.alloc(14)
  rest.writeUInt32LE(offset, 10)
  return Buffer.concat([signature, Buffer.from([20, 0]), common, rest, Buffer.from(name)])
}
