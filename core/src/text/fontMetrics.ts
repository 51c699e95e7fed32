import type { Font } from 'harfbuzzjs'

/** What setting lines needs of a font, in font units. */
export interface FontMetrics {
  unitsPerEm: number
  ascent: number
  /** positive, below the baseline */
  descent: number
  lineGap: number
  xHeight: number
  zeroAdvance: number
}

/** A browser's text stack rounds advances to whole text units, 16.16 fixed point. */
export const TEXT_UNITS_PER_PX = 65536

const USE_TYPO_METRICS = 1 << 7

/** Metrics as browsers choose them: OS/2 typographic ones if the font says so, else those of hhea (OpenType 1.9). */
export function lineMetricsOf(font: Font): FontMetrics {
  const unitsPerEm = font.face.upem
  const hhea = tableOf(font, 'hhea')
  const os2 = font.face.referenceTable('OS/2') ? tableOf(font, 'OS/2') : undefined
  const typographic = os2 && (os2.getUint16(62) & USE_TYPO_METRICS) !== 0
  const ascent = typographic ? os2.getInt16(68) : hhea.getInt16(4)
  const descent = typographic ? -os2.getInt16(70) : -hhea.getInt16(6)
  const lineGap = typographic ? os2.getInt16(72) : hhea.getInt16(8)
  const zero = font.nominalGlyph(0x30)
  const x = font.nominalGlyph(0x78)
  const xExtents = x === undefined ? undefined : font.glyphExtents(x)
  const hasXHeight = os2 && os2.getUint16(0) >= 2 && os2.getInt16(86) > 0
  return {
    unitsPerEm,
    ascent,
    descent,
    lineGap,
    xHeight: hasXHeight ? os2.getInt16(86) : (xExtents?.yBearing ?? unitsPerEm / 2),
    zeroAdvance: zero === undefined ? unitsPerEm / 2 : font.glyphHAdvance(zero),
  }
}

/** The size fonts are cached under in Chromium: cut to hundredths of a pixel, in single precision (measured). */
export const cachedSize = (size: number) => Math.trunc(Math.fround(Math.fround(size) * 100)) / 100

/** px of font units added to a glyph's advance, by kerning for instance, at a size that is cached: 16.16 fixed point. */
export function adjustmentAt({ unitsPerEm }: FontMetrics, adjustment: number, size: number): number {
  return adjustment === 0
    ? 0
    : Math.round((adjustment * size * TEXT_UNITS_PER_PX) / unitsPerEm) / TEXT_UNITS_PER_PX
}

/**
 * px of a glyph's own advance at a size that is cached, as a browser's text stack rounds it: the size is a whole 64th
 * of a pixel, the result 16.16 fixed point.
 */
export function advanceAt({ unitsPerEm }: FontMetrics, advance: number, size: number): number {
  const scale = Math.round((Math.floor(size * 64) * 65536) / unitsPerEm)
  return Math.round((advance * scale) / 64) / TEXT_UNITS_PER_PX
}

function tableOf(font: Font, tag: string): DataView {
  const bytes = font.face.referenceTable(tag)
  if (!bytes) throw new Error(`The font has no ${tag} table.`)
  // A copy: the shaper's memory moves when it grows.
  return new DataView(bytes.slice().buffer)
}

/**
 * Distance from the top of a line box to the baseline, px.
 * @param size font size, px; @param lineHeight px
 * @see CSS 2.2 section 10.8.1 (half-leading), with the rounding Chromium applies
 */
export function baselineInLine(metrics: FontMetrics, size: number, lineHeight: number): number {
  const ascent = Math.round((metrics.ascent * size) / metrics.unitsPerEm)
  const descent = Math.round((metrics.descent * size) / metrics.unitsPerEm)
  const leading64 = Math.trunc((Math.floor(lineHeight * 64) - 64 * (ascent + descent)) / 2)
  return Math.floor(leading64 / 64) + ascent
}
