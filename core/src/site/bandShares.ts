import { bandAt, bandsInOrder, type BandRange } from '../grid/band'
import { totalVisits, type ViewportSize } from '../viewport/audience'

/** Share of visits (0 to 1) in each band, by id. Bands count the scroll bar, as viewport sizes do. */
export function sharePerBand(sizes: ViewportSize[], bands: BandRange[]): Map<string, number> {
  const inOrder = bandsInOrder(bands)
  const shares = new Map(inOrder.map(({ id }) => [id, 0]))
  const total = totalVisits(sizes)
  if (total === 0) return shares
  for (const [width, , visits] of sizes) {
    const { id } = bandAt(inOrder, width)
    shares.set(id, (shares.get(id) ?? 0) + visits / total)
  }
  return shares
}
