/** What may go wrong with a block at some widths and not at others. */
export const TROUBLES = {
  outOfPage: 'runs out of the page',
  outOfHolder: 'runs out of what it stands in',
  overlaps: 'lies over what stands beside it',
  cut: 'is cut off',
  oneWord: 'breaks into lines of one word',
  small: 'is set in less than 12 px',
  belowFold: 'is seen only by scrolling',
} as const

export type Trouble = keyof typeof TROUBLES

/** Trouble that hides something or makes the page scroll sideways. */
export const GRAVE: ReadonlySet<Trouble> = new Set(['outOfPage', 'overlaps', 'cut'])
