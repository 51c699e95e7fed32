import type { ViewportSize } from '../viewport/audience'
import { sharePerBand } from './bandShares'

const visitors: ViewportSize[] = [
  [390, 664, 300],
  [390, 740, 100],
  [820, 1100, 100],
  [1440, 800, 400],
  [1920, 940, 100],
]
const bands = [
  { id: 'wide', from: 1120 },
  { id: 'narrow', from: 0 },
  { id: 'medium', from: 680 },
]
test('share per band (sums by hand)', () => {
  expect(Object.fromEntries(sharePerBand(visitors, bands))).toEqual({ narrow: 0.4, medium: 0.1, wide: 0.5 })
  expect(Object.fromEntries(sharePerBand([], bands))).toEqual({ narrow: 0, medium: 0, wide: 0 })
})
