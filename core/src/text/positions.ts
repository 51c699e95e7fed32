import type { FontFace } from './fontLibrary'
import { adjustmentAt, advanceAt, cachedSize } from './fontMetrics'
import { pairTable, type PairTable } from './pairTable'
import { isPlainText } from './plainText'

const NEWLINE = 10
const SPACE = 32

interface Stretch {
  start: number
  end: number
}

/**
 * Sets `positions[i + 1]`, px, to where each character of a stretch ends. `positions[start]` is where it begins.
 * Line breaks take no room.
 */
export function setPositions(
  face: FontFace,
  size: number,
  text: string,
  stretch: Stretch,
  positions: Float64Array,
) {
  if (face.file.setsByPairs && isPlainText(text, stretch.start, stretch.end))
    setByPairs({ face, size, table: pairTable(face, size), text, positions }, stretch)
  else setShaped(face, size, text, stretch, positions)
}

/** Width of a text set by itself, px. */
export function widthAlone(face: FontFace, size: number, text: string): number {
  const positions = new Float64Array(text.length + 1)
  setPositions(face, size, text, { start: 0, end: text.length }, positions)
  return positions[text.length]
}

/** Sets what the shaper says, for the characters of `own` only when given: those around it are context. */
function setShaped(
  face: FontFace,
  asked: number,
  text: string,
  { start, end }: Stretch,
  positions: Float64Array,
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

interface PlainText {
  face: FontFace
  size: number
  table: PairTable
  text: string
  positions: Float64Array
}

function setByPairs(plain: PlainText, stretch: Stretch) {
  const { text, table, positions } = plain
  const { start, end } = stretch
  let index = start
  while (index < end) {
    const code = text.charCodeAt(index)
    if (code !== SPACE && code !== NEWLINE) {
      index = setWord(plain, index, stretch)
      continue
    }
    positions[index + 1] = positions[index] + (code === SPACE ? table.advance(SPACE) : 0)
    index++
  }
}

/** Sets the word that begins at an index; gives back where it ends. */
function setWord(plain: PlainText, from: number, { start, end }: Stretch): number {
  const { text, table, positions } = plain
  const spaceBefore = from > start && text.charCodeAt(from - 1) === SPACE
  let index = from
  let code = text.charCodeAt(from)
  const spaceKerning = spaceBefore ? table.kern(SPACE, code) : 0
  let position = positions[from] + spaceKerning
  let joins = spaceKerning === Infinity
  while (index < end && code !== SPACE && code !== NEWLINE) {
    const next = index + 1 < end ? text.charCodeAt(index + 1) : NEWLINE
    position += table.advance(code)
    if (next !== NEWLINE) {
      const kerning = table.kern(code, next)
      if (kerning === Infinity) joins = true
      else position += kerning
    }
    positions[++index] = position
    code = next
  }
  if (joins) {
    // Letters that join are shaped, between the spaces the word stands between.
    const context = {
      start: spaceBefore ? from - 1 : from,
      end: Math.min(end, index + (code === SPACE ? 1 : 0)),
    }
    setShaped(plain.face, plain.size, text, context, positions, { start: from, end: index })
  } else positions[from] += spaceKerning
  return index
}
