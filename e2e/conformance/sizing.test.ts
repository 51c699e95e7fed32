import type { Block } from '@nolvex/core/block/block'
import type { DrawingDocument } from '@nolvex/core/drawing/drawing'
import { blockVisibility } from '@nolvex/core/layout/blockVisibility'
import { contentCarried } from '@nolvex/core/layout/contentCarried'
import { PageLayouter } from '@nolvex/core/layout/pageLayout'
import { sizedPage } from '@nolvex/core/layout/sizedPage'
import { resolvePage } from '@nolvex/core/resolve/resolvePage'
import type { Sizing } from '@nolvex/core/site/gridPlan'
import { usualBands, usualSite } from '@nolvex/core/site/usualSite'
import { plainStyle } from '@nolvex/core/style/plainStyle'
import { usualEnvironment } from '@nolvex/core/units/environment'
import { px } from '@nolvex/core/units/length'
import type { ViewportSize } from '@nolvex/core/viewport/audience'
import { shippedFontLibrary } from '@nolvex/server/fonts/shippedFonts'

const id = (name: string) => name.padEnd(16, '0')
const blocks: Block[] = [
  { id: id('hero'), kind: 'section', order: 'a', arrange: { type: 'grid', tracks: 'columns' } },
  {
    id: id('words'),
    kind: 'text',
    order: 'a',
    parent: id('hero'),
    place: { column: { span: 6 }, height: px(400) },
    text: [{ insert: 'Small boats, three isles' }],
  },
  {
    id: id('below'),
    kind: 'section',
    order: 'b',
    place: { height: { value: 40, unit: 'vh' } },
    at: { [usualBands.narrow]: { hidden: true } },
  },
]
const drawing: DrawingDocument = {
  kind: 'drawing',
  id: id('page'),
  schema: 1,
  records: { blocks: Object.fromEntries(blocks.map((block) => [block.id, block])) },
}
const sources = { drawing, site: usualSite, style: plainStyle }
const { wide } = usualBands
const { grid, drawnAt } = usualSite.records.bands[wide]
const library = shippedFontLibrary()

function widthOfWords(sizing: Sizing, viewportWidth: number, textZoom = 1): { left: number; width: number } {
  const environment = { ...usualEnvironment, viewportWidth, textZoom }
  const page = sizedPage(resolvePage(sources, wide), sizing, grid, drawnAt, environment)
  const [hero] = new PageLayouter(library).layout(page, environment).sections
  return { left: hero.children[0].x, width: hero.children[0].w }
}

test('a fixed page keeps its columns in any window and at any size of text', () => {
  const drawn = widthOfWords('fixed', 1440)
  expect(drawn.left).toBeCloseTo(64, 1)
  expect(drawn.width).toBeCloseTo(644, 0)
  expect(widthOfWords('fixed', 1200).width).toBe(drawn.width)
  expect(widthOfWords('fixed', 1440, 2).width).toBe(drawn.width)
})

test('a fluid page shares every window; enlarged text does not move it', () => {
  expect(widthOfWords('fluid', 1840).width).toBeCloseTo((1840 - 128 - 264) / 2 + 120, 0)
  expect(widthOfWords('fluid', 1440, 2)).toEqual(widthOfWords('fluid', 1440))
})

test('an elastic page grows with the text, past its window', () => {
  expect(widthOfWords('elastic', 1440, 2).width).toBeCloseTo(2 * widthOfWords('elastic', 1440).width, 0)
})

test('a hybrid page fills its window up to a width that grows with the text', () => {
  expect(widthOfWords('hybrid', 1920).width).toBe(widthOfWords('hybrid', 1700).width)
  expect(widthOfWords('hybrid', 2400, 1.5).width).toBeCloseTo(1.5 * widthOfWords('hybrid', 1920).width, 0)
})

test('a page is counted as a band shows it', () => {
  const at = (band: string) => {
    const environment = { ...usualEnvironment, viewportWidth: usualSite.records.bands[band].drawnAt }
    return contentCarried(new PageLayouter(library).layout(resolvePage(sources, band), environment))
  }
  expect(at(wide)).toEqual({ blocks: 2, words: 4, pictures: 0, height: 856 })
  expect(at(usualBands.narrow)).toMatchObject({ blocks: 1, words: 4, height: 496 })
})

test('who sees a block is worked out at every width, and every height where a length goes by it (by hand)', () => {
  const sizes: ViewportSize[] = [
    [390, 700, 30],
    [390, 380, 20],
    [1440, 900, 40],
    [1440, 780, 10],
  ]
  const told: number[] = []
  const seen = blockVisibility(sources, sizes, library, (done) => void told.push(done))
  expect(seen?.get(id('words'))).toBeCloseTo(0.8, 9)
  // The first section is 496 px high; with 40 vh more it fits into 900 and not into 780. Narrow windows hide it.
  expect(seen?.get(id('below'))).toBeCloseTo(0.4, 9)
  expect(told[told.length - 1]).toBe(1)
  expect(blockVisibility(sources, sizes, library, () => false)).toBeUndefined()
})
