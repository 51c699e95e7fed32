import { refusesParent, type Block } from '@nolvex/core/block/block'
import { applyChange } from '@nolvex/core/document/apply'
import type { Json, Operation, StoredDocument } from '@nolvex/core/document/types'
import { duplicateBlocks, moveBlocks, removeBlocks, setLeaf } from '@nolvex/core/edit/blockChanges'
import { eachBox, PageLayouter } from '@nolvex/core/layout/pageLayout'
import { documentKinds } from '@nolvex/core/resolve/documentKinds'
import { bandsOf, PageResolver, resolvePage, type PageSources } from '@nolvex/core/resolve/resolvePage'
import { usualBands, usualSite } from '@nolvex/core/site/usualSite'
import { breakLines } from '@nolvex/core/text/lines'
import { usualEnvironment } from '@nolvex/core/units/environment'
import { px } from '@nolvex/core/units/length'
import { shippedFontLibrary } from '@nolvex/server/fonts/shippedFonts'
import { Random } from './random'
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

const at = { bands: bandsOf(usualSite), band: usualBands.wide }

/** One thing done to a page: a leaf changed, a block moved, hidden, taken out, copied, or given an order of its own. */
function randomOperations(blocks: Record<string, Block>, random: Random): Operation[] {
  const id = random.pick(Object.keys(blocks))
  const length = px(random.int(0, 60)) as unknown as Json
  const { narrow, wide } = usualBands
  const inBox = Object.values(blocks).filter((block) => !refusesParent(block, blocks[id]))
  switch (random.int(0, 7)) {
    case 0:
      return setLeaf([id], ['hidden'], random.chance(0.5) ? true : undefined, at)
    case 1:
      return Object.keys(blocks).length > 4 ? removeBlocks(blocks, [id]) : []
    case 2:
      return duplicateBlocks(blocks, [id], at, () => `c${random.int(1e9, 9e9)}`.padEnd(16, '0')).operations
    case 3: {
      const parent = inBox.length ? random.pick(inBox).id : null
      return moveBlocks(blocks, [id], { parent, index: random.int(0, 3) }, at)
    }
    case 4:
      return setLeaf([id], ['order'], `Z${random.int(0, 99)}`, { ...at, band: random.pick([narrow, wide]) })
    case 5:
      return setLeaf([id], ['text'], [{ insert: `Boat ${random.int(1, 99)} leaves` }], at)
    default:
      return setLeaf([id], random.pick(LENGTHS), length, at)
  }
}

const LENGTHS = [
  ['arrange', 'gap'],
  ['place', 'minHeight'],
  ['arrange', 'padding', 'top'],
]

/** The page after a change; one that is refused, such as a block moved into itself, leaves it as it is. */
function changed(sources: PageSources, random: Random): PageSources {
  const drawing = sources.drawing as unknown as StoredDocument
  const operations = randomOperations(sources.drawing.records.blocks, random)
  const parts = [{ document: drawing.id, kind: 'drawing', operations }]
  const { documents } = applyChange(documentKinds, { [drawing.id]: drawing }, parts)
  return { ...sources, drawing: documents[drawing.id] as unknown as PageSources['drawing'] }
}

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
