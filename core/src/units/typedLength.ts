import { UNITS, type Unit, type WrittenLength } from './length'

/** What somebody typed into a length field, or why it is not a length. */
export type TypedLength =
  | {
      length: WrittenLength
      /** whether no unit was typed */
      isBare: boolean
    }
  | { error: string }

const TOKEN = /\s*(?:(\d+(?:\.\d+)?|\.\d+)\s*([a-z%]*)|([-+*/()]))/giy

type Term = { value: number; unit: Unit | undefined }

/**
 * Reads a typed length: a number with a unit ("24", "1.5em", "12 pt") or a sum ("64 + 24", "1440/12 - 24px").
 * @param usual the unit of a bare number
 */
export function readLength(text: string, usual: Unit = 'px'): TypedLength {
  const tokens = tokenize(text)
  if (!tokens)
    return { error: `“${text}” is not a length. Type a number with a unit, such as 24px or 1.5em.` }
  try {
    const parser = new SumReader(tokens)
    const { value, unit } = parser.read()
    if (!Number.isFinite(value)) return { error: `“${text}” divides by zero.` }
    return { length: { value, unit: unit ?? usual }, isBare: unit === undefined }
  } catch (error) {
    return { error: (error as Error).message }
  }
}

type Token = Term | string

function tokenize(text: string): Token[] | undefined {
  const tokens: Token[] = []
  const cleaned = text.replaceAll('×', '*').replaceAll('−', '-').replaceAll(',', '.').trimEnd()
  TOKEN.lastIndex = 0
  while (TOKEN.lastIndex < cleaned.length) {
    const match = TOKEN.exec(cleaned)
    if (!match) return undefined
    const unit = match[2]?.toLowerCase()
    if (unit && !UNITS.includes(unit as Unit)) return undefined
    tokens.push(match[3] ?? { value: Number(match[1]), unit: (unit || undefined) as Unit | undefined })
  }
  return tokens.length ? tokens : undefined
}

/** Sums of terms of products, read by descent. Units may be joined by + and - only where they agree. */
class SumReader {
  private at = 0

  constructor(private tokens: Token[]) {}

  read(): Term {
    const sum = this.sum()
    if (this.at < this.tokens.length) throw new Error('There is something left over after the length.')
    return sum
  }

  private next(...signs: string[]): string | undefined {
    const token = this.tokens[this.at]
    if (typeof token !== 'string' || !signs.includes(token)) return undefined
    this.at++
    return token
  }

  private sum(): Term {
    let left = this.product()
    for (let sign = this.next('+', '-'); sign; sign = this.next('+', '-')) {
      const right = this.product()
      if (left.unit && right.unit && left.unit !== right.unit) {
        throw new Error(`${left.unit} and ${right.unit} cannot be added. Use one unit.`)
      }
      const value = sign === '+' ? left.value + right.value : left.value - right.value
      left = { value, unit: left.unit ?? right.unit }
    }
    return left
  }

  private product(): Term {
    let left = this.factor()
    for (let sign = this.next('*', '/'); sign; sign = this.next('*', '/')) {
      const right = this.factor()
      if (sign === '/' && right.unit) throw new Error('Divide by a plain number.')
      if (left.unit && right.unit) throw new Error('Multiply by a plain number.')
      left = {
        value: sign === '*' ? left.value * right.value : left.value / right.value,
        unit: left.unit ?? right.unit,
      }
    }
    return left
  }

  private factor(): Term {
    if (this.next('-')) {
      const { value, unit } = this.factor()
      return { value: -value, unit }
    }
    if (this.next('(')) {
      const inner = this.sum()
      if (!this.next(')')) throw new Error('A bracket is not closed.')
      return inner
    }
    const token = this.tokens[this.at++]
    if (token === undefined || typeof token === 'string') throw new Error('A number is missing.')
    return token
  }
}
