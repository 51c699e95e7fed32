/**
 * How tables of pairs of ASCII characters are read: where a pair stands in them, and what stands there. Without imports,
 * so that builds write the numbers themselves into the loops that read millions of characters.
 */

const PAIR_SHIFT = 7
export const CODES = 1 << PAIR_SHIFT

/** Stands for the end of a text and for a line break: the code after the last printable one. */
export const END = 127

/** Where a pair stands. */
export const pairIndex = (first: number, second: number) => (first << PAIR_SHIFT) | second

/** No line ends between the two. */
export const NEVER = 0
/** A line may end between them. */
export const ALWAYS = 1
/** One of them is no printable ASCII, or more than the two have to be looked at. */
export const OUTSIDE = 3

/** The bits that say one of these; above them stands how far it is from one character to the next, text units. */
export const MEETING_BITS = 3
export const STEP_SHIFT = 2
