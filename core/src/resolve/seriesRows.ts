import { USUAL_ROWS } from '../block/kinds/series'
import type { CollectionDocument, CollectionRow, CollectionValue } from '../content/collection'
import { inOrder } from '../document/tree'

/** Which rows of its collection a series shows, as its block says. */
export interface RowChoice {
  field?: string
  says?: string
  by?: string
  isBackwards?: boolean
  from?: number
  most?: number
}

/** A value of a row as it is written on a page: dates as `31 May 2026`, yes and no in words. */
export function writtenValue(value: CollectionValue | undefined): string {
  if (value === undefined) return ''
  if (typeof value === 'boolean') return value ? 'Yes' : 'No'
  return typeof value === 'string' && /^\d{4}-\d\d-\d\d$/.test(value) ? writtenDate(value) : String(value)
}

function writtenDate(value: string): string {
  const date = new Date(`${value}T00:00:00Z`)
  if (Number.isNaN(date.getTime())) return value
  return date.toLocaleDateString('en-GB', { day: 'numeric', month: 'long', year: 'numeric', timeZone: 'UTC' })
}

/** The rows a series is repeated over, in their order. */
export function seriesRows(
  { records }: CollectionDocument,
  { field, says, by, isBackwards = false, from = 1, most = USUAL_ROWS }: RowChoice,
): CollectionRow[] {
  const wanted = says?.trim().toLowerCase()
  const all = inOrder(Object.values(records.rows))
  const chosen =
    field && wanted
      ? all.filter(({ values }) => writtenValue(values?.[field]).trim().toLowerCase() === wanted)
      : all
  const sorted = by ? [...chosen].sort((a, b) => compared(a.values?.[by], b.values?.[by])) : chosen
  const turned = by && isBackwards ? sorted.reverse() : sorted
  return turned.slice(from - 1, from - 1 + most)
}

const collator = new Intl.Collator('en', { numeric: true })

/** Numbers by size, all else as a reader would put it in order; what says nothing comes last. */
function compared(a: CollectionValue | undefined, b: CollectionValue | undefined): number {
  if (a === undefined || b === undefined) return Number(a === undefined) - Number(b === undefined)
  if (typeof a === 'number' && typeof b === 'number') return a - b
  return collator.compare(String(a), String(b))
}
