/** Views of the style guide, by the last part of their address. */
export const styleViews = {
  start: 'Quick start',
  colour: 'Colour',
  type: 'Type',
  space: 'Space',
  parts: 'Parts',
  marks: 'Mark and icons',
  mood: 'Mood',
  kits: 'Kits',
  loose: 'Taking over',
  sheet: 'Sheet',
} as const
export type StyleViewName = keyof typeof styleViews
