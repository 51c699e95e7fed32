import { createRequire } from 'node:module'
import fc from 'fast-check'
import { ckmeans } from 'simple-statistics'
import {
  condensedSizes,
  foldCurve,
  histogram,
  readSizes,
  shareWhoSee,
  shareWhoSeeBlock,
  summedSizes,
  totalVisits,
  visitsBy,
  type ViewportSize,
} from './audience'
import { frameTakes, ImpossibleFrame, partsOfPicture, USUAL_FRAMES, viewportOf } from './frame'
import { proposedBands, representativeWidths } from './representativeWidths'
import { USUAL_SCREENS } from './screen'

const frame = (words: string) => USUAL_FRAMES.find(({ name }) => name.includes(words))

describe('viewport = screen less frame', () => {
  // Common practice, no source.
  test.each([
    ['22 × 114', 1024, 768, 1002, 654],
    ['69 × 168', 1024, 768, 955, 600],
    ['40 × 180', 800, 600, 760, 420],
  ])('a frame of %s leaves of %d x %d a page of %d x %d', (name, width, height, pageWidth, pageHeight) => {
    expect(viewportOf({ width, height }, frame(name))).toMatchObject({ pageWidth, height: pageHeight })
  })
  test('the fold of a 1920 px screen lies about 900 (common practice)', () => {
    const { width, height } = viewportOf({ width: 1920, height: 1080 }, frame('Desktop browser'))
    expect(width).toBe(1920)
    expect(Math.abs(height - 900)).toBeLessThan(20)
  })
  test('the scroll bar is the viewport’s, not the frame’s, and can be off', () => {
    const desktop = frame('Desktop browser')
    expect(frameTakes(desktop ?? { parts: [] })).toEqual({ top: 116, right: 0, bottom: 48, left: 0 })
    expect(viewportOf({ width: 1440, height: 900 }, desktop, false)).toMatchObject({
      scrollBar: 0,
      pageWidth: 1440,
    })
  })
  test('a frame that leaves nothing names itself', () => {
    const greedy = { name: 'Greedy', parts: [{ part: 'tabs', side: 'top', size: 900 }] } as const
    expect(() => viewportOf({ width: 800, height: 600 }, { ...greedy, parts: [...greedy.parts] })).toThrow(
      ImpossibleFrame,
    )
  })
  test('a picture of a window gives its parts in px of the page', () => {
    const area = { x: 4, y: 180, width: 2040, height: 1200 }
    expect(partsOfPicture({ width: 2048, height: 1400, ratio: 2, area })).toEqual([
      { part: 'address', side: 'top', size: 90 },
      { part: 'status', side: 'bottom', size: 10 },
      { part: 'edge', side: 'left', size: 2 },
      { part: 'edge', side: 'right', size: 2 },
    ])
  })
  test('hand-held presets are screens of the device list in the playwright-core package', () => {
    const { devices } = createRequire(import.meta.url)('playwright-core') as {
      devices: Record<
        string,
        { screen?: { width: number; height: number }; viewport: { width: number; height: number } }
      >
    }
    const known = Object.values(devices).flatMap(({ screen, viewport }) =>
      [screen, viewport]
        .filter((size) => size !== undefined)
        .map(({ width, height }) => `${width}x${height}`),
    )
    const handHeld = USUAL_SCREENS.filter(({ name }) => /phone|tablet/i.test(name))
    for (const { width, height } of handHeld) expect(known).toContain(`${width}x${height}`)
  })
})

const visitors: ViewportSize[] = [
  [390, 664, 300],
  [390, 740, 100],
  [820, 1100, 100],
  [1440, 800, 400],
  [1920, 940, 100],
]

