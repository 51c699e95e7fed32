interface Counted {
  px: number
  visits: number
}

/** What was left out at one end: its share of all visits, and the px it begins or ends at. */
export interface LeftOut {
  share: number
  /** the last that is kept */
  keptAt: number
}

/**
 * Sizes without the rarest at each end, which else pull a width towards them that hardly anybody has.
 * @param counted by px, from small to large
 * @param share of all visits that may go at each end; as much as fits into it does
 * @returns what is kept, at least one size, and what was left out where something was
 */
export function withoutRarest(
  counted: Counted[],
  share: number,
): { kept: Counted[]; below?: LeftOut; above?: LeftOut } {
  const total = counted.reduce((sum, { visits }) => sum + visits, 0)
  const fitting = (list: Counted[]) => {
    let sum = 0
    let count = 0
    while (count < list.length && sum + list[count].visits <= share * total) sum += list[count++].visits
    return { count, share: total ? sum / total : 0 }
  }
  const low = fitting(counted)
  const high = fitting([...counted].reverse())
  const kept = counted.slice(low.count, counted.length - high.count)
  if (kept.length === 0) return { kept: counted }
  return {
    kept,
    ...(low.count ? { below: { share: low.share, keptAt: kept[0].px } } : {}),
    ...(high.count ? { above: { share: high.share, keptAt: kept[kept.length - 1].px } } : {}),
  }
}
