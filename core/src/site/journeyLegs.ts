import type { JourneyStop } from './journeyReport'

/** The way from one stop of a journey to the next, as it is drawn over the tree. */
export interface JourneyLeg {
  id: string
  /** path data */
  d: string
  /** no menu and no link leads there */
  isGap: boolean
}

/**
 * The legs of a journey between cards, each an arc above them.
 * @param cornerOf where a page's card has its top left corner; nothing where it has none
 * @param inset from that corner to where a leg meets the card, and the least height of an arc
 */
export function journeyLegs(
  stops: JourneyStop[],
  cornerOf: (page: string) => { x: number; y: number } | undefined,
  inset: number,
  leastBend: number,
): JourneyLeg[] {
  return stops.flatMap(({ stop, from, way }) => {
    const [a, b] = [from === undefined ? undefined : cornerOf(from), cornerOf(stop.page)]
    if (!a || !b || from === stop.page) return []
    const [ax, bx] = [a.x + inset, b.x + inset]
    const bend = Math.max(leastBend, Math.abs(bx - ax) / 4)
    const d = `M${ax} ${a.y}C${ax} ${a.y - bend} ${bx} ${b.y - bend} ${bx} ${b.y}`
    return [{ id: stop.id, d, isGap: way?.by === 'none' }]
  })
}
