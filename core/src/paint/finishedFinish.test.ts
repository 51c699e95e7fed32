import { PageLayouter } from '../layout/pageLayout'
import { PageResolver } from '../resolve/resolvePage'
import { usualBands, usualSite } from '../site/usualSite'
import { plainStyle } from '../style/plainStyle'
import { blocksOf, idOf } from '../testing/draft'
import { box, section } from '../testing/sketches'
import { px } from '../units/length'
import { usualEnvironment } from '../units/environment'
import { leafMarks, type Mark } from '../vector/mark'
import { shippedFontLibrary } from '@nolvex/server/fonts/shippedFonts'
import { finishedFinish } from './finishedFinish'
import { pagePicture } from './pagePicture'
import { pictureSvg } from './pictureSvg'

const library = shippedFontLibrary()
const NO_PADDING = { padding: { top: px(0), bottom: px(0) } }
const round = { topLeft: px(8), topRight: px(8), bottomRight: px(8), bottomLeft: px(8) }
const hairline = { width: px(0.5), line: 'solid' as const, colour: { hex: '#c6c6c6' } }

/** A desktop page as designers usually draw one: 1920 by 7000, its content 1600 wide, a header of 100. */
function usualDesktopPage(pixelRatio: number) {
  const sketches = [
    section('header', [], { tag: 'header', arrange: NO_PADDING, place: { height: px(100) } }),
    section(
      'body',
      [
        box('card', [], {
          place: { height: px(300), width: 'fill' },
          look: {
            fill: { hex: '#ffffff' },
            radius: round,
            shadow: [{ x: 0, y: 0, blur: 30, spread: 0, colour: { hex: '#00000026' } }],
          },
        }),
        box('framed', [], {
          place: { height: px(80), width: 'fill' },
          look: { border: { top: hairline, right: hairline, bottom: hairline, left: hairline } },
        }),
      ],
      { arrange: { type: 'column', align: 'stretch', ...NO_PADDING }, place: { height: px(6900) } },
    ),
  ]
  const blocks = Object.fromEntries(blocksOf(sketches).map((block) => [block.id, block]))
  const { wide } = usualBands
  const { bands } = usualSite.records
  const grid = { ...bands[wide].grid, contentWidth: 1600 }
  const site = {
    ...usualSite,
    records: { ...usualSite.records, bands: { ...bands, [wide]: { ...bands[wide], grid } } },
  }
  const drawing = { kind: 'drawing', id: idOf('page'), schema: 3, records: { blocks } }
  const page = new PageResolver({ withHidden: false, as: 'mockup' }).resolve(
    { drawing, site, style: plainStyle },
    wide,
  )
  return new PageLayouter(library).layout(page, { ...usualEnvironment, viewportWidth: 1920, pixelRatio })
}
const paintedSvg = (pixelRatio = 1) =>
  pictureSvg(
    pagePicture(usualDesktopPage(pixelRatio), finishedFinish, { title: '', pictureAddress: () => undefined }),
  )

// Common practice, without a source.
test('a page of 1920 by 7000 with content of 1600 leaves 160 at each side, below a header of 100', () => {
  const layout = usualDesktopPage(1)
  const [header, body] = layout.sections
  expect([layout.width, layout.height, header.h]).toEqual([1920, 7000, 100])
  const [card] = body.children
  expect([card.x, layout.width - card.x - card.w]).toEqual([160, 160])
})

test('a shadow of 0, 0, blur 30 at 15 % black is a blur of 15 over 15 % black, and corners of 8 are arcs of 8', () => {
  const svg = paintedSvg()
  // A blur radius is twice the deviation of its Gaussian (CSS Backgrounds 3, 6.1.1).
  expect(svg).toContain('stdDeviation="15"')
  expect(svg).toMatch(/opacity="0\.149/)
  expect(svg).toMatch(/A8 8 0 0 1 1600 8V/)
})

test('a line of half a px is half a px on a screen of twice the pixels, and one on others', () => {
  const widthOf = (pixelRatio: number) => usualDesktopPage(pixelRatio).sections[1].children[1].border
  expect(widthOf(2)).toEqual([0.5, 0.5, 0.5, 0.5])
  expect(widthOf(1)).toEqual([1, 1, 1, 1])
  const marks: Mark[] = pagePicture(usualDesktopPage(2), finishedFinish, {
    ...{ title: '', pictureAddress: () => undefined },
  }).marks
  expect(JSON.stringify(leafMarks(marks))).toContain('#c6c6c6')
})
