/** The stages in their order, and for those not built yet what they will do. */
export interface Stage {
  name: string
  label: string
  /** route it opens */
  route: 'map' | 'grid' | 'wireframe' | 'style' | 'review' | 'walkthrough' | 'handoff' | 'stage'
  promise?: { now: string; will: string[] }
}

export const stages: Stage[] = [
  { name: 'map', label: 'Map', route: 'map' },
  { name: 'grid', label: 'Grid', route: 'grid' },
  { name: 'wireframe', label: 'Wireframe', route: 'wireframe' },
  { name: 'style', label: 'Style', route: 'style' },
  {
    name: 'mockup',
    label: 'Mockup',
    route: 'stage',
    promise: {
      now: 'A wireframe and a mockup are one drawing; what you draw now will be finished here.',
      will: [
        'Paint the same drawing in the style guide’s looks',
        'Place real pictures and copy',
        'Check it at real viewports',
      ],
    },
  },
  { name: 'review', label: 'Review', route: 'review' },
  { name: 'walkthrough', label: 'Walkthrough', route: 'walkthrough' },
  { name: 'handoff', label: 'Handoff', route: 'handoff' },
]
