import { px } from '../../units/length'
import type { Sketch } from '../draft'

export const LONG =
  'Boats leave every hour from the first light to the last, and on days without wind they are on time, which is to say on most days from May to the end of September, when the yard takes them in turn.'
export const says = (words: string) => [{ insert: words }]
export const text = (name: string, words: string, more: Partial<Sketch> = {}): Sketch => ({
  ...{ kind: 'text', name, text: says(words) },
  ...more,
})
export const heading = (name: string, rank: number, words = name, more: Partial<Sketch> = {}): Sketch =>
  text(name, words, { tag: `h${rank}` as 'h1', ...more })
export const column = (name: string, holds: Sketch[], more: Partial<Sketch> = {}): Sketch => ({
  ...{ kind: 'box', name, holds },
  ...more,
  arrange: { type: 'column', gap: px(16), ...more.arrange },
})
export const row = (name: string, holds: Sketch[], more: Partial<Sketch> = {}): Sketch =>
  column(name, holds, { ...more, arrange: { type: 'row', ...more.arrange } })
export const free = (name: string, holds: Sketch[]): Sketch => ({
  ...{ kind: 'box', name, holds },
  ...{ arrange: { type: 'placed' }, place: { height: px(400), width: px(600) } },
})
export const at = (name: string, left: number, top: number, place: Sketch['place'] = {}): Sketch => ({
  ...{ kind: 'box', name },
  place: { offset: { left: px(left), top: px(top) }, width: px(96), height: px(64), ...place },
})
export const button = (name: string, words: string, more: Partial<Sketch> = {}): Sketch => ({
  ...{ kind: 'button', name, text: says(words) },
  ...more,
})
/** Four columns, whatever stands in them. */
export const grid = (name: string, holds: Sketch[]): Sketch => ({
  ...{ kind: 'box', name, holds },
  arrange: { type: 'grid', tracks: 4 },
})
/** A mark in the colour of a role, with nothing in it. */
export const dot = (name: string, token: string): Sketch => ({
  ...{ kind: 'box', name },
  ...{ place: { width: px(16), height: px(16) }, look: { fill: { token } } },
})
/** A section of a line with so much above and below it. */
export const lonely = (room: number): Sketch => ({
  ...{ kind: 'section', name: 'lonely', holds: [text('alone', 'A line')] },
  arrange: { type: 'column', padding: { top: px(room), bottom: px(room) } },
})
export const page = (...holds: Sketch[]): Sketch[] => [
  {
    ...{ kind: 'section', name: 'main' },
    arrange: { type: 'column', gap: px(24), padding: { top: px(64), bottom: px(64) } },
    holds: [heading('fares', 1, 'Fares'), ...holds],
  },
]
export const ring = (hex: string, width = 1) => {
  const edge = { width: px(width), line: 'solid' as const, colour: { hex } }
  return { top: edge, right: edge, bottom: edge, left: edge }
}
export const padding = (value: number) => ({
  top: px(value),
  right: px(value),
  bottom: px(value),
  left: px(value),
})
export const look = (colour: string) => ({ look: { colour: { hex: colour } } })
/** White in the dark set, too. */
export const onWhite = (...holds: Sketch[]): Sketch =>
  column('white', holds, {
    look: { colourSet: 'light', fill: { hex: '#ffffff' } },
    arrange: { padding: padding(16) },
  })
export const narrow = { place: { maxWidth: px(560) } }
export const SIGN = {
  arrange: { type: 'row' as const, padding: { top: px(12), right: px(20), bottom: px(12), left: px(20) } },
  place: { width: 'fit' as const },
}
export const round = { topLeft: px(4), topRight: px(4), bottomRight: px(4), bottomLeft: px(4) }
/** Texts in a wide column, set at its start, in its middle or at its end. */
export const setIn = (textAlign: 'start' | 'centre' | 'end', count: number): Sketch[] =>
  Array.from({ length: count }, (_, index) =>
    text(`${textAlign}${index}`, 'Boats leave', { place: { width: px(480) }, look: { textAlign } }),
  )
/** Words on a ground of their own. */
export const sign = (around: NonNullable<Sketch['arrange']>['padding']): Sketch =>
  text('sign', 'Open', {
    ...{ place: { width: 'fit' }, arrange: { padding: around } },
    look: { fill: { hex: '#14506b' }, colour: { hex: '#ffffff' } },
  })
export const onGround = (hex: string, edge = hex) => ({
  look: { fill: { hex }, colour: { hex: '#17211e' }, border: ring(edge) },
})
/** A ground as wide as the page with nothing on it. */
export const ground = (hex: string, tall: number): Sketch => ({
  ...{ kind: 'box', name: 'ground', place: { width: 'fill', height: px(tall) } },
  look: { fill: { hex } },
})
export const pressed = (name: string, left: number): Sketch =>
  button(name, name, { place: { offset: { left: px(left), top: px(40) }, width: px(120) } })
/** A ground of its own colour with nothing on it. */
export const onGroundOf = (name: string, hex: string): Sketch => ({ ...ground(hex, 80), name })
/** A link that leads away from the site. */
export const link = (name: string, words: string, path = 'more'): Sketch => ({
  ...{ kind: 'link', name, text: says(words) },
  data: { to: { address: `https://example.org/${path}` } },
})
/** A button that leads somewhere: a link that looks like one. */
export const leading = (name: string, words: string, more: Partial<Sketch> = {}): Sketch =>
  button(name, words, { ...link(name, words), ...more, kind: 'button' })
