import { ASK, mayEnd, meetings, NEVER, OUTSIDE, pairIndex } from './breakOpportunities'
import { END, type PairTable } from './pairTable'

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

export function keepStops(count: number) {
  used += count
}

const encoder = new TextEncoder()
/** The text at hand, a byte for each character. */
const bytes = new Uint8Array(4096)

/**
 * Writes the stops of a text of printable ASCII without line breaks, set by pairs.
 * @returns how many; -1 where the text is another, or letters of it join
 */
export function writePlainStops(text: string, table: PairTable, stops: Stops, first: number): number {
  // A character may take three bytes.
  if (text.length === 0 || text.length * 3 > bytes.length) return -1
  const { written } = encoder.encodeInto(text, bytes)
  if (written !== text.length) return -1
  const count = addSteps(text, table, stops, first)
  if (count < 0 || stops.end[first + count - 1] < Infinity) return count
  // Not a number: a step was not known yet. Infinite: letters join.
  table.learn(text)
  return addSteps(text, table, stops, first) > 0 && stops.end[first + count - 1] < Infinity ? count : -1
}

/** The innermost loop of all layout: for each character, one step on and one look at whether a line may end. */
function addSteps(text: string, { steps }: PairTable, { at, end, start }: Stops, first: number): number {
  const { length } = text
  // Held here, they need not be looked up again for every character.
  const [codes, known] = [bytes, meetings]
  let position = 0
  let stop = first
  let code = codes[0]
  for (let index = 1; index < length; index++) {
    const pair = pairIndex(code, codes[index])
    code = codes[index]
    position += steps[pair]
    const meeting = known[pair]
    if (meeting === NEVER) continue
    if (meeting === OUTSIDE) return -1
    if (meeting === ASK && !mayEnd(text, index, codes[index - 1], code)) continue
    at[stop] = index
    end[stop] = codes[index - 1] === SPACE ? position - steps[pair] : position
    start[stop++] = position
  }
  if (code <= SPACE || code >= END) return -1
  position += steps[pairIndex(code, END)]
  at[stop] = length
  end[stop] = position
  start[stop++] = position
  return stop - first
}
