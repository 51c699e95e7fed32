import Papa from 'papaparse'
import { checkText, ImportError } from './importedPages'

/** A table read from CSV: its heading and rows, with the line each row begins on. */
export interface CsvTable {
  heading: string[]
  rows: { values: string[]; line: number }[]
  /** rows shorter or longer than the heading, by line; what they lack is empty, what they have too much is kept out */
  ragged: { line: number; has: number }[]
  separator: string
}

/**
 * Reads CSV (RFC 4180): quoted values, doubled quotes, line breaks in quotes; separated by comma, semicolon, tab or
 * bar, whichever the file uses. Blank lines are passed over.
 * @throws ImportError for a quote that never closes, naming its line, and for a file without rows
 */
export function readCsv(text: string): CsvTable {
  checkText(text)
  const clean = text.replace(/^\uFEFF/, '')
  const { data, errors, meta } = Papa.parse<string[]>(clean, {
    delimiter: separatorOf(clean),
    skipEmptyLines: false,
  })
  const starts = lineStarts(data, clean)
  const quote = errors.find(({ type }) => type === 'Quotes')
  if (quote) {
    const line = starts[quote.row ?? 0] ?? 1
    throw new ImportError(`Line ${line}: a value opens with a quote that is not closed as it should be.`)
  }
  const rows = data
    .map((values, index) => ({ values, line: starts[index] }))
    .filter(({ values }) => values.some((value) => value.trim() !== ''))
  const [first, ...others] = rows
  if (!first) throw new ImportError('The file has no rows.')
  const heading = first.values.map((name) => name.trim())
  const ragged = others
    .filter(({ values }) => values.length !== heading.length)
    .map(({ values, line }) => ({ line, has: values.length }))
  return { heading, rows: others, ragged, separator: meta.delimiter }
}

/** The separator that stands most often in the heading, outside of quotes; a comma where there is none. */
function separatorOf(text: string): string {
  const heading = text
    .trimStart()
    .replace(/"[^"]*"/g, '')
    .split(/\r|\n/, 1)[0]
  const count = (sign: string) => heading.split(sign).length
  return [',', ';', '\t', '|'].reduce((best, sign) => (count(sign) > count(best) ? sign : best))
}

/** The line each row begins on, from 1: rows may hold line breaks. */
function lineStarts(data: string[][], text: string): number[] {
  const newline = text.includes('\n') ? '\n' : '\r'
  let line = 1
  return data.map((values) => {
    const start = line
    line += 1 + values.reduce((sum, value) => sum + value.split(newline).length - 1, 0)
    return start
  })
}

/**
 * Writes CSV (RFC 4180) with a heading. Values a spreadsheet would take for formulas get an apostrophe before them.
 */
export function writeCsv(heading: string[], rows: (string | number | boolean | undefined)[][]): string {
  return `${Papa.unparse({ fields: heading, data: rows }, { escapeFormulae: true, newline: '\r\n' })}\r\n`
}
