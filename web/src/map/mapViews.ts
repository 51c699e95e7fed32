/** The views of the Map stage, by the last part of their address. */
export const mapViews = {
  tree: 'Tree',
  table: 'Table',
  menus: 'Menus',
  journeys: 'Journeys',
  content: 'Content',
  brief: 'Brief',
  findings: 'Findings',
} as const

export type MapViewName = keyof typeof mapViews
