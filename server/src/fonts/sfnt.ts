/** A table of a font by its tag. */
export type Tables = Map<string, Buffer>

const HEADER = 12
const ENTRY = 16

/**
 * The tables of a TrueType or OpenType font.
 * @throws Error for what is no such font, or a table that reaches beyond its end
 * @see OpenType 1.9, Organization of an OpenType font
 */
export function readTables(font: Buffer): Tables {
  const count = font.readUInt16BE(4)
  const tables: Tables = new Map()
  for (let index = 0; index < count; index++) {
    const at = HEADER + index * ENTRY
    const tag = font.toString('latin1', at, at + 4)
    const [offset, length] = [font.readUInt32BE(at + 8), font.readUInt32BE(at + 12)]
    if (offset + length > font.length) throw new Error(`its table ${tag} reaches beyond its end`)
    tables.set(tag, font.subarray(offset, offset + length))
  }
  return tables
}

/** A font of tables, its checksums written anew. @param version the first four bytes of the font they come from */
export function writeTables(version: Buffer, tables: Tables): Buffer {
  const tags = [...tables.keys()].sort()
  const power = 2 ** Math.floor(Math.log2(tags.length))
  const head = Buffer.alloc(HEADER + tags.length * ENTRY)
  version.copy(head, 0, 0, 4)
  head.writeUInt16BE(tags.length, 4)
  head.writeUInt16BE(power * ENTRY, 6)
  head.writeUInt16BE(Math.log2(power), 8)
  head.writeUInt16BE((tags.length - power) * ENTRY, 10)
  const parts = [head]
  let offset = head.length
  tags.forEach((tag, index) => {
    const table = Buffer.from(tables.get(tag) as Buffer)
    // The whole font's checksum stands in this table and is counted as 0.
    if (tag === 'head') table.writeUInt32BE(0, 8)
    const padded = Buffer.concat([table, Buffer.alloc((4 - (table.length % 4)) % 4)])
    const at = HEADER + index * ENTRY
    head.write(tag, at, 'latin1')
    head.writeUInt32BE(checksum(padded), at + 4)
    head.writeUInt32BE(offset, at + 8)
    head.writeUInt32BE(table.length, at + 12)
    parts.push(padded)
    offset += padded.length
  })
  const font = Buffer.concat(parts)
  const headAt = HEADER + tags.indexOf('head') * ENTRY
  const adjustment = (0xb1b0afba - checksum(font)) >>> 0
  font.writeUInt32BE(adjustment, font.readUInt32BE(headAt + 8) + 8)
  return font
}

function checksum(bytes: Buffer): number {
  let sum = 0
  for (let at = 0; at + 3 < bytes.length; at += 4) sum = (sum + bytes.readUInt32BE(at)) >>> 0
  return sum
}

/** Ids of names (OpenType 1.9, name table). */
const NAME = { family: 1, style: 2, full: 4, postscript: 6, licence: 13, familyOfAll: 16, styleOfAll: 17 }

/** What a font says of itself: its family, and its licence if it tells one. */
export function readNames(table: Buffer): { family?: string; licence?: string } {
  const names = new Map<number, string>()
  const count = table.readUInt16BE(2)
  const storage = table.readUInt16BE(4)
  for (let index = 0; index < count; index++) {
    const at = 6 + index * 12
    const platform = table.readUInt16BE(at)
    const id = table.readUInt16BE(at + 6)
    const from = storage + table.readUInt16BE(at + 10)
    const bytes = table.subarray(from, from + table.readUInt16BE(at + 8))
    // Windows' and Unicode's names are UTF-16; the others stand in for them only.
    if (platform === 3 || platform === 0) names.set(id, Buffer.from(bytes).swap16().toString('utf16le'))
    else if (!names.has(id)) names.set(id, bytes.toString('latin1'))
  }
  return {
    family: names.get(NAME.familyOfAll) ?? names.get(NAME.family),
    licence: names.get(NAME.licence),
  }
}

/** A name table that calls a font what it is called here, so that whoever looks for it by name finds it. */
export function nameTable(family: string, weight: number, italic: boolean): Buffer {
  const style = `${weight}${italic ? ' Italic' : ''}`
  const plain = `${family.replace(/[^\w-]+/g, '')}-${style.replace(' ', '')}`.slice(0, 63)
  const names: [id: number, text: string][] = [
    [NAME.family, family],
    [NAME.style, style],
    [NAME.full, `${family} ${style}`],
    [NAME.postscript, plain],
    [NAME.familyOfAll, family],
    [NAME.styleOfAll, style],
  ]
  const texts = names.map(([, text]) => Buffer.from(text, 'utf16le').swap16())
  const head = Buffer.alloc(6 + names.length * 12)
  head.writeUInt16BE(names.length, 2)
  head.writeUInt16BE(head.length, 4)
  let offset = 0
  names.forEach(([id], index) => {
    const at = 6 + index * 12
    // Windows, Unicode, English of the United States: the record every program looks for.
    for (const [place, value] of [3, 1, 0x409, id, texts[index].length, offset].entries())
      head.writeUInt16BE(value, at + place * 2)
    offset += texts[index].length
  })
  return Buffer.concat([head, ...texts])
}

/** An axis a font varies along. @see OpenType 1.9, fvar table */
export interface Axis {
  tag: string
  least: number
  usual: number
  most: number
}

/** The axes of a variable font. */
export function readAxes(fvar: Buffer): Axis[] {
  const [offset, count, size] = [fvar.readUInt16BE(4), fvar.readUInt16BE(8), fvar.readUInt16BE(10)]
  const fixed = (at: number) => fvar.readInt32BE(at) / 65536
  return Array.from({ length: count }, (_, index) => {
    const at = offset + index * size
    return {
      tag: fvar.toString('latin1', at, at + 4),
      least: fixed(at + 4),
      usual: fixed(at + 8),
      most: fixed(at + 12),
    }
  })
}
