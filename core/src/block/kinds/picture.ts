import type { BlockKind } from '../kind'

export const picture: BlockKind = {
  kind: 'picture',
  label: 'Picture',
  holds: 'picture',
  tags: ['picture'],
  arrange: {},
  place: { width: 'fill', height: 'fit', column: { span: 'all' } },
  look: { pictureFit: 'cover' },
}
