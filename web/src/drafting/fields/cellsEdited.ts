import Papa from 'papaparse'

/** Most rows and columns a table of a drawing has. */
export const MOST_ROWS = 500
export const MOST_COLUMNS = 40

const blank = (count: number): string[] => Array.from({ length: count }, () => '')

/** A table with as many cells in every row. */
export function squared(cells: string[][]): string[][] {
  const width = Math.max(1, ...cells.map((row) => row.length))
  return cells.map((row) => [...row, ...blank(width - row.length)])
}

/** Pasted cells, as spreadsheets and CSV files give them; nothing where what is pasted is one cell. */
export function cellsPasted(text: string): string[][] | undefined {
  const clean = text.replace(/\r\n?/g, '\n').trimEnd()
  if (!/[\t\n]/.test(clean) && !clean.includes(';')) return undefined
  const { data } = Papa.parse<string[]>(clean, { skipEmptyLines: 'greedy' })
  const cells = squared(data.map((row) => row.map((cell) => cell.trim())))
  return cells.length > 1 || cells[0]?.length > 1 ? cells : undefined
}

/** A table with cells laid over it from a place on; it grows as far as they reach. */
export function laidOver(cells: string[][], row: number, column: number, pasted: string[][]): string[][] {
  const grown = cells.map((own) => [...own])
  pasted.slice(0, MOST_ROWS - row).forEach((line, down) => {
    const own = (grown[row + down] ??= [])
    line.slice(0, MOST_COLUMNS - column).forEach((cell, across) => (own[column + across] = cell))
  })
  return squared(grown.map((own) => Array.from(own, (cell: string | undefined) => cell ?? '')))
}

/** Without a row or a column. */
export const withoutRow = (cells: string[][], row: number) => cells.filter((_, index) => index !== row)
export const withoutColumn = (cells: string[][], column: number) =>
  cells.map((row) => row.filter((_, index) => index !== column))

/** With an empty row at its foot, or an empty column at its end. */
export const withRow = (cells: string[][]) => [...cells, blank(cells[0]?.length ?? 1)]
export const withColumn = (cells: string[][]) => cells.map((row) => [...row, ''])
