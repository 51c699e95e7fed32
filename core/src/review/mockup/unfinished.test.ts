import { contentKind } from '../../content/content'
import type { Documents } from '../../document/types'
import { STAND_IN, standIn } from '../../draft/standIns'
import { documentKinds } from '../../resolve/documentKinds'
import { pageSources } from '../../resolve/pageSources'
import { resolvePage } from '../../resolve/resolvePage'
import { usualBands, usualSite } from '../../site/usualSite'
import { plainStyle } from '../../style/plainStyle'
import { USUAL_START } from '../../style/quickStart'
import { takeStart } from '../../style/takeStart'
import { blocksOf, idOf, type Sketch } from '../../testing/draft'
import { unfinished } from './unfinished'

const PAGE = idOf('page')
const guide = takeStart(plainStyle, USUAL_START, ['colour', 'type', 'space', 'parts'])

function lacksOn(sketches: Sketch[], style = guide) {
  const blocks = Object.fromEntries(
    blocksOf([{ kind: 'section', name: 'main', holds: sketches }]).map((block) => [block.id, block]),
  )
  const items = {
    [idOf('later')]: { id: idOf('later'), number: 7, title: 'Later', kind: 'text', state: 'missing' },
  }
  const documents = {
    site: {
      ...usualSite,
      records: { ...usualSite.records, pages: { [PAGE]: { id: PAGE, order: 'a0', title: 'Fares' } } },
    },
    style,
    content: { kind: 'content', id: 'content', schema: contentKind.schema, records: { items, counter: {} } },
    [PAGE]: { kind: 'drawing', id: PAGE, schema: documentKinds.drawing.schema, records: { blocks } },
  } as unknown as Documents
  const page = resolvePage(pageSources(documents, PAGE), usualBands.wide, 'mockup')
  return unfinished(page, documents, PAGE).map(({ lack, key }) => [lack, key])
}

const picture = (name: string, more: Partial<Sketch> = {}): Sketch => ({ kind: 'picture', name, ...more })
const text = (name: string, more: Partial<Sketch> = {}): Sketch => ({
  ...{ kind: 'text', name, text: [{ insert: 'Words' }] },
  ...more,
})

test('pictures and words that are still to come are told in reading order', () => {
  const file = { asset: idOf('asset'), width: 40, height: 30 }
  expect(
    lacksOn([
      text('fine'),
      picture('empty'),
      text('later', { content: { item: idOf('later') } }),
      text('until', { text: [{ insert: `${standIn(2)}\n` }] }),
      picture('there', { data: { file } }),
      { kind: 'media', name: 'film', data: { plays: 'video' } },
    ]),
  ).toEqual([
    ['picture', idOf('empty')],
    ['words', idOf('later')],
    ['words', idOf('until')],
  ])
})

test('what patterns made up stands in, too: quotations, lists, parts with a number and the names of panes', () => {
  const answer = [text('answer')]
  expect(
    lacksOn([
      text('quote', { text: [{ insert: `“${standIn(1)}”` }] }),
      text('quoted', { text: [{ insert: '“We came back the week after.”' }] }),
      text('who', { text: [{ insert: 'Somebody 2, who they are' }] }),
      text('step', { text: [{ insert: 'Step 3' }] }),
      text('more', { text: [{ insert: 'Step 3 of the ladder is loose' }] }),
      { kind: 'list', name: 'ways', text: [{ insert: STAND_IN.wayThere }] },
      { kind: 'list', name: 'own', text: [{ insert: 'By bus: line 7' }] },
      {
        kind: 'accordion',
        name: 'faq',
        holds: [
          { kind: 'box', name: 'Question 1?', holds: answer },
          { kind: 'box', name: 'May dogs come along?', holds: [text('yes')] },
        ],
      },
    ]),
  ).toEqual([
    ['words', idOf('quote')],
    ['words', idOf('who')],
    ['words', idOf('step')],
    ['words', idOf('ways')],
    ['words', idOf('Question 1?')],
  ])
})

test('what a guide does not dress, and values that name no token, are told once for the page', () => {
  const button: Sketch = {
    kind: 'button',
    name: 'one',
    text: [{ insert: 'Go' }],
    look: { fill: { hex: '#123456' } },
  }
  expect(
    lacksOn([button, { ...button, name: 'two' }], plainStyle).filter(([lack]) => lack === 'part').length,
  ).toBeGreaterThan(0)
  expect(lacksOn([button])).toEqual([['tokens', undefined]])
})

test('what is for wireframes alone is no part of a mockup', () => {
  expect(
    lacksOn([picture('sketched', { shows: 'wireframe' }), picture('finished', { shows: 'mockup' })]),
  ).toEqual([['picture', idOf('finished')]])
})
