import { z } from 'zod'
import { idSchema } from '../document/ids'
import { leaf } from '../document/leafTable'
import type { BandGrid } from './bandGrid'
import { columnSpan, type ColumnGrid } from './columnGrid'
import { rowPositions } from './rowGrid'

const edge = z.enum(['start', 'centre', 'end'])

/** Where a guide lies: px, % of the page, or an edge of a column or row (from 1) of whatever band it is seen at. */
export const guidePlaceSchema = leaf(
  z.union([
    z.strictObject({ px: z.number().min(-20_000).max(100_000) }),
    z.strictObject({ percent: z.number().min(-100).max(200) }),
    z.strictObject({ column: z.int().min(1).max(100), edge }),
    z.strictObject({ row: z.int().min(1).max(200), edge }),
  ]),
)

/**
 * A line to align to. With a page it stands on that page, with a band at that band only, with neither everywhere.
 * `x`: a vertical line at a distance from the left; `y`: a horizontal one at a distance from the top.
 */
export const guideSchema = z.strictObject({
  id: idSchema,
  axis: z.enum(['x', 'y']),
  at: guidePlaceSchema,
  page: idSchema.optional(),
  band: idSchema.optional(),
  locked: z.boolean().optional(),
  hidden: z.boolean().optional(),
})

const setGuide = z.strictObject({ axis: z.enum(['x', 'y']), at: guidePlaceSchema })
export const MOST_IN_SET = 400

/** Guides saved under a name, to be put on other pages and bands. */
export const guideSetSchema = z.strictObject({
  id: idSchema,
  name: z.string().min(1).max(100),
  guides: z.array(setGuide).min(1).max(MOST_IN_SET),
})

export type GuidePlace = z.infer<typeof guidePlaceSchema>
export type Guide = z.infer<typeof guideSchema>
export type SetGuide = z.infer<typeof setGuide>
export type GuideSet = z.infer<typeof guideSetSchema>

/** What a guide's place is measured on: the page as it is laid out, px. */
export interface GuideGround {
  width: number
  height: number
  columns?: ColumnGrid
  band: Pick<BandGrid, 'rows'>
}

/** px from the page's left or top; undefined where the band has no such column or row. */
export function guidePosition({ axis, at }: SetGuide, ground: GuideGround): number | undefined {
  if ('px' in at) return at.px
  if ('percent' in at) return ((axis === 'x' ? ground.width : ground.height) * at.percent) / 100
  if ('column' in at) {
    const { columns } = ground
    if (axis !== 'x' || !columns || at.column > columns.columns) return undefined
    const { left, width } = columnSpan(columns, at.column, 1)
    return alongEdge(left, width, at.edge)
  }
  const rows = axis === 'y' && ground.band.rows ? rowPositions(ground.band.rows) : []
  const row = rows[at.row - 1]
  return row && alongEdge(row.top, row.height, at.edge)
}

const alongEdge = (start: number, length: number, edge: 'start' | 'centre' | 'end') =>
  start + length * { start: 0, centre: 0.5, end: 1 }[edge]

/** Whether a guide is meant for a page at a band. */
export function guideApplies(
  { page, band }: Pick<Guide, 'page' | 'band'>,
  at: { page: string; band: string },
) {
  return (page === undefined || page === at.page) && (band === undefined || band === at.band)
}

/** A place in words, as it can be typed. */
export function guideWords(at: GuidePlace): string {
  if ('px' in at) return `${Math.round(at.px * 100) / 100} px`
  if ('percent' in at) return at.percent === 50 ? 'centre' : `${Math.round(at.percent * 100) / 100} %`
  const what = 'column' in at ? `column ${at.column}` : `row ${at.row}`
  return at.edge === 'start' ? what : `${what} ${at.edge}`
}

const NUMBER = /^(-?\d+(?:[.,]\d+)?)\s*(px|%)?$/i
const TRACK = /^(column|col|c|row|r)\s*(\d+)(?:\s+(start|centre|center|middle|end))?$/i

/**
 * Reads a typed place: “120”, “12.5 %”, “centre”, “column 3”, “column 3 end”, “row 2 centre”.
 * Several may be parted by commas or semicolons and spaces: “64, 128, 50 %”.
 */
export function readGuides(text: string, axis: 'x' | 'y'): { places: GuidePlace[] } | { error: string } {
  const parts = text
    .split(/[;\n]|,\s+/)
    .map((part) => part.trim())
    .filter(Boolean)
  const places: GuidePlace[] = []
  for (const part of parts) {
    const place = readPlace(part, axis)
    if (!place)
      return {
        error: `“${part}” is no place for a guide. Type px, %, “centre”, “${axis === 'x' ? 'column 3 end' : 'row 2'}”.`,
      }
    places.push(place)
  }
  return places.length ? { places } : { error: 'Type where the guide should lie.' }
}

function readPlace(part: string, axis: 'x' | 'y'): GuidePlace | undefined {
  if (/^(centre|center|middle)$/i.test(part)) return { percent: 50 }
  const number = NUMBER.exec(part)
  if (number) {
    const value = Number(number[1].replace(',', '.'))
    const place = number[2] === '%' ? { percent: value } : { px: value }
    return guidePlaceSchema.safeParse(place).success ? place : undefined
  }
  const track = TRACK.exec(part)
  if (!track) return undefined
  const isColumn = track[1].toLowerCase().startsWith('c')
  if (isColumn !== (axis === 'x')) return undefined
  const words = (track[3] ?? 'start').toLowerCase()
  const edge = words === 'start' || words === 'end' ? words : 'centre'
  const place = isColumn ? { column: Number(track[2]), edge } : { row: Number(track[2]), edge }
  return guidePlaceSchema.safeParse(place).success ? (place as GuidePlace) : undefined
}
