import type { Block } from '@nolvex/core/block/block'
import { PageLayouter } from '@nolvex/core/layout/pageLayout'
import { pictureSizes } from '@nolvex/core/layout/pictureSizes'
import { resolvePage } from '@nolvex/core/resolve/resolvePage'
import { tooFewPixels } from '@nolvex/core/review/mockup/sharpness'
import { usualBands, usualSite } from '@nolvex/core/site/usualSite'
import { plainStyle } from '@nolvex/core/style/plainStyle'
import { px } from '@nolvex/core/units/length'
import { usualEnvironment } from '@nolvex/core/units/environment'
import { shippedFontLibrary } from '@nolvex/server/fonts/shippedFonts'

const library = shippedFontLibrary()
const id = (name: string) => name.padEnd(16, '0')
const picture = (name: string, width: number, more: Partial<Block> = {}) => ({
  ...{ id: id(name), kind: 'picture', name, parent: id('top'), order: 'a0' },
  data: { file: { asset: id(`of${name}`), width, height: width / 2 } },
  ...{ place: { width: px(600), height: px(300) } },
  ...more,
})
function laidOut(blocks: object[], band = usualBands.wide, viewportWidth = 1440) {
  const all = [{ id: id('top'), kind: 'section', order: 'a0' }, ...blocks] as Block[]
  const records = { blocks: Object.fromEntries(all.map((block) => [block.id, block])) }
  const drawing = { kind: 'drawing', id: id('page'), schema: 3, records }
  const page = resolvePage({ drawing, site: usualSite, style: plainStyle }, band, 'mockup')
  return new PageLayouter(library).layout(page, { ...usualEnvironment, viewportWidth })
}

test('a picture wants two pixels for each px it is shown at, and is enlarged below one', () => {
  const found = tooFewPixels(
    laidOut([
      picture('sharp', 1200),
      picture('single', 700),
      picture('small', 300),
      picture('none', 10, { data: {} }),
    ]),
  )
  expect(found.map(({ name, has, shown, isEnlarged }) => [name, has, shown, isEnlarged])).toEqual([
    ['single', 700, 600, false],
    ['small', 300, 600, true],
  ])
})

test('what is cut off counts, and how near the picture is taken', () => {
  // 600 by 600 px covered by a picture twice as wide as high: 1200 px of it across.
  const square = picture('square', 1200, { place: { width: px(600), height: px(600) } })
  const near = picture('near', 1200, { look: { pictureZoom: 1.5 } })
  const whole = picture('whole', 1200, {
    place: { width: px(600), height: px(600) },
    look: { pictureFit: 'contain' },
  })
  const found = tooFewPixels(laidOut([square, near, whole]))
  expect(found.map(({ name, shown }) => [name, shown])).toEqual([
    ['near', 900],
    ['square', 1200],
  ])
})

test('a picture behind a section has to cover it', () => {
  const section = {
    ...{ id: id('sea'), kind: 'section', name: 'Sea', order: 'a1', place: { height: px(200) } },
    look: { backdrop: { picture: { asset: id('wave'), width: 1000, height: 500 } } },
  }
  expect(tooFewPixels(laidOut([section]))).toEqual([
    { key: id('sea'), name: 'Sea', has: 1000, shown: 1440, isEnlarged: true },
  ])
})

test('how wide pictures are shown is said for each band, once where bands agree', () => {
  const bands = Object.values(usualSite.records.bands).sort((a, b) => a.from - b.from)
  const sizesOf = (blocks: object[]) =>
    pictureSizes(bands.map((band) => ({ band, layout: laidOut(blocks, band.id, band.drawnAt) })))
  // 600 px of 390, 834 and 1440.
  expect(sizesOf([picture('fixed', 1200)]).get(id('fixed'))).toBe(
    '(width < 680px) 154vw, (width < 1120px) 72vw, 42vw',
  )
  const vw = { value: 50, unit: 'vw' as const }
  expect(sizesOf([picture('half', 1200, { place: { width: vw } })]).get(id('half'))).toBe('50vw')
})
