/** What a block or a piece of it may be in, beside at rest; where several hold, the later is stronger. */
export const PART_STATE_NAMES = [
  'hover',
  'focus',
  'pressed',
  'disabled',
  'wrong',
  'chosen',
  'empty',
  'loading',
  'open',
] as const
export type PartState = (typeof PART_STATE_NAMES)[number]
