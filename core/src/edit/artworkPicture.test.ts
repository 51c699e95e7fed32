import { applyChange } from '../document/apply'
import type { Documents } from '../document/types'
import { documentKinds } from '../resolve/documentKinds'
import type { Artwork } from '../site/artwork'
import { usualSite } from '../site/usualSite'
import { plainStyle } from '../style/plainStyle'
import { blocksOf, idOf } from '../testing/draft'
import { section, text } from '../testing/sketches'
import { layArtwork } from './artworkPicture'

const PAGE = idOf('page')
const artwork: Artwork = {
  ...{ id: idOf('art'), order: 'a0', name: 'Art', width: 800, height: 300 },
  behind: { page: PAGE, block: idOf('hero') },
}
const picture = (name: string) => ({ asset: idOf(name), width: 1600, height: 600 })

function documents(): Documents {
  const blocks = Object.fromEntries(
    blocksOf([section('hero', [text('title')]), section('other', [])]).map((block) => [block.id, block]),
  )
  const records = { ...usualSite.records, artworks: { [artwork.id]: artwork } }
  return {
    site: { ...usualSite, records },
    style: plainStyle,
    [PAGE]: { kind: 'drawing', id: PAGE, schema: documentKinds.drawing.schema, records: { blocks } },
  } as unknown as Documents
}
function laid(before: Documents, name: string): Documents {
  const now = (before.site as unknown as typeof usualSite).records.artworks[artwork.id]
  const { documents: after, outcomes } = applyChange(
    documentKinds,
    before,
    layArtwork(before, now, picture(name)),
  )
  expect(outcomes).toEqual([])
  return after
}
const backdropOf = (all: Documents, block: string) =>
  (all[PAGE].records.blocks[idOf(block)] as { look?: { backdrop?: unknown } }).look?.backdrop
const renderedOf = (all: Documents) => (all.site.records.artworks[artwork.id] as unknown as Artwork).rendered

test('a picture is kept and laid behind the block', () => {
  const after = laid(documents(), 'first')
  expect(renderedOf(after)).toEqual(picture('first'))
  expect(backdropOf(after, 'hero')).toEqual({ picture: picture('first') })
})

test('rendered again it goes wherever it stood, with its focus and its veil', () => {
  const first = laid(documents(), 'first')
  const { documents: veiled } = applyChange(documentKinds, first, [
    {
      ...{ document: PAGE, kind: 'drawing' },
      operations: [
        {
          type: 'set',
          collection: 'blocks',
          id: idOf('hero'),
          path: ['look', 'backdrop', 'focus'],
          value: { x: 1, y: 0 },
        },
        {
          type: 'set',
          collection: 'blocks',
          id: idOf('hero'),
          path: ['look', 'backdrop', 'strength'],
          value: 0.2,
        },
        {
          ...{ type: 'set', collection: 'blocks', id: idOf('other') },
          ...{ path: ['look', 'backdrop', 'picture'], value: picture('first') },
        },
      ],
    },
  ])
  const again = laid(veiled, 'second')
  expect(renderedOf(again)).toEqual(picture('second'))
  expect(backdropOf(again, 'hero')).toEqual({
    picture: picture('second'),
    focus: { x: 1, y: 0 },
    strength: 0.2,
  })
  expect(backdropOf(again, 'other')).toEqual({ picture: picture('second') })
})

test('where its block is gone, the picture is kept all the same', () => {
  const before = documents()
  const { documents: without } = applyChange(documentKinds, before, [
    {
      document: PAGE,
      kind: 'drawing',
      operations: [{ type: 'remove', collection: 'blocks', id: idOf('hero') }],
    },
  ])
  expect(renderedOf(laid(without, 'first'))).toEqual(picture('first'))
})
