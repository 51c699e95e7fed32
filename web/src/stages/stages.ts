/** The stages in their order, and for those not built yet what they will do. */
export interface Stage {
  name: string
  label: string
  /** route it opens */
  route: 'map' | 'grid' | 'wireframe' | 'review' | 'walkthrough' | 'handoff' | 'stage'
  promise?: { now: string; will: string[] }
}

export const stages: Stage[] = [
  { name: 'map', label: 'Map', route: 'map' },
  { name: 'grid', label: 'Grid', route: 'grid' },
  { name: 'wireframe', label: 'Wireframe', route: 'wireframe' },
  {
    name: 'style',
    label: 'Style',
    route: 'stage',
    promise: {
      now: 'Every project begins with a plain style: one family, ten type levels, five colours.',
      will: [
        'Define colours, type levels and the spacing scale as tokens',
        'Keep shared blocks and their states',
        'Check contrast and near-duplicates',
      ],
    },
  },
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
