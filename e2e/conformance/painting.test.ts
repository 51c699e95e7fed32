import { PageLayouter, type PageLayout } from '@nolvex/core/layout/pageLayout'
import { marksBetween, PagePainter } from '@nolvex/core/paint/pagePainter'
import { plainFinish } from '@nolvex/core/paint/plainFinish'
import { PageResolver, type PageSources } from '@nolvex/core/resolve/resolvePage'
import { usualBands, usualSite } from '@nolvex/core/site/usualSite'
import { plainStyle } from '@nolvex/core/style/plainStyle'
import { px } from '@nolvex/core/units/length'
import { usualEnvironment } from '@nolvex/core/units/environment'
import type { Group, Mark } from '@nolvex/core/vector/mark'
import { shippedFontLibrary } from '@nolvex/server/fonts/shippedFonts'
import { Random } from './random'
import { changed } from './randomChange'
import { randomPage } from './randomPage'

const library = shippedFontLibrary()
const painterOf = () => new PagePainter(plainFinish, () => undefined)
const everything = (painter: PagePainter, layout: PageLayout) =>
  marksBetween(painter.sections(layout), -Infinity, Infinity)

/** A page that is laid out again and again as it changes. */
function livePage(sources: PageSources) {
  const [resolver, layouter] = [new PageResolver(), new PageLayouter(library)]
  const at = (now: PageSources, viewportWidth = 1440) =>
    layouter.layout(resolver.resolve(now, usualBands.wide), { ...usualEnvironment, viewportWidth })
  return { first: at(sources), at }
}

test('a page painted again after changes and at other widths equals one painted afresh', () => {
  for (let seed = 1; seed <= 40; seed++) {
    const random = new Random(seed)
    let sources = randomPage(random)
    const { at } = livePage(sources)
    const painter = painterOf()
    for (let step = 0; step < 10; step++) {
      const layout = at(sources, random.int(1120, 1920))
      expect(everything(painter, layout)).toEqual(everything(painterOf(), layout))
      sources = changed(sources, random)
    }
  }
})

const id = (name: string) => name.padEnd(16, '0')
const page = (more: object = {}): PageSources => {
  const blocks = Object.fromEntries(
    [
      { id: id('top'), kind: 'section' as const, order: 'a0', arrange: { type: 'column' as const } },
      { id: id('low'), kind: 'section' as const, order: 'a1', look: { fill: { hex: '#17211e' } } },
      { id: id('cut'), kind: 'box' as const, order: 'a0', parent: id('top'), ...more },
      {
        id: id('words'),
        kind: 'text' as const,
        order: 'a0',
        parent: id('cut'),
        text: [{ insert: 'Small boats' }],
      },
      {
        id: id('light'),
        kind: 'text' as const,
        order: 'a0',
        parent: id('low'),
        text: [{ insert: 'By night' }],
      },
    ].map((block) => [block.id, block]),
  )
  const drawing = { kind: 'drawing', id: id('page'), schema: 3, records: { blocks } }
  return { drawing, site: usualSite, style: plainStyle }
}
const groupsOf = (marks: Mark[]) => marks.filter((mark): mark is Group => mark.type === 'group')
const find = (marks: Mark[], key: string): Group | undefined =>
  groupsOf(marks)
    .map((group) => (group.key === key ? group : find(group.marks, key)))
    .find(Boolean)

test('what runs out of a block that hides it is clipped to the inside of its border, corners and all', () => {
  const edge = { width: px(3), line: 'solid' as const, colour: { hex: '#000000' } }
  const { first } = livePage(
    page({
      place: { height: px(20), overflow: 'hidden' },
      look: { border: { top: edge, right: edge, bottom: edge, left: edge }, radius: { topLeft: px(8) } },
    }),
  )
  const cut = find(everything(painterOf(), first), id('cut')) as Group
  const [clipped] = groupsOf(cut.marks)
  const width = first.sections[0].children[0].w
  expect(clipped.clip).toEqual({
    type: 'rect',
    x: 3,
    y: 3,
    width: width - 6,
    height: 14,
    radius: [5, 0, 0, 0],
  })
  expect(groupsOf(clipped.marks)[0].key).toBe(id('words'))
})

test('groups that nothing happened to stay the same objects; words go by the ground they stand on', () => {
  const { at, first } = livePage(page())
  const painter = painterOf()
  const before = everything(painter, first)
  const after = everything(painter, at(page({ look: { fill: { hex: '#dddddd' } } })))
  expect(find(after, id('cut'))).not.toBe(find(before, id('cut')))
  const colourOf = (marks: Mark[], key: string) =>
    find(marks, key)?.marks.find((mark) => mark.type === 'words')?.colour
  expect(colourOf(before, id('words'))).toBe('#2b3330')
  expect(colourOf(before, id('light'))).toBe('#ffffff')
})

test('only what reaches into a stretch of a large page is drawn, in groups with few of it', () => {
  const many = Object.fromEntries(
    Array.from({ length: 400 }, (_, index) => {
      const one = {
        id: id(`one${index}x`),
        kind: 'box' as const,
        parent: id('top'),
        order: `b${String(index).padStart(4, '0')}`,
        place: { height: px(50) },
      }
      return [one.id, one]
    }),
  )
  const sources = page()
  const records = { blocks: { ...sources.drawing.records.blocks, ...many } }
  const { first } = livePage({ ...sources, drawing: { ...sources.drawing, records } })
  const painter = painterOf()
  const [section] = marksBetween(painter.sections(first), 5000, 6000)
  expect(groupsOf(section.marks).length).toBeGreaterThan(12)
  expect(groupsOf(section.marks).length).toBeLessThan(30)
  expect(everything(painter, first)[0].marks.length).toBeGreaterThan(400)
})
