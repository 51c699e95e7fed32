import type { Documents } from '@nolvex/core/document/types'
import { usualSite } from '@nolvex/core/site/usualSite'
import { pictureUses } from './pictureUses'

const ASSET = 'asset00000000001'
const PAGE = 'page000000000001'

/** A project whose records name a picture wherever a record may. */
const documents = {
  site: {
    ...usualSite,
    records: {
      ...usualSite.records,
      pages: { [PAGE]: { id: PAGE, order: 'a0', title: 'Fares', underlay: { asset: ASSET } } },
      references: { r1: { id: 'r1', order: 'a0', title: 'Old brochure', asset: ASSET } },
      frames: { f1: { id: 'f1', name: 'Small', picture: { asset: ASSET } } },
    },
  },
  content: {
    id: 'content',
    records: { items: { c1: { id: 'c1', number: 7, title: 'Harbour', asset: ASSET } } },
  },
  [PAGE]: {
    id: PAGE,
    records: {
      blocks: {
        b1: { id: 'b1', picture: { asset: ASSET } },
        b2: { id: 'b2', at: { narrow: { look: { deep: [{ asset: ASSET }] } } } },
        b3: { id: ASSET, picture: { asset: 'another' } },
      },
    },
  },
} as unknown as Documents

test('every place that names a picture is told, each once', () => {
  expect(pictureUses(documents, ASSET)).toEqual([
    'under Fares',
    'the reference Old brochure',
    'the browser frame Small',
    'C-007 Harbour',
    'Fares',
  ])
  expect(pictureUses(documents, 'another')).toEqual(['Fares'])
  expect(pictureUses(documents, 'nobody')).toEqual([])
})
