import { px } from '../../units/length'
import type { BlockKind } from '../kind'

export const box: BlockKind = {
  kind: 'box',
  label: 'Box',
  holds: 'blocks',
  tags: ['div', 'article', 'aside', 'nav', 'section', 'header', 'footer'],
  arrange: { type: 'column', gap: px(16), align: 'start' },
  place: { width: 'fill', height: 'fit', column: { span: 'all' } },
  look: {},
}
