import type { IconData } from '../block/iconData'
import { says } from '../block/saysField'
import type { Target } from '../block/target'
import { plainLevel } from '../block/textStyle'
import type { Varying } from '../block/varying'
import { px } from '../units/length'
import type { Columns, Piece } from './piece'

/** Blocks patterns are made of, as they begin. */

const said = (words: string) => (words ? says(words) : undefined)

export const GAP = { small: px(8), usual: px(16), large: px(24), wide: px(40) }

/** A column of the whole width; its children stand one below another. */
export const column = (name: string, holds: Piece[], more: Partial<Piece> = {}): Piece => ({
  kind: 'box',
  name,
  ...more,
  arrange: { type: 'column', gap: GAP.usual, align: 'start', ...more.arrange },
  holds,
})

/** Children beside one another, on further lines where there is no room. */
export const row = (name: string, holds: Piece[], more: Partial<Piece> = {}): Piece => ({
  kind: 'box',
  name,
  ...more,
  arrange: { type: 'row', gap: GAP.usual, align: 'centre', wrap: true, ...more.arrange },
  holds,
})

/** As many beside one another as tracks are said, by size of band. */
export const tracks = (
  name: string,
  holds: Piece[],
  { wide, medium, narrow }: { wide: number; medium: number; narrow: number },
  more: Partial<Piece> = {},
): Piece => ({
  kind: 'box',
  name,
  columns: { wide: 'all' },
  ...more,
  arrange: { type: 'grid', tracks: wide, gap: GAP.large, align: 'stretch', ...more.arrange },
  medium: { arrange: { tracks: medium } },
  narrow: { arrange: { tracks: narrow } },
  // What is put anywhere else takes all columns.
  holds: holds.map((one) => ({ ...one, place: { ...one.place, column: { span: 1 } } })),
})

/** One block repeated over the rows of a collection, as many beside one another as tracks are said. */
export const series = (
  name: string,
  repeated: Piece,
  most: number,
  by: Parameters<typeof tracks>[2],
): Piece => {
  const { arrange, medium, narrow, holds } = tracks(name, [repeated], by)
  return { kind: 'series', name, columns: { wide: 'all' }, data: { most }, arrange, medium, narrow, holds }
}

export const heading = (level: 1 | 2 | 3 | 4, words: string, more: Partial<Piece> = {}): Piece => ({
  kind: 'text',
  tag: `h${level}`,
  text: said(words),
  ...more,
})

export const text = (words: string, more: Partial<Piece> = {}): Piece => ({
  kind: 'text',
  text: said(words),
  ...more,
})

export const lead = (words: string, more: Partial<Piece> = {}): Piece =>
  text(words, { ...more, look: { level: plainLevel('lead'), ...more.look } })

export const small = (words: string, more: Partial<Piece> = {}): Piece =>
  text(words, { ...more, look: { level: plainLevel('small'), ...more.look } })

export const button = (words: string, to?: Target, more: Partial<Piece> = {}): Piece => ({
  kind: 'button',
  text: said(words),
  data: to ? { to } : undefined,
  ...more,
})

export const link = (words: string, to?: Target, more: Partial<Piece> = {}): Piece => ({
  kind: 'link',
  text: said(words),
  data: to ? { to } : undefined,
  ...more,
})

export const icon = (shown: IconData, size = 32): Piece => ({ kind: 'icon', data: { icon: shown, size } })

/** Room for a picture of a ratio. */
export const picture = (width: number, height: number, more: Partial<Piece> = {}): Piece => ({
  kind: 'picture',
  data: { file: { width: width * 160, height: height * 160 } },
  ...more,
})

export const menu = (id: string | undefined, more: Partial<Piece> = {}): Piece => ({
  kind: 'nav',
  ...more,
  data: { ...(id ? { menu: id } : {}), ...more.data },
})

const EDGE = { width: px(1), line: 'solid' as const, colour: { role: 'line' as const, hex: '#a9b0ac' } }
const INSIDE = { top: GAP.large, right: GAP.large, bottom: GAP.large, left: GAP.large }

/** A frame around what stands in it. */
export const framed: Pick<Piece, 'arrange' | 'look'> = {
  arrange: { padding: INSIDE },
  look: { border: { top: EDGE, right: EDGE, bottom: EDGE, left: EDGE } },
}

export const LINE_ABOVE: Varying['look'] = { border: { top: EDGE } }
export const LINE_BELOW: Varying['look'] = { border: { bottom: EDGE } }
export const SHADED: Varying['look'] = { fill: { role: 'tint', hex: '#eceeea' } }

/** Keeps to the top of the window while the page is scrolled, on a ground that hides what passes under it. */
export const STAYS_AT_TOP: Pick<Piece, 'place' | 'look'> = {
  place: { sticky: { edge: 'top' } },
  look: { ...LINE_BELOW, fill: { role: 'ground', hex: '#ffffff' } },
}

/** A section of a page whose children stand on its columns. */
export const section = (name: string, holds: Piece[], more: Partial<Piece> = {}): Piece => ({
  kind: 'section',
  name,
  ...more,
  arrange: { padding: { top: px(72), bottom: px(72) }, ...more.arrange },
  narrow: { arrange: { padding: { top: px(40), bottom: px(40) } }, ...more.narrow },
  holds,
})

/** Words above what a section shows: over two thirds of it, narrower pages whole. */
export const ABOVE: Columns = { wide: 8, medium: 'all' }
/** In the middle of the page, as wide as is read easily. */
export const MIDDLE: Columns = { wide: [3, 8], medium: [2, 10], narrow: 'all' }

/** A section's heading with the words below it. */
export const opening = (title: string, words: string, columns: Columns = ABOVE): Piece =>
  column('Words', [heading(2, title), ...(words ? [text(words)] : [])], { columns })

/** How many stand beside one another for a count, by size of band. */
export function beside(count: number): { wide: number; medium: number; narrow: number } {
  const wide = count <= 4 ? count : count % 4 === 0 ? 4 : 3
  // Three stay three: one of them alone on a second line would look forgotten.
  return { wide, medium: count === 3 ? 3 : Math.min(2, wide), narrow: 1 }
}
