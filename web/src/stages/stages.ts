/** The stages in their order. */
export interface Stage {
  /** also that of its route */
  name: string
  label: string
}

export const stages: Stage[] = [
  { name: 'map', label: 'Map' },
  { name: 'grid', label: 'Grid' },
  { name: 'wireframe', label: 'Wireframe' },
  { name: 'style', label: 'Style' },
  { name: 'mockup', label: 'Mockup' },
  { name: 'review', label: 'Review' },
  { name: 'walkthrough', label: 'Walkthrough' },
  { name: 'handoff', label: 'Handoff' },
]