describe('the audience', () => {
  test('visits by width and in steps', () => {
    expect(visitsBy(visitors, 'width')).toEqual([
      { px: 390, visits: 400 },
      { px: 820, visits: 100 },
      { px: 1440, visits: 400 },
      { px: 1920, visits: 100 },
    ])
    const bins = histogram(visitsBy(visitors, 'width'), 100)
    expect(bins).toHaveLength(17)
    expect(bins[0]).toEqual({ from: 300, visits: 400 })
    expect(bins[1]).toEqual({ from: 400, visits: 0 })
  })
  test('the fold curve falls from all to those with the tallest windows (sums by hand)', () => {
    expect(foldCurve(visitors)).toEqual([
      { px: 664, share: 1 },
      { px: 740, share: 0.7 },
      { px: 800, share: 0.6 },
      { px: 940, share: 0.2 },
      { px: 1100, share: 0.1 },
    ])
    expect(shareWhoSee(visitors, 700)).toBe(0.7)
    expect(shareWhoSee([], 700)).toBe(0)
  })
  test('who sees a block is asked of each visitor at their own width (sums by hand)', () => {
    const bottoms = new Map([
      [390, 700],
      [820, 1200],
      [1440, 800],
    ])
    expect(shareWhoSeeBlock(visitors, bottoms)).toBe(0.5)
  })
  test('many sizes are condensed: the common ones kept, no visit lost', () => {
    const many: ViewportSize[] = Array.from({ length: 900 }, (_, index) => [
      300 + index,
      500 + ((index * 7) % 400),
      1,
    ])
    many.push([1440, 900, 5000])
    const { sizes, step } = condensedSizes(many, 100)
    expect(sizes.length).toBeLessThanOrEqual(100)
    expect(step).toBeGreaterThan(0)
    expect(totalVisits(sizes)).toBe(5900)
    expect(sizes).toContainEqual([1440, 900, 5000])
    expect(condensedSizes(visitors)).toEqual({ sizes: visitors, step: 0 })
  })
  test('sizes are typed a line each', () => {
    expect(readSizes('1440 x 900 1200\n\n390×844\t30\n1440,900,10')).toEqual({
      sizes: [
        [390, 844, 30],
        [1440, 900, 1210],
      ],
    })
    expect(readSizes('1440 x nine 20')).toEqual({ error: expect.stringContaining('Line 1') as string })
    expect(readSizes('0 x 900 20')).toEqual({ error: expect.stringContaining('Line 1') as string })
    expect(readSizes('\n')).toEqual({ error: 'No line has a visit.' })
    expect(summedSizes([[1, 1, 0]])).toEqual([])
  })
})

describe('the widths that stand best for an audience', () => {
  const weighted = fc
    .uniqueArray(
      fc.record({ px: fc.integer({ min: 320, max: 2560 }), visits: fc.integer({ min: 1, max: 40 }) }),
      {
        selector: ({ px }) => px,
        minLength: 1,
        maxLength: 60,
      },
    )
    .map((values) => values.sort((a, b) => a.px - b.px))

  test('as good as simple-statistics’ ckmeans on every visit written out', () => {
    fc.assert(
      fc.property(weighted, fc.integer({ min: 1, max: 6 }), (values, k) => {
        const expanded = values.flatMap(({ px, visits }) => Array.from({ length: visits }, () => px))
        const found = representativeWidths(values, k).at(-1)
        const expected = squaredDistance(ckmeans(expanded, Math.min(k, values.length))) / expanded.length
        expect(found?.misfit).toBeCloseTo(expected, 5)
      }),
      { numRuns: 100, seed: 7 },
    )
  })

  test('10,000 visits at 1,500 widths', () => {
    const values = Array.from({ length: 1500 }, (_, index) => ({ px: 320 + index, visits: 0 }))
    let state = 9
    for (let visit = 0; visit < 10_000; visit++) {
      state = (state * 48_271) % 2_147_483_647
      values[Math.floor((1500 * state) / 2_147_483_647)].visits++
    }
    const expanded = values.flatMap(({ px, visits }) => Array.from({ length: visits }, () => px))
    const all = representativeWidths(values, 4)
    expect(all).toHaveLength(4)
    for (const [index, { misfit, clusters }] of all.entries()) {
      expect(misfit).toBeCloseTo(squaredDistance(ckmeans(expanded, index + 1)) / 10_000, 3)
      expect(clusters.reduce((sum, { visits }) => sum + visits, 0)).toBe(10_000)
    }
  })

  test('more widths never fit worse, and as many as there are fit wholly', () => {
    const all = representativeWidths(visitsBy(visitors, 'width'), 9)
    expect(all).toHaveLength(4)
    for (let k = 1; k < all.length; k++) expect(all[k].misfit).toBeLessThanOrEqual(all[k - 1].misfit)
    expect(all[3].misfit).toBe(0)
    expect(all[1].clusters.map(({ centre }) => centre)).toEqual([476, 1536])
    expect(representativeWidths([], 3)).toEqual([])
  })

  test('bands proposed from them begin where their visitors do', () => {
    const [, , three] = representativeWidths(visitsBy(visitors, 'width'), 3)
    expect(proposedBands(three.clusters)).toEqual([
      { name: 'Narrow', from: 0, drawnAt: 390 },
      { name: 'Medium', from: 1440, drawnAt: 1440 },
      { name: 'Wide', from: 1920, drawnAt: 1920 },
    ])
  })
})

function squaredDistance(clusters: number[][]): number {
  return clusters
    .map((cluster) => {
      const mean = cluster.reduce((sum, value) => sum + value, 0) / cluster.length
      return cluster.reduce((sum, value) => sum + (value - mean) ** 2, 0)
    })
    .reduce((sum, cost) => sum + cost, 0)
}
