import type { ViewportSize } from '../viewport/audience'
import { ImportError, type ImportRemark } from './importedPages'
import { cutText } from '../text/cutText'

/** What a column of an analytics table may mean: the two sides of a viewport, both in one (“1440x900”), visits. */
export const AUDIENCE_COLUMNS = ['width', 'height', 'size', 'visits'] as const
export type AudienceColumn = (typeof AUDIENCE_COLUMNS)[number]
/** For each meaning the column it stands in, from 0. */
export type AudienceMapping = Partial<Record<AudienceColumn, number>>

const GUESSES: Record<AudienceColumn, RegExp> = {
  width: /\b(width|w|inner ?width)\b/i,
  height: /\b(height|h|inner ?height)\b/i,
  size: /\b(size|viewport|resolution|dimensions?|browser size|screen)\b/i,
  visits: /\b(visits?|sessions?|users?|visitors?|views?|hits?|count)\b/i,
}

/** What the columns of a heading seem to mean. */
export function guessAudienceMapping(heading: string[]): AudienceMapping {
  const mapping: AudienceMapping = {}
  for (const column of AUDIENCE_COLUMNS) {
    const taken = Object.values(mapping)
    const at = heading.findIndex((name, index) => !taken.includes(index) && GUESSES[column].test(name))
    if (at >= 0) mapping[column] = at
  }
  if (mapping.width !== undefined && mapping.height !== undefined) delete mapping.size
  return mapping
}

/** What a mapping lacks before a table can be read with it, or nothing. */
export function mappingTrouble({ width, height, size }: AudienceMapping): string | undefined {
  if (size !== undefined || (width !== undefined && height !== undefined)) return undefined
  return 'Say which columns hold the width and the height, or which one holds both.'
}

const MOST_REMARKS = 20
const MOST_PX = 20_000
const PAIR = /^(\d+)(?:\s*[x×*,;]\s*|\s+)(\d+)$/i

/**
 * Sums up viewport sizes row by row, so that a table of any length is read without being held. Rows that say no size
 * or no number of visits are counted and the first of them named.
 */
export class AudienceTally {
  private sums = new Map<number, number>()
  readonly remarks: ImportRemark[] = []
  rows = 0
  leftOut = 0

  /** @throws ImportError when the mapping names no size */
  constructor(private mapping: AudienceMapping) {
    const trouble = mappingTrouble(mapping)
    if (trouble) throw new ImportError(trouble)
  }

  /** Takes a row. @param line where it stands in the file, from 1 */
  add(values: string[], line: number): void {
    this.rows++
    const size = this.sizeOf(values)
    if (!size) return this.leaveOut(line, `“${this.sizeText(values)}” is no viewport size`)
    const { visits: column } = this.mapping
    const text = column === undefined ? '1' : (values[column] ?? '')
    const visits = countOf(text)
    if (visits === undefined) return this.leaveOut(line, `“${cutText(text, 40)}” is no number of visits`)
    const key = size[0] * (MOST_PX + 1) + size[1]
    if (visits > 0) this.sums.set(key, (this.sums.get(key) ?? 0) + visits)
  }

  /** @throws ImportError when no row had a visit */
  sizes(): ViewportSize[] {
    if (this.sums.size === 0)
      throw new ImportError(
        this.rows === 0 ? 'The table has no rows.' : 'No row has a size with a visit. Check the columns.',
      )
    return [...this.sums]
      .map(([key, visits]): ViewportSize => [Math.floor(key / (MOST_PX + 1)), key % (MOST_PX + 1), visits])
      .sort((a, b) => a[0] - b[0] || a[1] - b[1])
  }

  private sizeText(values: string[]): string {
    const { size, width, height } = this.mapping
    const columns = size === undefined ? [width, height] : [size]
    return columns
      .map((column) => values[column as number] ?? '')
      .join(' x ')
      .slice(0, 40)
  }

  private sizeOf(values: string[]): [number, number] | undefined {
    const pair = PAIR.exec(this.sizeText(values).trim())
    if (!pair) return undefined
    const [width, height] = [Number(pair[1]), Number(pair[2])]
    const isRight = [width, height].every((px) => px >= 1 && px <= MOST_PX)
    return isRight ? [width, height] : undefined
  }

  private leaveOut(line: number, remark: string) {
    this.leftOut++
    if (this.remarks.length < MOST_REMARKS)
      this.remarks.push({ line, remark: `${remark}; the row was left out.` })
  }
}

/** A whole number, with or without separators of thousands: “1,204”, “1 204”, “1.204”. */
function countOf(text: string): number | undefined {
  const plain = text.trim().replace(/(?<=\d)[,. \u00a0\u202f'](?=\d{3}\b)/g, '')
  return /^\d+(\.0+)?$/.test(plain) ? Number(plain) : undefined
}
