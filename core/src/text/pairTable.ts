import type { FontFace } from './fontLibrary'
import { meetings } from './breakOpportunities'
import { adjustmentAt, advanceAt, cachedSize, TEXT_UNITS_PER_PX } from './fontMetrics'
import { CODES, END, MEETING_BITS, OUTSIDE, pairIndex, STEP_SHIFT } from './pairCode'

/** Steps beyond these, text units, do not fit beside the two bits: letters 8,000 px wide are shaped. */
const MOST_STEP = 2 ** 29

const SPACE = 32
/** More pairs than these are learnt faster from the text they stand in. */
const FEW = 6

const DIGITS = [...'0123456789']
/** Every two digits side by side, each pair once (a De Bruijn sequence), and each digit beside a space. */
const DIGIT_PAIRS = [
  ...DIGITS.flatMap((a) => [a, ...DIGITS.filter((b) => b > a).map((b) => a + b)]),
  '0 ',
  ...DIGITS.map((digit) => `${digit} `),
].join('')

/**
 * What ASCII characters and pairs of them take up in one face, font units; found by shaping when first asked for.
 * In a face marked `setsByPairs` a text is as wide as its characters and pairs say, which is many times faster than
 * shaping it.
 */
class PairUnits {
  readonly advances = new Float64Array(CODES).fill(NaN)
  readonly kerning = new Float64Array(CODES * CODES).fill(NaN)
  private knowsDigits = false

  constructor(readonly face: FontFace) {}

  advance(code: number): number {
    if (Number.isNaN(this.advances[code]))
      this.advances[code] = this.face.shapeAnew(String.fromCharCode(code)).advances[0]
    return this.advances[code]
  }

  /** What the second character adds to the advance of the first; infinite where the two join into another glyph. */
  kern(first: number, second: number): number {
    const index = pairIndex(first, second)
    if (Number.isNaN(this.kerning[index])) this.kerning[index] = this.shapePair(first, second)
    return this.kerning[index]
  }

  /** Learns pairs a text holds, and as numbers come in every combination, those of all digits. */
  learn(text: string) {
    if (!this.isNearlyKnown(text)) this.learnFromShape(text)
    if (!this.knowsDigits && /[0-9]/.test(text)) {
      this.knowsDigits = true
      this.learnFromShape(DIGIT_PAIRS)
    }
  }

  /** Of characters that keep the glyphs they have alone, the pairs are as the shaper sets them in the text. */
  private learnFromShape(text: string) {
    const { glyphs, clusters, advances, adjustments } = this.face.shapeAnew(text)
    let standsBefore = false
    for (let glyph = 0; glyph < glyphs.length; glyph++) {
      const at = clusters[glyph]
      const isAlone = (clusters[glyph + 1] ?? text.length) === at + 1 && clusters[glyph - 1] !== at
      const stands = isAlone && glyphs[glyph] === this.face.glyph(text.charCodeAt(at))
      if (stands) this.advances[text.charCodeAt(at)] = advances[glyph]
      if (stands && standsBefore)
        this.kerning[pairIndex(text.charCodeAt(at - 1), text.charCodeAt(at))] = adjustments[glyph - 1]
      standsBefore = stands
    }
  }

  private isNearlyKnown(text: string): boolean {
    let unknown = 0
    for (let index = 1; index < text.length && unknown <= FEW; index++)
      if (Number.isNaN(this.kerning[pairIndex(text.charCodeAt(index - 1), text.charCodeAt(index))])) unknown++
    return unknown <= FEW
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

/** Advances and kerning of one face at one size, rounded as browsers round them. */
export class PairTable {
  /**
   * By `pairIndex`, how far it is from where a character begins to where the next one does, and whether a line may end
   * there: one look says both. `OUTSIDE` where nobody asked `step` yet, and where the two join into another glyph.
   * Nothing is a step from `END`.
   */
  readonly packed = new Int32Array(CODES * CODES).fill(OUTSIDE, 0, pairIndex(END, 0))
  /** A text of at most so many characters is less than 2^31 text units wide. */
  mostCharacters = Infinity
  private widest = 0
  private size: number

  constructor(
    private units: PairUnits,
    size: number,
  ) {
    this.size = cachedSize(size)
  }

  /** px */
  advance(code: number): number {
    return advanceAt(this.units.face.metrics, this.units.advance(code), this.size)
  }

  /** px from where a character begins to where the next one does; infinite where the two join. */
  step(code: number, next: number): number {
    const index = pairIndex(code, next)
    const known = this.packed[index]
    if ((known & MEETING_BITS) !== OUTSIDE) return (known >> STEP_SHIFT) / TEXT_UNITS_PER_PX
    const step = this.advance(code) + this.kern(code, next)
    const units = step * TEXT_UNITS_PER_PX
    if (Math.abs(units) < MOST_STEP) this.keep(index, units)
    return step
  }

  private keep(index: number, units: number) {
    this.packed[index] = (units << STEP_SHIFT) | meetings[index]
    if (Math.abs(units) <= this.widest) return
    this.widest = Math.abs(units)
    this.mostCharacters = Math.floor((2 ** 31 - 1) / this.widest)
  }

  /** Makes every step of a text of printable ASCII known. */
  learn(text: string) {
    this.units.learn(text)
    for (let index = 0; index < text.length; index++)
      this.step(text.charCodeAt(index), index + 1 < text.length ? text.charCodeAt(index + 1) : END)
  }

  private kern(first: number, second: number): number {
    if (second === END || (first === SPACE && second === SPACE)) return 0
    const units = this.units.kern(first, second)
    return units === Infinity ? units : adjustmentAt(this.units.face.metrics, units, this.size)
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
