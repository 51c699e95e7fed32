import { shippedFontLibrary } from '@nolvex/server/fonts/shippedFonts'
import { pageSources } from '../resolve/pageSources'
import { resolvePage } from '../resolve/resolvePage'
import { usualBands } from '../site/usualSite'
import type { Sketch } from '../testing/draft'
import { dressedGuide, REVIEWED, reviewedProject } from '../testing/reviewed'
import { usualEnvironment } from '../units/environment'
import { px } from '../units/length'
import { eachBox, PageLayouter, type PageLayout } from './pageLayout'

const library = shippedFontLibrary()
const text = (name: string, words: string, more: Partial<Sketch> = {}): Sketch => ({
  ...{ kind: 'text', name, text: [{ insert: words }] },
  ...more,
})
const vw = (value: number) => ({ value, unit: 'vw' as const })

/** Headings of the guide grow with the viewport; some lengths are shares of it, others are not. */
const SKETCHES: Sketch[] = [
  {
    ...{ kind: 'section', name: 'top' },
    arrange: { type: 'column', gap: vw(2), padding: { top: px(40), bottom: px(40) } },
    holds: [
      text('title', 'Small boats, three isles', { tag: 'h1' }),
      text('lead', 'Day crossings to all of them; bikes and dogs come along.'),
      {
        ...{ kind: 'box', name: 'cards', arrange: { type: 'row', gap: px(24) } },
        holds: [
          text('one', 'An inn by the pier', { place: { width: vw(20) } }),
          text('two', 'Seabirds from April to August', { tag: 'h2' }),
          { kind: 'box', name: 'plain', holds: [text('three', 'The longest walk')] },
        ],
      },
    ],
  },
]

const fluid = { least: 28, most: 48, from: 400, to: 1400 }
const levels = Object.entries(dressedGuide.records.levels).map(([id, level]) =>
  level.role === 'h1' ? [id, { ...level, fluid }] : [id, level],
)
const fluidGuide = {
  ...dressedGuide,
  records: { ...dressedGuide.records, levels: Object.fromEntries(levels) },
}

const placesIn = (layout: PageLayout) => {
  const places: unknown[] = []
  eachBox(layout, ({ node, w, h, font }, x, y) => places.push([node.name, x, y, w, h, font?.size]))
  return places
}

test('a page laid out again for another viewport is as one laid out for it anew', () => {
  const sources = pageSources(reviewedProject(SKETCHES, fluidGuide), REVIEWED)
  const page = resolvePage(sources, usualBands.wide, 'mockup')
  const kept = new PageLayouter(library)
  for (const [viewportWidth, viewportHeight] of [
    ...[
      [1440, 900],
      [1441, 900],
      [1441, 700],
      [1130, 700],
      [1920, 1080],
      [320, 700],
      [1440, 900],
    ],
  ]) {
    const environment = { ...usualEnvironment, viewportWidth, viewportHeight }
    const again = placesIn(kept.layout(page, environment))
    expect(again).toEqual(placesIn(new PageLayouter(library).layout(page, environment)))
  }
})

test('what does not go by the viewport is not measured again', () => {
  const sources = pageSources(reviewedProject(SKETCHES, fluidGuide), REVIEWED)
  const page = resolvePage(sources, usualBands.wide, 'mockup')
  const layouter = new PageLayouter(library)
  const boxesAt = (viewportWidth: number) => {
    const boxes = new Map<string, unknown>()
    eachBox(layouter.layout(page, { ...usualEnvironment, viewportWidth }), (box) =>
      boxes.set(box.node.name, box),
    )
    return boxes
  }
  const [first, second] = [boxesAt(1440), boxesAt(1300)]
  const isKept = (name: string) => first.get(name) === second.get(name)
  expect(['plain', 'three', 'two', 'lead', 'one', 'title', 'top'].map(isKept)).toEqual([
    ...[true, true, true, true],
    ...[false, false, false],
  ])
})
