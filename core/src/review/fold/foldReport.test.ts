import { shippedFontLibrary } from '@nolvex/server/fonts/shippedFonts'
import { pageSources } from '../../resolve/pageSources'
import { idOf, type Sketch } from '../../testing/draft'
import { REVIEWED, reviewedProject } from '../../testing/reviewed'
import { px } from '../../units/length'
import type { ViewportSize } from '../../viewport/audience'
import { foldReport } from './foldReport'

const library = shippedFontLibrary()
const text = (name: string, more: Partial<Sketch> = {}): Sketch => ({
  ...{ kind: 'text', name, text: [{ insert: name }] },
  ...more,
})
const section = (name: string, holds: Sketch[]): Sketch => ({
  ...{ kind: 'section', name, holds },
  arrange: { type: 'column', gap: px(0), padding: { top: px(0), bottom: px(0) } },
})
const box = (name: string, height: number): Sketch => ({
  ...{ kind: 'box', name },
  place: { width: px(200), height: px(height) },
})

const report = (sketches: Sketch[], sizes: ViewportSize[]) =>
  foldReport(pageSources(reviewedProject(sketches), REVIEWED), sizes, library)

test('the share who see headline, action and what follows is summed over their windows, by hand', () => {
  const page = [
    section('hero', [
      text('headline', { tag: 'h1' }),
      box('picture', 600),
      { kind: 'button', name: 'buy', text: [{ insert: 'Buy' }] },
    ]),
    section('more', [text('next', { tag: 'h2' })]),
  ]
  const sizes: ViewportSize[] = [
    [1440, 900, 60],
    [1280, 400, 30],
    [390, 660, 10],
  ]
  const found = report(page, sizes)
  // The headline is seen in all windows; the button, some 640 to 700 px down, and what follows only in the tallest.
  expect(found?.map(({ part, key, share }) => [part, key, share])).toEqual([
    ['headline', idOf('headline'), expect.closeTo(1, 9)],
    ['action', idOf('buy'), 0.6],
    ['next', idOf('next'), 0.6],
  ])
  expect(found?.[1].inTheWay).toEqual({
    ...{ key: idOf('picture'), name: 'picture', height: 600 },
    window: { width: 1280, height: 400 },
  })
  expect(found?.[0].inTheWay).toBeUndefined()
})

test('a page without a heading, and one without visitors, have nothing to tell', () => {
  expect(report([section('hero', [box('picture', 600)])], [[1440, 900, 1]])).toEqual([])
  expect(report([section('hero', [text('headline', { tag: 'h1' })])], [])).toEqual([])
})

test('it can be broken off', () => {
  const sources = pageSources(reviewedProject([section('hero', [text('headline', { tag: 'h1' })])]), REVIEWED)
  expect(foldReport(sources, [[1440, 900, 1]], library, () => false)).toBeUndefined()
})
