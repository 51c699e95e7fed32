import { px } from '../units/length'
import type { Sketch } from './draft'

export const text = (name: string, more: Partial<Sketch> = {}): Sketch => ({
  kind: 'text',
  name,
  text: [{ insert: `${name} says a few words\n` }],
  ...more,
})
export const box = (name: string, holds: Sketch[], more: Partial<Sketch> = {}): Sketch => ({
  kind: 'box',
  name,
  holds,
  ...more,
})
export const section = (name: string, holds: Sketch[], more: Partial<Sketch> = {}): Sketch => ({
  kind: 'section',
  name,
  holds,
  ...more,
})
export const spanning = (span: number, start?: number): Partial<Sketch> => ({
  place: { column: { span, start } },
})
export const column: Partial<Sketch> = { arrange: { type: 'column', gap: px(20), align: 'start' } }
export const row: Partial<Sketch> = { arrange: { type: 'row', gap: px(20) } }
/** A box whose children are placed freely. */
export const free: Partial<Sketch> = { arrange: { type: 'placed' }, place: { height: px(300) } }
/** A block 100 by 40 px that stands freely. */
export const standing = (left: number, top: number): Partial<Sketch> => ({
  place: {
    width: px(100),
    height: px(40),
    anchor: { x: 'start', y: 'start' },
    offset: { left: px(left), top: px(top) },
  },
})
