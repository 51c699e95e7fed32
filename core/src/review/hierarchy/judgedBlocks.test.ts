import { shippedFontLibrary } from '@nolvex/server/fonts/shippedFonts'
import { PageLayouter, type PageLayout } from '../../layout/pageLayout'
import { pageSources } from '../../resolve/pageSources'
import { resolvePage } from '../../resolve/resolvePage'
import { usualBands } from '../../site/usualSite'
import { idOf, type Sketch } from '../../testing/draft'
import { REVIEWED, reviewedProject } from '../../testing/reviewed'
import { usualEnvironment } from '../../units/environment'
import { px } from '../../units/length'
import { judgedBlocks } from './judgedBlocks'
import { meantOrder } from './meantOrder'

const library = shippedFontLibrary()
const says = (words: string) => [{ insert: words }]

const PAGE: Sketch[] = [
  {
    ...{ kind: 'section', name: 'hero', look: { fill: { hex: '#e5f3fb' } } },
    arrange: { type: 'column', gap: px(16), padding: { top: px(40), bottom: px(40) } },
    holds: [
      { kind: 'text', name: 'headline', tag: 'h1', text: says('Small boats') },
      { kind: 'text', name: 'middle', text: says('Three isles'), look: { textAlign: 'centre' } },
      { kind: 'button', name: 'buy', text: says('Buy a ticket') },
      {
        kind: 'table',
        name: 'times',
        data: {
          cells: [
            ['Isle', 'Leaves'],
            ['Orrel', '09:40'],
          ],
        },
      },
      {
        ...{
          kind: 'picture',
          name: 'isle',
          data: { file: { asset: idOf('isle'), width: 800, height: 600 } },
        },
        place: { width: px(400), height: px(300) },
      },
    ],
  },
]

function laidOut(): PageLayout {
  const sources = pageSources(reviewedProject(PAGE), REVIEWED)
  const page = resolvePage(sources, usualBands.wide, 'mockup')
  return new PageLayouter(library).layout(page, { ...usualEnvironment, viewportWidth: 1280 })
}
const all = { top: 0, height: 2000 }

test('what is met are texts, buttons and pictures; tables are met as one, grounds of sections not at all', () => {
  const judged = judgedBlocks(laidOut(), all)
  expect(judged.map(({ name, kind }) => [name, kind])).toEqual([
    ['headline', 'text'],
    ['middle', 'text'],
    ['buy', 'button'],
    ['times', 'text'],
    ['isle', 'picture'],
  ])
})

test('a text is as wide as its words, wherever in its column they stand', () => {
  const [headline, middle] = judgedBlocks(laidOut(), all)
  expect(headline.w).toBeLessThan(500)
  expect(middle.w).toBeLessThan(200)
  // In the middle of the page, as its column is.
  expect(middle.x + middle.w / 2).toBeCloseTo(640, 0)
})

test('of what a window cuts only the part in it is met, measured from the window’s top', () => {
  const layout = laidOut()
  const isle = judgedBlocks(layout, all).find(({ name }) => name === 'isle')
  const top = (isle?.y ?? 0) + 100
  const cut = judgedBlocks(layout, { top, height: 100 })
  expect(cut).toMatchObject([{ name: 'isle', y: 0, h: 100 }])
})

test('ranks come before what a page is expected to do', () => {
  const layout = laidOut()
  const none = meantOrder(layout, () => undefined, 800)
  expect(none).toEqual({ keys: [idOf('headline'), idOf('buy')], isRanked: false })
  const ranks: Record<string, number> = { isle: 1, headline: 2 }
  const ranked = meantOrder(layout, ({ name }) => ranks[name], 2000)
  expect(ranked).toEqual({ keys: [idOf('isle'), idOf('headline')], isRanked: true })
})
