/** What is needed of a band to find one by width and to inherit values. */
export interface BandRange {
  id: string
  /** px of page width at which the band begins; the narrowest begins at 0 */
  from: number
}

/** Bands from narrow to wide. */
export function bandsInOrder<T extends BandRange>(bands: T[]): T[] {
  return [...bands].sort((a, b) => a.from - b.from)
}

/** The band a page of this width (px, scroll bar included) is in. `bands` in order. */
export function bandAt<T extends BandRange>(bands: T[], width: number): T {
  return bands.findLast(({ from }) => width >= from) ?? bands[0]
}

/**
 * The bands a value may come from at `band`, nearest first: the band itself, then each one on the way to the lead,
 * the lead last. `bands` in order.
 */
export function towardsLead<T extends BandRange>(bands: T[], band: string, lead: string): T[] {
  const at = bands.findIndex(({ id }) => id === band)
  const end = bands.findIndex(({ id }) => id === lead)
  return at <= end ? bands.slice(at, end + 1) : bands.slice(end, at + 1).reverse()
}
