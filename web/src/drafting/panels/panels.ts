import type { Component } from 'vue'
import ChangesPanel from './ChangesPanel.vue'
import EyePanel from './EyePanel.vue'
import DifferencesPanel from './DifferencesPanel.vue'
import FindingsPanel from './FindingsPanel.vue'
import OverlaysPanel from './OverlaysPanel.vue'
import PageStatesPanel from './PageStatesPanel.vue'
import SkeletonPanel from './SkeletonPanel.vue'
import StatesPanel from './StatesPanel.vue'
import StructurePanel from './StructurePanel.vue'
import TrueUpPanel from './TrueUpPanel.vue'
import UnfinishedPanel from './UnfinishedPanel.vue'

/** Lists that stand beside the page in place of the particulars: their title, and what shows them. */
export const panels = {
  trueUp: { title: 'True up', component: TrueUpPanel as Component },
  structure: { title: 'Structure from placement', component: StructurePanel as Component },
  differences: { title: 'What differs here', component: DifferencesPanel as Component },
  findings: { title: 'Findings on this page', component: FindingsPanel as Component },
  eye: { title: 'What the eye meets', component: EyePanel as Component },
  unfinished: { title: 'To finish', component: UnfinishedPanel as Component },
  overlays: { title: 'Overlays', component: OverlaysPanel as Component },
  skeleton: { title: 'Skeleton', component: SkeletonPanel as Component },
  states: { title: 'States', component: StatesPanel as Component },
  pageStates: { title: 'States of the page', component: PageStatesPanel as Component },
  changes: { title: 'Changes', component: ChangesPanel as Component },
}
export type PanelName = keyof typeof panels
