import type { Block } from '@nolvex/core/block/block'
import { PageLayouter } from '@nolvex/core/layout/pageLayout'
import { finishedFinish } from '@nolvex/core/paint/finishedFinish'
import { PagePainter } from '@nolvex/core/paint/pagePainter'
import { pagePicture } from '@nolvex/core/paint/pagePicture'
import { pictureSvg } from '@nolvex/core/paint/pictureSvg'
import { plainFinish } from '@nolvex/core/paint/plainFinish'
import { PageResolver } from '@nolvex/core/resolve/resolvePage'
import { usualBands, usualSite } from '@nolvex/core/site/usualSite'
import { plainStyle } from '@nolvex/core/style/plainStyle'
import { px } from '@nolvex/core/units/length'
import { usualEnvironment } from '@nolvex/core/units/environment'
import { svgToPng } from '@nolvex/server/exports/svgToPng'
import { shippedFontLibrary } from '@nolvex/server/fonts/shippedFonts'
import { median, ms, timed } from './timing'

const TURNS = 15
const WIDE = 1280
const SHADOWED = 8

/** Finished pages: painted, and made into pixels, against the same pages in greys. */
export function mockupsInTheCore(): void {
  painting(500)
  pixels()
}

/** Cards with a gradient, a shadow and round corners, so many to a row, each with a heading and a line. */
function cardsPage(cards: number, tall: number, shadowed: number) {
  const blocks: Record<string, Block> = {}
  const add = (block: object, id: string) => (blocks[id] = { ...block, id, order: `a${id}` } as Block)
  const round = { topLeft: px(8), topRight: px(8), bottomRight: px(8), bottomLeft: px(8) }
  add({ kind: 'section', arrange: { tracks: 4, gap: px(24) } }, 'section000000000')
  for (let index = 0; index < cards; index++) {
    const id = `card${String(index).padStart(12, '0')}`
    const look = {
      radius: round,
      ...(index < shadowed && {
        shadow: [{ x: 0, y: 8, blur: 30, spread: 0, colour: { hex: '#00000026' } }],
      }),
      gradient: {
        ...{ type: 'linear', angle: 160 },
        stops: [
          { at: 0, colour: { hex: '#ffffff' } },
          { at: 1, colour: { hex: index % 2 ? '#dfe9ec' : '#e6dfc9' } },
        ],
      },
    }
    const around = { top: px(20), right: px(20), bottom: px(20), left: px(20) }
    add(
      {
        kind: 'box',
        parent: 'section000000000',
        arrange: { gap: px(8), padding: around },
        place: { height: px(tall), column: { span: 1 } },
        look,
      },
      id,
    )
    add({ kind: 'text', tag: 'h3', parent: id, text: [{ insert: `Boat ${index}` }] }, `head${id.slice(4)}`)
    add(
      { kind: 'text', parent: id, text: [{ insert: 'Leaves the harbour at ten past nine.' }] },
      `line${id.slice(4)}`,
    )
  }
  const drawing = { kind: 'drawing', id: 'benchpage0000000', schema: 3, records: { blocks } }
  return { drawing, site: usualSite, style: plainStyle }
}

const laidOut = (cards: number, tall: number, shadowed = cards) =>
  new PageLayouter(shippedFontLibrary()).layout(
    new PageResolver({ withHidden: false, as: 'mockup' }).resolve(
      cardsPage(cards, tall, shadowed),
      usualBands.wide,
    ),
    { ...usualEnvironment, viewportWidth: WIDE },
  )

function painting(blocks: number) {
  const layout = laidOut(Math.round(blocks / 3), 120)
  const turn = (finish: typeof plainFinish) =>
    timed(() => new PagePainter(finish, () => undefined).sections(layout))
  const [finished, plain] = [[], []] as number[][]
  for (let at = 0; at < TURNS; at++) {
    finished.push(turn(finishedFinish))
    plain.push(turn(plainFinish))
  }
  console.log(
    `mockup: a page of ${blocks} blocks with gradients and shadows painted in ${ms(median(finished))}, ${(median(finished) / median(plain)).toFixed(2)} times as long as in greys`,
  )
}

function pixels() {
  // Ten rows of cards are 6,000 px high; those at the top have the shadows, as on a usual page.
  const layout = laidOut(40, 576, SHADOWED)
  const svgIn = (finish: typeof plainFinish) =>
    pictureSvg(pagePicture(layout, finish, { title: '', pictureAddress: () => undefined }))
  const turn = (finish: typeof plainFinish) => timed(() => svgToPng(svgIn(finish), layout, 1))
  turn(finishedFinish)
  const [finished, plain] = [[], []] as number[][]
  for (let at = 0; at < 5; at++) {
    finished.push(turn(finishedFinish))
    plain.push(turn(plainFinish))
  }
  console.log(
    `mockup: ${WIDE} x ${Math.round(layout.height)} px, 40 gradients and ${SHADOWED} shadows, to PNG in ${ms(median(finished))}, ${(median(finished) / median(plain)).toFixed(2)} times as long as in greys`,
  )
}
