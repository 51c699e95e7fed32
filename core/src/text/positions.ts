import type { FontFace } from './fontLibrary'
import { adjustmentAt, advanceAt, cachedSize } from './fontMetrics'
import { END } from './pairCode'
import { pairTable, type PairTable } from './pairTable'
import { isPlainText, isUnseen } from './plainText'

const NEWLINE = 10
const SPACE = 32

/** A stretch of a text. */
export interface Stretch {
  start: number
  end: number
}

/** A text in one font, and where its characters end: character `i` at `positions[i + 1]`, px. */
export interface SetText {
  face: FontFace
  /** px */
  size: number
  text: string
  positions: Float64Array
  /** px after each character as people see them; none where letters are not set apart */
  spacing?: number
}

/** Sets where the characters of a stretch end, from where its first begins. Line breaks take no room. */
export function setPositions(set: SetText, stretch: Stretch) {
  const { face, text, spacing } = set
  if (spacing) setApart(set, stretch, spacing)
  else if (face.file.setsByPairs && isPlainText(text, stretch.start, stretch.end))
    setByPairs(set, stretch, pairTable(face, set.size))
  else setShaped(set, stretch)
}

/** Width of a text set by itself, px. */
export function widthAlone(
  { face, size, spacing }: Omit<SetText, 'text' | 'positions'>,
  text: string,
): number {
  const positions = new Float64Array(text.length + 1)
  setPositions({ face, size, spacing, text, positions }, { start: 0, end: text.length })
  return positions[text.length]
}

/** Sets what the shaper says, for the characters of `own` only when given: those around it are context. */
function setShaped(
  { face, size: asked, text, positions }: SetText,
  { start, end }: Stretch,
  own: Stretch = { start, end },
) {
  const { clusters, advances, adjustments } = face.shape(text.slice(start, end))
  const size = cachedSize(asked)
  let glyph = 0
  let position = positions[own.start]
  for (let index = start; index < own.end; index++) {
    for (; glyph < clusters.length && clusters[glyph] === index - start; glyph++) {
      if (text.charCodeAt(index) === NEWLINE) continue
      // Of the space before a word only its kerning is new.
      if (index >= own.start) position += advanceAt(face.metrics, advances[glyph], size)
      position += adjustmentAt(face.metrics, adjustments[glyph], size)
    }
    positions[index + 1] = position
  }
}

/** Sets letters apart: none of them join, and each cluster of them has the spacing after it. */
function setApart({ face, size: asked, text, positions }: SetText, { start, end }: Stretch, spacing: number) {
  const { clusters, advances, adjustments } = face.shape(text.slice(start, end), true)
  const size = cachedSize(asked)
  let position = positions[start]
  let glyph = 0
  for (let index = start; index < end; index++) {
    const begins = clusters[glyph] === index - start
    const isNewline = text.charCodeAt(index) === NEWLINE
    for (; glyph < clusters.length && clusters[glyph] === index - start; glyph++) {
      if (isNewline) continue
      position += advanceAt(face.metrics, advances[glyph], size)
      position += adjustmentAt(face.metrics, adjustments[glyph], size)
    }
    if (begins && !isNewline && !isUnseen(text.charCodeAt(index))) position += spacing
    positions[index + 1] = position
  }
}

/** Adds up the steps from character to character. */
function setByPairs(set: SetText, stretch: Stretch, table: PairTable) {
  const { text, positions } = set
  const { start, end } = stretch
  let position = positions[start]
  let code = codeAt(text, start, end)
  let index = start
  while (index < end) {
    const next = codeAt(text, index + 1, end)
    const step = table.step(code, next)
    if (step === Infinity) {
      index = setJoinedWord(set, code === SPACE ? index + 1 : index, stretch, table)
      position = positions[index]
      code = codeAt(text, index, end)
      continue
    }
    position += step
    positions[++index] = position
    code = next
  }
}

function codeAt(text: string, index: number, end: number): number {
  if (index >= end) return END
  const code = text.charCodeAt(index)
  return code === NEWLINE ? END : code
}

const isGap = (text: string, index: number) =>
  text.charCodeAt(index) === SPACE || text.charCodeAt(index) === NEWLINE

/** Letters that join are shaped, between the spaces their word stands between. Gives back where the word ends. */
function setJoinedWord(set: SetText, within: number, { start, end }: Stretch, table: PairTable): number {
  const { text, positions } = set
  let [from, to] = [within, within]
  while (from > start && !isGap(text, from - 1)) from--
  while (to < end && !isGap(text, to)) to++
  const spaceBefore = from > start && text.charCodeAt(from - 1) === SPACE
  if (spaceBefore) positions[from] = positions[from - 1] + table.advance(SPACE)
  const spaceAfter = to < end && text.charCodeAt(to) === SPACE
  const context = { start: spaceBefore ? from - 1 : from, end: spaceAfter ? to + 1 : to }
  setShaped(set, context, { start: from, end: to })
  return to
}
