import { childrenByParent } from '../document/tree'
import type { Operation } from '../document/types'
import { wayBetween, type SiteWays, type Way } from './reach'
import type { SiteRecords, Stop } from './site'

/** A stop as the journey's list shows it. */
export interface JourneyStop {
  stop: Stop
  /** `1`, `2`, at a decision `3a` and `3b`, after it `3a.1` */
  number: string
  depth: number
  /** the page it is walked from; none for the first */
  from?: string
  /** how it is reached from there; none for the first */
  way?: Way
  /** the page is gone */
  isGone: boolean
  /** clicks from the first stop */
  clicks: number
}

export interface JourneyReport {
  stops: JourneyStop[]
  /** stops that cannot be reached from the one before, or whose page is gone */
  gaps: JourneyStop[]
  /** clicks of the longest way through it */
  clicks: number
}

/** Walks a journey: each stop by a link or an entry of a menu from the one before. */
export function journeyReport(
  { pages, stops }: Pick<SiteRecords, 'pages' | 'stops'>,
  ways: SiteWays,
  journey: string,
): JourneyReport {
  const own = Object.fromEntries(Object.entries(stops).filter(([, stop]) => stop.journey === journey))
  const after = childrenByParent(own)
  const list: JourneyStop[] = []
  const walk = (stop: Stop, before: JourneyStop | undefined, number: string, depth: number) => {
    const from = before?.stop.page
    const isGone = !pages[stop.page]
    const way =
      from === undefined ? undefined : isGone ? { by: 'none' as const } : wayBetween(ways, from, stop.page)
    const clicks = (before?.clicks ?? 0) + (way && way.by !== 'same page' ? 1 : 0)
    const here = { stop, number, depth, from, way, isGone, clicks }
    list.push(here)
    const next = after.get(stop.id) ?? []
    const following = raise(number)
    next.forEach((one, index) => {
      const isBranch = next.length > 1
      walk(one, here, isBranch ? following + letter(index) : following, isBranch ? depth + 1 : depth)
    })
  }
  ;(after.get(null) ?? []).forEach((stop, index) =>
    walk(stop, undefined, index === 0 ? '1' : `1${letter(index)}`, 0),
  )
  return {
    stops: list,
    gaps: list.filter(({ isGone, way }) => isGone || way?.by === 'none'),
    clicks: Math.max(0, ...list.map(({ clicks }) => clicks)),
  }
}

const letter = (index: number) => String.fromCharCode(97 + (index % 26))

/** The number after `2`, `3a` or `3a.2`: `3`, `3a.1`, `3a.3`. */
function raise(number: string): string {
  const [, head, tail] = /^(.*?)(?<!\d)(\d+)$/.exec(number) ?? []
  return tail === undefined ? `${number}.1` : `${head}${Number(tail) + 1}`
}

/** Adds the link a gap of a journey lacks. */
export function mendGap({ from, stop }: JourneyStop, id: string): Operation[] {
  if (from === undefined) return []
  return [{ type: 'put', collection: 'links', id, record: { id, from, to: stop.page } }]
}
