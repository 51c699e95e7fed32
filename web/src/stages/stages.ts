/** The stages in their order. */
export interface Stage {
  name: string
  label: string
  /** route it opens */
  route: 'map' | 'grid' | 'wireframe' | 'style' | 'mockup' | 'review' | 'walkthrough' | 'handoff'
}

export const stages: Stage[] = [
  { name: 'map', label: 'Map', route: 'map' },
  { name: 'grid', label: 'Grid', route: 'grid' },
  { name: 'wireframe', label: 'Wireframe', route: 'wireframe' },
  { name: 'style', label: 'Style', route: 'style' },
  { name: 'mockup', label: 'Mockup', route: 'mockup' },
  { name: 'review', label: 'Review', route: 'review' },
  { name: 'walkthrough', label: 'Walkthrough', route: 'walkthrough' },
  { name: 'handoff', label: 'Handoff', route: 'handoff' },
]
