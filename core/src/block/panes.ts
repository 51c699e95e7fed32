import { px } from '../units/length'
import type { Field } from './field'
import type { ChildFacts } from './kind'

/** A line between parts. */
export const RULE = {
  width: px(1),
  line: 'solid' as const,
  colour: { role: 'line' as const, hex: '#a9b0ac' },
}

/** Children that the band shows, and among them those from one on, so many. */
export function shownAmong(children: ChildFacts[], first: number, count: number): Set<string> {
  const shown = children.filter(({ isHidden }) => !isHidden)
  const from = Math.max(0, Math.min(first, shown.length - count))
  return new Set(shown.slice(from, from + count).map(({ key }) => key))
}

/** Which of a block's panes the drawing shows. */
export const paneField = (label: string): Field => ({
  group: 'shows',
  label,
  path: ['data', 'open'],
  control: { type: 'number', least: 0, most: 50, step: 1, absent: 1 },
})
