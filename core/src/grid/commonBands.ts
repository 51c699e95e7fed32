/** A usual set of breakpoints to start from. */
export interface CommonBands {
  label: string
  /** where the figures come from */
  source: string
  bands: { name: string; from: number; drawnAt: number }[]
}

/**
 * Usual sets of bands. The figures of the last three are those of open-source CSS libraries, read from their packages
 * in the tests.
 */
export const COMMON_BANDS: CommonBands[] = [
  {
    label: 'Two: hand and desk',
    source: 'common practice',
    bands: [
      { name: 'Hand', from: 0, drawnAt: 390 },
      { name: 'Desk', from: 800, drawnAt: 1280 },
    ],
  },
  {
    label: 'Three: narrow, medium, wide',
    source: 'common practice',
    bands: [
      { name: 'Narrow', from: 0, drawnAt: 390 },
      { name: 'Medium', from: 680, drawnAt: 834 },
      { name: 'Wide', from: 1120, drawnAt: 1440 },
    ],
  },
  {
    label: 'Five: at 640, 1024, 1200 and 1440',
    source: 'the foundation-sites package',
    bands: [
      { name: 'Small', from: 0, drawnAt: 390 },
      { name: 'Medium', from: 640, drawnAt: 768 },
      { name: 'Large', from: 1024, drawnAt: 1100 },
      { name: 'Larger', from: 1200, drawnAt: 1280 },
      { name: 'Largest', from: 1440, drawnAt: 1680 },
    ],
  },
  {
    label: 'Five: at 769, 1024, 1216 and 1408',
    source: 'the bulma package',
    bands: [
      { name: 'Phone', from: 0, drawnAt: 390 },
      { name: 'Tablet', from: 769, drawnAt: 834 },
      { name: 'Desk', from: 1024, drawnAt: 1152 },
      { name: 'Wide desk', from: 1216, drawnAt: 1280 },
      { name: 'Very wide desk', from: 1408, drawnAt: 1600 },
    ],
  },
  {
    label: 'Six: at 576, 768, 992, 1200 and 1400',
    source: 'the bootstrap package',
    bands: [
      { name: 'Least', from: 0, drawnAt: 390 },
      { name: 'Small', from: 576, drawnAt: 640 },
      { name: 'Medium', from: 768, drawnAt: 834 },
      { name: 'Large', from: 992, drawnAt: 1100 },
      { name: 'Larger', from: 1200, drawnAt: 1280 },
      { name: 'Largest', from: 1400, drawnAt: 1600 },
    ],
  },
]
