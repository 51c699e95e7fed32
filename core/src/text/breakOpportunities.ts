import LineBreakerModule from 'linebreak'
import { ALWAYS, CODES, NEVER, OUTSIDE, pairIndex } from './pairCode'
import { isPlainText } from './plainText'

type LineBreakerClass = typeof LineBreakerModule

// The package has a CommonJS and a module form; under Node the class may be its `default`.
const LineBreaker =
  (LineBreakerModule as unknown as { default?: LineBreakerClass }).default ?? LineBreakerModule

const NEWLINE = 10
const SPACE = 32
const HYPHEN = 45
const isAsciiSign = (code: number) => code >= 33 && code <= 126
const isLetter = (code: number) => (code | 32) >= 97 && (code | 32) <= 122
const isDigit = (code: number) => code >= 48 && code <= 57
const isWordSign = (character: string) => /[A-Za-z0-9]/.test(character)
const OPENERS = '¿¡“‘«'

/**
 * Where a line may end, ascending: index i means before character i. The end of the text and what follows a line
 * break are always among them.
 * UAX #14 by the `linebreak` package, and over it the table browsers use between two ASCII signs.
 */
export function breakOpportunities(text: string): number[] {
  const standard = isPlainText(text) ? undefined : standardBreaks(text)
  const breaks: number[] = []
  let before = text.charCodeAt(0)
  for (let index = 1; index < text.length; index++) {
    const after = text.charCodeAt(index)
    if (before === NEWLINE || mayEnd(text, index, before, after, standard)) breaks.push(index)
    before = after
  }
  breaks.push(text.length)
  return breaks
}

function mayEnd(text: string, index: number, before: number, after: number, standard?: Set<number>): boolean {
  if (isLetter(before) && isLetter(after)) return false
  if (isAsciiSign(before) && isAsciiSign(after)) return breaksBetween(text, index)
  if (before === SPACE && (isAsciiSign(after) || OPENERS.includes(text[index]))) return true
  return standard?.has(index) ?? false
}

/** What any two ASCII characters say, by `pairIndex`; no line ends before the code after them, the end of a text. */
export const meetings = new Uint8Array(CODES * CODES).fill(OUTSIDE)
for (let first = SPACE; first < CODES - 1; first++)
  for (let second = SPACE; second < CODES; second++)
    meetings[pairIndex(first, second)] = meeting(first, second)

function meeting(first: number, second: number): number {
  const areSpaces = first === SPACE && second === SPACE
  // What stands before a hyphen decides whether a number after it may begin a line.
  const isNumberAfterHyphen = first === HYPHEN && isDigit(second)
  if (areSpaces || isNumberAfterHyphen) return OUTSIDE
  return mayEnd(String.fromCharCode(first, second), 1, first, second) ? ALWAYS : NEVER
}

function standardBreaks(text: string): Set<number> {
  const allowed = new Set<number>()
  const breaker = new LineBreaker(text)
  for (let next = breaker.nextBreak(); next; next = breaker.nextBreak()) allowed.add(next.position)
  return allowed
}

function breaksBetween(text: string, index: number): boolean {
  const a = text[index - 1]
  const b = text[index]
  if (a === '-') {
    if ('!$),./:;?]}`'.includes(b)) return false
    return /[0-9]/.test(b) ? index >= 2 && isWordSign(text[index - 2]) : true
  }
  if (a === '?') return !'!"\'),./:;?]}`'.includes(b)
  return '(<[{'.includes(b) && '!"#%&)*+,.:;=>\\]|}~'.includes(a)
}
