/** A column of a sorted table. */
export interface Column<Row> {
  key: string
  label: string
  /** its width as a track of a CSS grid, such as `minmax(120px, 2fr)` */
  track: string
  /** what rows are sorted by; a column without it does not sort */
  by?: (row: Row) => string | number | undefined
}

export interface SortedBy {
  key: string
  isDescending: boolean
}

/** Sorted one way, then the other, then as the rows came. */
export function nextSort(sorted: SortedBy | undefined, key: string): SortedBy | undefined {
  if (sorted?.key !== key) return { key, isDescending: false }
  return sorted.isDescending ? undefined : { key, isDescending: true }
}

const inWords = new Intl.Collator('en', { numeric: true, sensitivity: 'base' })

/** Rows by a column: figures by size, words by the alphabet, what has neither at the end; equals as they came. */
export function sortRows<Row>(rows: Row[], columns: Column<Row>[], sorted: SortedBy | undefined): Row[] {
  const by = columns.find(({ key }) => key === sorted?.key)?.by
  if (!by || !sorted) return rows
  const turn = sorted.isDescending ? -1 : 1
  const isEmpty = (value: string | number | undefined) => value === undefined || value === ''
  return rows
    .map((row) => ({ row, value: by(row) }))
    .sort((a, b) => {
      if (isEmpty(a.value) || isEmpty(b.value)) return Number(isEmpty(a.value)) - Number(isEmpty(b.value))
      const order =
        typeof a.value === 'number' && typeof b.value === 'number'
          ? a.value - b.value
          : inWords.compare(String(a.value), String(b.value))
      return order * turn
    })
    .map(({ row }) => row)
}
