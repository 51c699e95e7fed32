import type { BlockKind } from '../kind'

export const text: BlockKind = {
  kind: 'text',
  label: 'Text',
  holds: 'text',
  tags: ['p', 'h1', 'h2', 'h3', 'h4', 'h5', 'h6', 'blockquote', 'div'],
  arrange: {},
  place: { width: 'fill', height: 'fit', column: { span: 'all' } },
  look: { textAlign: 'start' },
}
