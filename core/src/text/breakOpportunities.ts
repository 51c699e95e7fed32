import LineBreakerModule from 'linebreak'

type LineBreakerClass = typeof LineBreakerModule

// The package has a CommonJS and a module form; under Node the class may be its `default`.
const LineBreaker =
  (LineBreakerModule as unknown as { default?: LineBreakerClass }).default ?? LineBreakerModule

const isAsciiSign = (code: number) => code >= 33 && code <= 126
const isLetter = (code: number) => (code | 32) >= 97 && (code | 32) <= 122
const isWordSign = (character: string) => /[A-Za-z0-9]/.test(character)
const OPENERS = '¿¡“‘«'

/**
 * Where a line may end: `true` at index i when a break is allowed before character i.
 * UAX #14 by the `linebreak` package, and over it the table browsers use between two ASCII signs.
 */
export function breakOpportunities(text: string): Uint8Array {
  const allowed = new Uint8Array(text.length + 1)
  const breaker = new LineBreaker(text)
  for (let next = breaker.nextBreak(); next; next = breaker.nextBreak()) allowed[next.position] = 1
  for (let index = 1; index < text.length; index++) {
    const before = text.charCodeAt(index - 1)
    const after = text.charCodeAt(index)
    if (isLetter(before) && isLetter(after)) allowed[index] = 0
    else if (isAsciiSign(before) && isAsciiSign(after)) allowed[index] = breaksBetween(text, index) ? 1 : 0
    else if (before === 32 && (isAsciiSign(after) || OPENERS.includes(text[index]))) allowed[index] = 1
  }
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
