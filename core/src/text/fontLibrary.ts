import type * as harfbuzz from 'harfbuzzjs'
import { lineMetricsOf, type FontMetrics } from './fontMetrics'

/** The shaper's module: harfbuzzjs, handed in because it brings its own wasm. */
export type Shaper = Pick<
  typeof harfbuzz,
  'Blob' | 'Face' | 'Font' | 'Buffer' | 'Direction' | 'Feature' | 'shape'
>

/** One static TrueType or OpenType file. */
export interface FontFile {
  family: string
  /** 100 to 900 */
  weight: number
  italic: boolean
  /** no rule of the font but kerning reaches across a space, and none but pairs across letters: see `PairTable` */
  setsByPairs?: boolean
  bytes: Uint8Array
}

export interface FontStyle {
  family: string
  weight: number
  italic: boolean
}

/** A text shaped by one face, in font units. Glyph by glyph, in the order of the text. */
export interface Shaped {
  /** Index into the text at which each glyph's cluster begins. */
  clusters: Uint32Array
  /** The glyphs themselves, by the font's numbers. */
  glyphs: Uint32Array
  /** The glyph's own advance. */
  advances: Float64Array
  /** What kerning and marks add to it. */
  adjustments: Float64Array
}

/** A face ready to shape. */
export class FontFace {
  readonly metrics: FontMetrics
  private shapes = new Map<string, Shaped>()
  private spacedShapes = new Map<string, Shaped>()
  private ownAdvances = new Map<number, number>()
  private buffer: harfbuzz.Buffer
  private characters: Set<number>

  constructor(
    readonly file: FontFile,
    private font: harfbuzz.Font,
    private shaper: Shaper,
  ) {
    this.buffer = new shaper.Buffer()
    this.metrics = lineMetricsOf(font)
    this.characters = new Set(font.face.collectUnicodes())
    this.coversAscii = Array.from({ length: 95 }, (_, index) => 32 + index).every((code) =>
      this.characters.has(code),
    )
  }

  /** Whether it has every printable ASCII character, so that plain text need not be looked through. */
  readonly coversAscii: boolean

  has(codePoint: number): boolean {
    return this.characters.has(codePoint)
  }

  /** The glyph of a character before any rule of the font. */
  glyph(codePoint: number): number | undefined {
    return this.font.nominalGlyph(codePoint)
  }

  /**
   * Shapes a text left to right; results are kept, since the same words come back at every width.
   * @param isSpaced whether letters stand apart, so that none of them join
   */
  shape(text: string, isSpaced = false): Shaped {
    const shapes = isSpaced ? this.spacedShapes : this.shapes
    const known = shapes.get(text)
    if (known) return known
    if (shapes.size > 20_000) shapes.clear()
    const shaped = this.shapeAnew(text, isSpaced)
    shapes.set(text, shaped)
    return shaped
  }

  private ownAdvance(glyph: number): number {
    let advance = this.ownAdvances.get(glyph)
    if (advance === undefined) this.ownAdvances.set(glyph, (advance = this.font.glyphHAdvance(glyph)))
    return advance
  }

  /** Shapes without keeping the result. */
  shapeAnew(text: string, isSpaced = false): Shaped {
    const { buffer } = this
    buffer.reset()
    buffer.addText(text)
    buffer.setDirection(this.shaper.Direction.LTR)
    buffer.setScript('Latn')
    buffer.setLanguage('en')
    this.shaper.shape(this.font, buffer, isSpaced ? apart(this.shaper) : undefined)
    const glyphs = buffer.getGlyphInfos()
    const positions = buffer.getGlyphPositions()
    const shaped = {
      clusters: new Uint32Array(glyphs.length),
      glyphs: new Uint32Array(glyphs.length),
      advances: new Float64Array(glyphs.length),
      adjustments: new Float64Array(glyphs.length),
    }
    glyphs.forEach(({ codepoint, cluster }, index) => {
      const advance = positions[index].xAdvance
      const own = advance === 0 ? 0 : this.ownAdvance(codepoint)
      shaped.clusters[index] = cluster
      shaped.glyphs[index] = codepoint
      shaped.advances[index] = own
      shaped.adjustments[index] = advance - own
    })
    return shaped
  }
}

let features: harfbuzz.Feature[] | undefined

/** Letters set apart do not join (CSS Text 3, section 8.2). */
function apart({ Feature }: Shaper): harfbuzz.Feature[] {
  features ??= ['liga', 'clig'].map((tag) => new Feature(tag, 0))
  return features
}

/** The faces a project can set text in. */
export class FontLibrary {
  private loaded = new Map<FontFile, FontFace>()
  /** by family, then by weight and slope */
  private faces = new Map<string, FontFace[]>()

  /** @param lastResort family used for characters the asked one lacks */
  constructor(
    private shaper: Shaper,
    private files: FontFile[],
    private lastResort: string,
  ) {
    if (!files.some(({ family }) => family === lastResort))
      throw new Error(`There is no font file of ${lastResort}.`)
  }

  get families(): string[] {
    return [...new Set(this.files.map(({ family }) => family))]
  }

  /** All files of a family. */
  filesOf(family: string): FontFile[] {
    return this.files.filter((file) => file.family === family)
  }

  /** The family's face nearest in weight; a family that is not here gives way to the last resort. */
  face(style: FontStyle): FontFace {
    let faces = this.faces.get(style.family)
    if (!faces) this.faces.set(style.family, (faces = []))
    return (faces[style.weight * 2 + (style.italic ? 1 : 0)] ??= this.load(this.fileFor(style)))
  }

  fallback(style: FontStyle): FontFace {
    return this.face(this.resort(style))
  }

  private resort(style: FontStyle): FontStyle {
    return { ...style, family: this.lastResort }
  }

  /** The file a style is set from. */
  fileFor(style: FontStyle): FontFile {
    return nearestFile(this.files, style) ?? (nearestFile(this.files, this.resort(style)) as FontFile)
  }

  private load(file: FontFile): FontFace {
    const { Blob, Face, Font } = this.shaper
    let face = this.loaded.get(file)
    if (!face) {
      face = new FontFace(file, new Font(new Face(new Blob(file.bytes))), this.shaper)
      this.loaded.set(file, face)
    }
    return face
  }
}

/** The file of a family nearest in slope, then in weight, the way CSS Fonts 4 section 5.2 prefers them. */
export function nearestFile(files: FontFile[], { family, weight, italic }: FontStyle): FontFile | undefined {
  const distance = (file: FontFile) => {
    const lighter = file.weight < weight
    const wrongSide = weight <= 500 ? !lighter && file.weight > 500 : lighter
    return (file.italic === italic ? 0 : 10_000) + (wrongSide ? 1000 : 0) + Math.abs(file.weight - weight)
  }
  return files.filter((file) => file.family === family).sort((a, b) => distance(a) - distance(b))[0]
}
