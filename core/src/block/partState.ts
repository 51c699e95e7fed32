/** What a block or a piece of it may be in, beside at rest. */
export const PART_STATE_NAMES = ['hover', 'focus', 'pressed', 'disabled', 'wrong', 'chosen'] as const
export type PartState = (typeof PART_STATE_NAMES)[number]
