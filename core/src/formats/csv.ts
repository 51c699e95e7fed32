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
 * @param most rows there is room for below the heading; reading stops at one more
 * @throws ImportError for a quote that never closes, naming its line, for a file without rows, and for too many
 */
export function readCsv(text: string, most: number): CsvTable {
  checkText(text)
  const clean = text.replace(/^\uFEFF/, '')
  const newline = clean.includes('\n') ? '\n' : '\r'
  const rows: CsvTable['rows'] = []
  let line = 1
  let trouble: ImportError | undefined
  const separator = separatorOf(clean)
  Papa.parse<string[]>(clean, {
    delimiter: separator,
    step: ({ data: values, errors }, parser) => {
      if (errors.some(({ type }) => type === 'Quotes'))
        trouble = new ImportError(
          `Line ${line}: a value opens with a quote that is not closed as it should be.`,
        )
      if (values.some((value) => value.trim() !== '')) rows.push({ values, line })
      line += 1 + values.reduce((sum, value) => sum + value.split(newline).length - 1, 0)
      if (rows.length > most + 1)
        trouble = new ImportError(
          `The table has more than ${most.toLocaleString('en')} rows. Split it, then bring in the parts.`,
        )
      if (trouble) parser.abort()
    },
  })
  if (trouble) throw trouble
  return tableOf(rows, separator)
}

function tableOf(rows: CsvTable['rows'], separator: string): CsvTable {
  const [first, ...others] = rows
  if (!first) throw new ImportError('The file has no rows.')
  const heading = first.values.map((name) => name.trim())
  const ragged = others
    .filter(({ values }) => values.length !== heading.length)
    .map(({ values, line }) => ({ line, has: values.length }))
  return { heading, rows: others, ragged, separator }
}

const LONGEST_HEADING = 100_000

/** The separator that stands most often in the heading, outside of quotes; a comma where there is none. */
function separatorOf(text: string): string {
  const heading = text
    .slice(0, LONGEST_HEADING)
    .trimStart()
    .replace(/"[^"]*"/g, '')
    .split(/\r|\n/, 1)[0]
  const count = (sign: string) => heading.split(sign).length
  return [',', ';', '\t', '|'].reduce((best, sign) => (count(sign) > count(best) ? sign : best))
}

/**
 * Writes CSV (RFC 4180) with a heading. Values a spreadsheet would take for formulas get an apostrophe before them.
 */
export function writeCsv(heading: string[], rows: (string | number | boolean | undefined)[][]): string {
  return `${Papa.unparse({ fields: heading, data: rows }, { escapeFormulae: true, newline: '\r\n' })}\r\n`
}
