import { eachBox, PageLayouter } from '@nolvex/core/layout/pageLayout'
import { PageResolver, resolvePage, type PageSources } from '@nolvex/core/resolve/resolvePage'
import { usualBands } from '@nolvex/core/site/usualSite'
import { breakLines } from '@nolvex/core/text/lines'
import { usualEnvironment } from '@nolvex/core/units/environment'
import { shippedFontLibrary } from '@nolvex/server/fonts/shippedFonts'
import { Random } from './random'
import { changed } from './randomChange'
import { randomPage } from './randomPage'

const library = shippedFontLibrary()
const environment = (viewportWidth: number) => ({ ...usualEnvironment, viewportWidth })

function boxesOf(layout: ReturnType<PageLayouter['layout']>): Record<string, number[]> {
  const found: Record<string, number[]> = {}
  eachBox(layout, (box, x, y) => (found[box.node.key] = [x, y, box.w, box.h]))
  return found
}

const fresh = (sources: PageSources, width: number) =>
  boxesOf(new PageLayouter(library).layout(resolvePage(sources, usualBands.wide), environment(width)))

test('a page laid out again after changes and at other widths equals one laid out afresh', () => {
  for (let seed = 1; seed <= 40; seed++) {
    const random = new Random(seed)
    let sources = randomPage(random)
    const resolver = new PageResolver()
    const layouter = new PageLayouter(library)
    for (let step = 0; step < 12; step++) {
      const width = random.int(1120, 1920)
      const kept = boxesOf(layouter.layout(resolver.resolve(sources, usualBands.wide), environment(width)))
      expect(kept).toEqual(fresh(sources, width))
      sources = changed(sources, random)
    }
  }
})

test('a change keeps the nodes of what it does not touch', () => {
  const sources = randomPage(new Random(3))
  const resolver = new PageResolver()
  const before = resolver.resolve(sources, usualBands.wide)
  expect(
    resolver.resolve({ ...sources, drawing: structuredClone(sources.drawing) }, usualBands.wide).children[0],
  ).not.toBe(before.children[0])
  const again = new PageResolver()
  const first = again.resolve(sources, usualBands.wide)
  expect(again.resolve(sources, usualBands.wide).children[0]).toBe(first.children[0])
})

test('lines hold every character once and none wider than its room, unless it is a single grapheme', () => {
  for (let seed = 1; seed <= 60; seed++) {
    const random = new Random(seed)
    const layout = new PageLayouter(library).layout(
      resolvePage(randomPage(random), usualBands.wide),
      environment(1440),
    )
    eachBox(layout, ({ paragraph }) => {
      if (!paragraph) return
      const room = random.int(20, 600)
      const lines = breakLines(paragraph, room)
      let at = 0
      for (const line of lines) {
        expect(line.start).toBe(at)
        expect(paragraph.text.slice(line.end, line.next).trim()).toBe('')
        if (line.end - line.start > 1) expect(line.width).toBeLessThanOrEqual(room + 1 / 64)
        at = line.next
      }
      expect(at).toBe(paragraph.text.length)
    })
  }
})
