import type { FontFace } from './fontLibrary'
import { adjustmentAt, advanceAt, cachedSize } from './fontMetrics'

const FIRST = 32
const COUNT = 95

/**
 * What ASCII characters and pairs of them take up in one face, font units; found by shaping when first asked for.
 * In a face marked `setsByPairs` a text is as wide as its characters and pairs say, which is many times faster than
 * shaping it.
 */
class PairUnits {
  readonly advances = new Float64Array(COUNT).fill(NaN)
  readonly kerning = new Float64Array(COUNT * COUNT).fill(NaN)

  constructor(readonly face: FontFace) {}

  advance(code: number): number {
    const index = code - FIRST
    if (Number.isNaN(this.advances[index]))
      this.advances[index] = this.face.shapeAnew(String.fromCharCode(code)).advances[0]
    return this.advances[index]
  }

  /** What the second character adds to the advance of the first; infinite where the two join into another glyph. */
  kern(first: number, second: number): number {
    const index = (first - FIRST) * COUNT + second - FIRST
    if (Number.isNaN(this.kerning[index])) this.kerning[index] = this.shapePair(first, second)
    return this.kerning[index]
  }

  private shapePair(first: number, second: number): number {
    const { advances, adjustments } = this.face.shapeAnew(String.fromCharCode(first, second))
    const stayApart =
      advances.length === 2 &&
      advances[0] === this.advance(first) &&
      advances[1] === this.advance(second) &&
      adjustments[1] === 0
    return stayApart ? adjustments[0] : Infinity
  }
}

/** Advances and kerning of one face at one size, px, rounded as browsers round them. */
export class PairTable {
  private advances = new Float64Array(COUNT).fill(NaN)
  private kerning = new Float64Array(COUNT * COUNT).fill(NaN)
  private size: number

  constructor(
    private units: PairUnits,
    size: number,
  ) {
    this.size = cachedSize(size)
  }

  advance(code: number): number {
    const known = this.advances[code - FIRST]
    if (known === known) return known
    return (this.advances[code - FIRST] = advanceAt(
      this.units.face.metrics,
      this.units.advance(code),
      this.size,
    ))
  }

  /** px the pair adds to its first character's advance; infinite where the two join. */
  kern(first: number, second: number): number {
    const index = (first - FIRST) * COUNT + second - FIRST
    const known = this.kerning[index]
    if (known === known) return known
    const units = this.units.kern(first, second)
    return (this.kerning[index] =
      units === Infinity ? units : adjustmentAt(this.units.face.metrics, units, this.size))
  }
}

const unitsByFace = new WeakMap<FontFace, { units: PairUnits; sizes: Map<number, PairTable> }>()
const MOST_SIZES = 64

/** The table of a face at a font size, px. */
export function pairTable(face: FontFace, size: number): PairTable {
  let tables = unitsByFace.get(face)
  if (!tables) unitsByFace.set(face, (tables = { units: new PairUnits(face), sizes: new Map() }))
  let table = tables.sizes.get(size)
  if (table) return table
  if (tables.sizes.size >= MOST_SIZES) tables.sizes.clear()
  tables.sizes.set(size, (table = new PairTable(tables.units, size)))
  return table
}
