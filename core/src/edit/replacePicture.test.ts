import { contentKind } from '../content/content'
import { applyChange } from '../document/apply'
import { recordsNaming } from '../document/recordsNaming'
import type { Documents } from '../document/types'
import { documentKinds } from '../resolve/documentKinds'
import { usualBands, usualSite } from '../site/usualSite'
import { plainStyle } from '../style/plainStyle'
import { blocksOf, idOf } from '../testing/draft'
import { replacePicture } from './replacePicture'

const [OLD, NEW, PAGE] = ['old', 'new', 'page'].map(idOf)
const file = { asset: OLD, width: 400, height: 300 }
const wide = { asset: NEW, width: 1600, height: 900 }
const blocks = blocksOf([
  {
    kind: 'section',
    name: 'hero',
    look: { backdrop: { picture: file } },
    at: { [usualBands.narrow]: { look: { backdrop: { picture: file } } } },
    holds: [
      { kind: 'picture', name: 'shown', data: { file: { ...file } } },
      { kind: 'picture', name: 'other', data: { file: { ...file, asset: idOf('another') } } },
    ],
  },
])
const documents = {
  site: usualSite,
  style: {
    ...plainStyle,
    records: {
      ...plainStyle.records,
      marks: { [idOf('logo')]: { id: idOf('logo'), order: 'a0', name: 'Logo', use: 'logo', file } },
    },
  },
  content: {
    ...{ kind: 'content', id: 'content', schema: contentKind.schema },
    records: {
      counter: {},
      items: {
        [idOf('item')]: {
          ...{ id: idOf('item'), number: 1, title: 'Harbour', kind: 'picture', state: 'final' },
          ...{ asset: OLD, size: { width: 400, height: 300 } },
        },
      },
    },
  },
  [PAGE]: {
    ...{ kind: 'drawing', id: PAGE, schema: documentKinds.drawing.schema },
    records: { blocks: Object.fromEntries(blocks.map((block) => [block.id, block])) },
  },
} as unknown as Documents

test('another picture stands wherever one stood, as large as it is itself, in one change', () => {
  const { documents: after, outcomes } = applyChange(
    documentKinds,
    documents,
    replacePicture(documents, OLD, wide),
  )
  expect(outcomes).toEqual([])
  expect(recordsNaming(after, OLD)).toEqual([])
  expect(recordsNaming(after, NEW)).toHaveLength(4)
  const { hero, shown, other } = Object.fromEntries(
    ['hero', 'shown', 'other'].map((name) => [name, after[PAGE].records.blocks[idOf(name)]]),
  ) as Record<string, { data?: object; look?: { backdrop: object }; at?: object }>
  expect(hero.look?.backdrop).toEqual({ picture: wide })
  expect(hero.at).toEqual({ [usualBands.narrow]: { look: { backdrop: { picture: wide } } } })
  expect(shown.data).toEqual({ file: wide })
  expect(other.data).toEqual({ file: { ...file, asset: idOf('another') } })
  expect(after.content.records.items[idOf('item')]).toMatchObject({
    asset: NEW,
    size: { width: 1600, height: 900 },
  })
})

test('a picture that stands nowhere needs no change', () => {
  expect(replacePicture(documents, idOf('nobody'), wide)).toEqual([])
})
