import { TEXT_UNITS_PER_PX } from './fontMetrics'
import { END, MEETING_BITS, OUTSIDE, pairIndex, STEP_SHIFT } from './pairCode'
import type { PairTable } from './pairTable'
import { isPlainText } from './plainText'

const SPACE = 32

/**
 * Where the lines of many paragraphs may end, one after another: thousands of small arrays of their own would keep the
 * collector busy.
 */
export interface Stops {
  /** index of the character a line may end before; the last of a paragraph is the end of its text */
  at: Int32Array
  /** px from the start of the text to the end of what is seen of a line that ends there: spaces hang */
  end: Float64Array
  /** px from the start of the text to where the line after it begins */
  start: Float64Array
}

const CHUNK = 1 << 13
let chunk = stopsOf(CHUNK)
let used = 0

function stopsOf(length: number): Stops {
  return { at: new Int32Array(length), end: new Float64Array(length), start: new Float64Array(length) }
}

/** Room for stops, the next of them at `first`; those that are written should be kept. */
export function roomForStops(most: number): { stops: Stops; first: number } {
  if (used + most > chunk.at.length) {
    chunk = stopsOf(Math.max(CHUNK, most))
    used = 0
  }
  return { stops: chunk, first: used }
}

/** Keeps so many stops of the room that was given last: what is given next stands after them. */
export function keepStops(count: number) {
  used += count
}

/**
 * Writes the stops of a text of printable ASCII without line breaks, set by pairs.
 * @returns how many; -1 where the text is another or very long, or letters of it join
 */
export function writePlainStops(text: string, table: PairTable, stops: Stops, first: number): number {
  if (text.length === 0 || text.length > table.mostCharacters) return -1
  const count = addSteps(text, table, stops, first)
  if (count >= 0 || !isPlainText(text)) return count
  table.learn(text)
  return text.length > table.mostCharacters ? -1 : addSteps(text, table, stops, first)
}

/**
 * The innermost loop of all layout: for each character, one step on and one look at whether a line may end. Gives -1
 * where a pair is not known or joins.
 */
function addSteps(text: string, { packed }: PairTable, { at, end, start }: Stops, first: number): number {
  const { length } = text
  let units = 0
  let stop = first
  let code = text.charCodeAt(0)
  if (code >= END) return -1
  for (let index = 1; index < length; index++) {
    const next = text.charCodeAt(index)
    if (next >= END) return -1
    const pair = packed[pairIndex(code, next)]
    const step = pair >> STEP_SHIFT
    // Whole numbers of 32 bits, which the table's most characters keep within bounds.
    units = (units + step) | 0
    if (pair & MEETING_BITS) {
      if ((pair & MEETING_BITS) === OUTSIDE) return -1
      at[stop] = index
      end[stop] = (code === SPACE ? units - step : units) / TEXT_UNITS_PER_PX
      start[stop++] = units / TEXT_UNITS_PER_PX
    }
    code = next
  }
  const last = packed[pairIndex(code, END)]
  if (code === SPACE || (last & MEETING_BITS) === OUTSIDE) return -1
  at[stop] = length
  end[stop] = start[stop] = (units + (last >> STEP_SHIFT)) / TEXT_UNITS_PER_PX
  return stop + 1 - first
}
