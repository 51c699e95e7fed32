import { px } from '../../units/length'
import type { BlockKind } from '../kind'

export const button: BlockKind = {
  kind: 'button',
  label: 'Button',
  holds: 'text',
  tags: ['button'],
  levelRole: 'button',
  arrange: { padding: { top: px(12), right: px(20), bottom: px(12), left: px(20) } },
  place: { width: 'fit', height: 'fit', column: { span: 'all' } },
  look: { textAlign: 'centre', fill: { hex: '#2b3532' }, colour: { hex: '#ffffff' } },
  attributes: { type: 'button' },
}
