/** The views of the Grid stage, by the last part of their address. */
export const gridViews = {
  bands: 'Bands',
  guides: 'Guides',
  screens: 'Screens',
  audience: 'Audience',
  sizing: 'Sizing',
  found: 'From a page',
  agreement: 'Agreement',
} as const

export type GridViewName = keyof typeof gridViews
