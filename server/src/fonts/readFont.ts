import { readFile, writeFile } from 'node:fs/promises'
import { join } from 'node:path'
import * as harfbuzz from 'harfbuzzjs'
import { convert } from 'fontverter'
import subsetFont from 'subset-font'
import { familyNameSchema } from '@nolvex/core/style/level'
import { isShippedFamily } from '@nolvex/core/text/fontCatalogue'
import { Problem } from '../http/problem'
import { nameTable, readAxes, readNames, readTables, writeTables, type Axis, type Tables } from './sfnt'

export interface ReadFontInput {
  /** as it is called where it comes from */
  name: string
  /** name of the file in the folder */
  file: string
}

/** What became of a font file: its family, and a file of each of its weights in the folder. */
export interface ReadFont {
  family: string
  licence?: string
  files: { file: string; weight: number; italic: boolean; type: 'font/ttf' | 'font/otf' }[]
}

/** Tables no font can be set without. */
const NEEDED = ['cmap', 'head', 'hhea', 'hmtx', 'maxp', 'name']
const LETTERS = [...'abcdefghijklmnopqrstuvwxyzABCDEFGHIJKLMNOPQRSTUVWXYZ0123456789']
/** The weights taken of a font that has all between two. */
const WEIGHTS = [400, 700]

/**
 * Reads a font that lies in a folder, whatever it is called: TrueType, OpenType, WOFF or WOFF2. Of a variable one an
 * instance of each usual weight is made. To be run in a child process.
 * @throws Problem that says what is wrong with it
 */
export async function readFont(folder: string, { name, file }: ReadFontInput): Promise<ReadFont> {
  const font = await asSfnt(name, await readFile(join(folder, file)))
  const tables = tablesOf(name, font)
  checkLetters(name, font)
  const { family: told, licence } = readNames(tables.get('name') as Buffer)
  const family = familyName(told ?? name.replace(/\.\w+$/, ''))
  if (isShippedFamily(family))
    throw new Problem(422, `“${family}” ships with Nolvex already: choose it as the face of a level.`)
  const fvar = tables.get('fvar')
  const instances = fvar ? await instancesOf(font, readAxes(fvar)) : [font]
  const files = await Promise.all(
    instances.map(async (one, index) => {
      const own = readTables(one)
      const { weight, italic } = styleOf(own)
      const written = writeTables(one, new Map(own).set('name', nameTable(family, weight, italic)))
      const out = `font-${index}`
      await writeFile(join(folder, out), written)
      return {
        file: out,
        weight,
        italic,
        type: own.has('glyf') ? ('font/ttf' as const) : ('font/otf' as const),
      }
    }),
  )
  return { family, ...(licence && { licence: licence.slice(0, 2000) }), files }
}

const SIGNATURES = new Set(['\0\u0001\0\0', 'OTTO', 'true', 'wOFF', 'wOF2'])

async function asSfnt(name: string, bytes: Buffer): Promise<Buffer> {
  const signature = bytes.toString('latin1', 0, 4)
  if (signature === 'ttcf')
    throw new Problem(422, `“${name}” is a collection of fonts. Choose the file of one of them.`)
  if (!SIGNATURES.has(signature))
    throw new Problem(422, `“${name}” is no font. Choose a TTF, OTF, WOFF or WOFF2 file.`)
  try {
    return await convert(bytes, 'sfnt')
  } catch {
    throw damaged(name, 'it cannot be unpacked')
  }
}

const damaged = (name: string, why: string) =>
  new Problem(422, `“${name}” is damaged: ${why}. Get the file again from where it comes from.`)

function tablesOf(name: string, font: Buffer): Tables {
  let tables: Tables
  try {
    tables = readTables(font)
  } catch (error) {
    throw damaged(name, error instanceof RangeError ? 'it ends too early' : (error as Error).message)
  }
  const missing = NEEDED.filter((tag) => !tables.has(tag))
  if (missing.length) throw damaged(name, `it lacks the table ${missing.join(', ')}`)
  if (!tables.has('glyf') && !tables.has('CFF ') && !tables.has('CFF2'))
    throw damaged(name, 'it has no outlines of letters')
  return tables
}

/** Letters and digits it lacks are told: a page set in it would be set in two faces. */
function checkLetters(name: string, font: Buffer) {
  const face = new harfbuzz.Face(new harfbuzz.Blob(new Uint8Array(font)))
  const has = new Set(face.collectUnicodes())
  if (has.size === 0 || face.upem < 16) throw damaged(name, 'it has no letters')
  const missing = LETTERS.filter((letter) => !has.has(letter.codePointAt(0) as number))
  if (missing.length === 0) return
  const told =
    missing.length > 12
      ? `${missing.slice(0, 12).join(' ')} and ${missing.length - 12} more`
      : missing.join(' ')
  throw new Problem(
    422,
    `“${name}” lacks letters pages need: ${told}. Choose a font with the whole alphabet.`,
  )
}

function familyName(told: string): string {
  const plain = told
    .replace(/[^\p{L}\p{N} ._-]+/gu, ' ')
    .replace(/\s+/g, ' ')
    .trim()
    .slice(0, 100)
  const read = familyNameSchema.safeParse(plain)
  return read.success ? read.data : 'Own face'
}

/** Instances at the usual weights, all other axes as the font has them; at its own weight where it has no such axis. */
function instancesOf(font: Buffer, axes: Axis[]): Promise<Buffer[]> {
  const weightAxis = axes.find(({ tag }) => tag === 'wght')
  const others = axes.filter(({ tag }) => tag !== 'wght').map(({ tag, usual }) => [tag, usual])
  const weights = weightAxis
    ? WEIGHTS.filter((weight) => weight >= weightAxis.least && weight <= weightAxis.most)
    : []
  const wanted = weightAxis && weights.length === 0 ? [weightAxis.usual] : weights
  const settings = wanted.length ? wanted.map((wght) => ({ wght })) : [{}]
  return Promise.all(
    settings.map(async (setting) =>
      Buffer.from(
        await subsetFont(font, undefined as unknown as string, {
          keepAllGlyphs: true,
          variationAxes: { ...Object.fromEntries(others), ...setting },
          targetFormat: 'sfnt',
        }),
      ),
    ),
  )
}

const ITALIC = 1

/** Weight and slope as the OS/2 table tells them; upright and regular where there is none. */
function styleOf(tables: Tables): { weight: number; italic: boolean } {
  const os2 = tables.get('OS/2')
  if (!os2 || os2.length < 64) return { weight: 400, italic: false }
  const weight = Math.min(1000, Math.max(1, os2.readUInt16BE(4)))
  return { weight, italic: (os2.readUInt16BE(62) & ITALIC) !== 0 }
}
