import { rectMark, type Mark } from '../vector/mark'

/** How thick a line that stands for words is, and how far its middle lies above the baseline, of the font's size. */
const [THICK, MIDDLE] = [0.36, 0.3]
const OPACITY = 0.4

/** Marks with a line in place of each stretch of words: as long, so that a reader sees how much is said and not what. */
export const wordsAsLines = (marks: Mark[]): Mark[] =>
  marks.map((mark) => {
    if (mark.type !== 'words') return mark
    const { x, y, size, text, colour, width = text.length * size * 0.5 } = mark
    const height = size * THICK
    const line = rectMark({ x, y: y - size * MIDDLE - height / 2, width, height }, { fill: colour })
    return { type: 'group', opacity: OPACITY, marks: [line] }
  })
