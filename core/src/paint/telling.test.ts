import { shippedFontLibrary } from '@nolvex/server/fonts/shippedFonts'
import type { Block } from '../block/block'
import { PageLayouter } from '../layout/pageLayout'
import { resolvePage } from '../resolve/resolvePage'
import { usualBands, usualSite } from '../site/usualSite'
import { plainStyle } from '../style/plainStyle'
import { blocksOf, idOf, type Sketch } from '../testing/draft'
import { usualEnvironment } from '../units/environment'
import { leafMarks, type Mark } from '../vector/mark'
import { pageNotes } from './pageNotes'
import { PagePainter } from './pagePainter'
import { plainFinish } from './plainFinish'

const library = shippedFontLibrary()
const says = (words: string) => [{ insert: words }]
const link = { label: 'Rules', address: 'https://example.com/rules' }
const page: Sketch[] = [
  {
    kind: 'section',
    name: 'top',
    holds: [
      {
        kind: 'text',
        name: 'first',
        text: says('First words'),
        note: 'Say it short.',
        requirement: idOf('rule'),
      },
      { kind: 'text', name: 'silent', text: says('Silent words') },
      {
        kind: 'series',
        name: 'rows',
        live: true,
        holds: [{ kind: 'text', name: 'row', text: says('A row'), links: [link] }],
      },
    ],
  },
]

function laidOut(words?: 'lines') {
  const site = structuredClone(usualSite)
  site.records.settings.site.words = words
  const blocks = Object.fromEntries(blocksOf(page).map((block) => [block.id, block]))
  const drawing = { kind: 'drawing', id: idOf('page'), schema: 3, records: { blocks } }
  const tree = resolvePage({ drawing, site, style: plainStyle }, usualBands.wide)
  return new PageLayouter(library).layout(tree, { ...usualEnvironment, viewportWidth: 1440 })
}
const painted = (words?: 'lines'): Mark[] =>
  new PagePainter(plainFinish, () => undefined).sections(laidOut(words)).map((one) => one.painted.group)
const wordsIn = (marks: Mark[]) =>
  leafMarks(marks).flatMap((mark) => (mark.type === 'words' ? [mark.text] : []))

test('notes are numbered in reading order, with what they ask and carry; a repeated block tells once', () => {
  expect(
    pageNotes(laidOut()).map(({ number, name, note, requirement, links }) => [
      number,
      name,
      note,
      requirement,
      links,
    ]),
  ).toEqual([
    [1, 'first', 'Say it short.', idOf('rule'), []],
    [2, 'row', '', undefined, [link]],
  ])
})

test('what the developer supplies is marked once, around the block', () => {
  const tags = leafMarks(painted()).filter((mark) => mark.type === 'words' && mark.text === 'developer')
  expect(tags).toHaveLength(1)
})

test('lines stand where words would, as long, and no word is left but the mark of the developer', () => {
  expect(wordsIn(painted('lines'))).toEqual(['developer'])
  const long = leafMarks(painted()).flatMap((mark) =>
    mark.type === 'words' && mark.text === 'First words' ? [mark.width] : [],
  )
  const lines = leafMarks(painted('lines')).flatMap((mark) =>
    mark.type === 'shape' && mark.outline.type === 'rect' ? [mark.outline.width] : [],
  )
  expect(lines).toContain(long[0])
  expect(laidOut('lines').height).toBe(laidOut().height)
})

test('a picture to go by is shown in place of what a block draws, where it is switched on', () => {
  const block = (more: Partial<Block>): Sketch => ({
    kind: 'box',
    name: 'box',
    reference: { asset: idOf('asset'), width: 300, height: 200 },
    holds: [{ kind: 'text', name: 'inside', text: says('Drawn') }],
    ...more,
  })
  const shown = (more: Partial<Block>) => {
    const blocks = Object.fromEntries(
      blocksOf([{ kind: 'section', name: 'top', holds: [block(more)] }]).map((one) => [one.id, one]),
    )
    const drawing = { kind: 'drawing', id: idOf('page'), schema: 3, records: { blocks } }
    const tree = resolvePage({ drawing, site: usualSite, style: plainStyle }, usualBands.wide)
    return tree.children[0].children[0].content
  }
  expect(shown({}).type).toBe('blocks')
  expect(shown({ showsReference: true })).toMatchObject({ type: 'picture', asset: idOf('asset'), width: 300 })
})
