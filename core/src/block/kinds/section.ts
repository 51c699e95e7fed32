import { px } from '../../units/length'
import type { BlockKind } from '../kind'

export const section: BlockKind = {
  kind: 'section',
  label: 'Section',
  holds: 'blocks',
  tags: ['section', 'header', 'footer', 'nav', 'aside'],
  arrange: {
    type: 'grid',
    tracks: 'columns',
    gap: px(24),
    padding: { top: px(48), bottom: px(48) },
    align: 'start',
  },
  place: { width: 'fill', height: 'fit' },
  look: {},
}
