import type { Component } from 'vue'
import type { Placed } from '@nolvex/core/snap/drawnPage'
import type { Rect } from '@nolvex/core/snap/rect'
import FoldLines from '../../screens/FoldLines.vue'
import type { Preview } from '../gestures/gesture'
import type { Ruler } from '../usePage'
import type { HeatPicture } from '../../review/eye/useSeenAs'
import GuideLayer from '../guides/GuideLayer.vue'
import AnchorMarks from './AnchorMarks.vue'
import BoxOutlines from './BoxOutlines.vue'
import BlockTags from './BlockTags.vue'
import DimensionLines from './DimensionLines.vue'
import DistanceLines from './DistanceLines.vue'
import DropPreview from './DropPreview.vue'
import EyeHeat from './EyeHeat.vue'
import GapLines from './GapLines.vue'
import GradientEnds from './GradientEnds.vue'
import HoveredOutline from './HoveredOutline.vue'
import MarkedBlocks from './MarkedBlocks.vue'
import OriginalVeil from './OriginalVeil.vue'
import OthersSelection from './OthersSelection.vue'
import OverflowMarks from './OverflowMarks.vue'
import PulledGuide from './PulledGuide.vue'
import ScalePoints from './ScalePoints.vue'
import SelectionOutlines from './SelectionOutlines.vue'
import SkeletonBoxes from './SkeletonBoxes.vue'
import SpacingBands from './SpacingBands.vue'
import TextEditor from './TextEditor.vue'
import TwoPointRuler from './TwoPointRuler.vue'

/** What lies over the page goes by: its size, what is selected, pointed at, dragged and written in. */
export interface SurfaceState {
  zoom: number
  /** of the page, px */
  width: number
  height: number
  selected: Placed[]
  hovered: Placed | undefined
  preview: Preview | undefined
  pulled: { axis: 'x' | 'y'; at: number } | undefined
  edited: Placed | undefined
  /** the picture under the page is scaled by two points of it */
  scales: { isBeside: boolean } | undefined
  /** the copy whose original is edited in place of the page */
  original: Placed | undefined
  /** what is in view, px of the page */
  view: Rect
  /** whether the outlines of all boxes are shown */
  hasBoxes: boolean
  /** whether all gaps and padding of a section are shown */
  hasSpacing: boolean
  /** whether the page is shown as a mockup */
  isFinished: boolean
  /** whether boxes are shown with their names, tinted */
  hasSkeleton: boolean
  /** what a list beside the page points at */
  marked: Marked[]
  /** whether the key for distances is held */
  isMeasured: boolean
  ruler: Ruler | undefined
  /** what stands out, where it is shown */
  heat: HeatPicture | undefined
  /** whether another page beside it is the one that is measured */
  isQuiet: boolean
}

/** Something a list beside the page points at on it, with a few words. */
export interface Marked {
  id: string
  rect: Rect
  says?: string
}

/** Something laid over the page: shown where it gives props. */
export interface Overlay {
  name: string
  component: Component
  props: (state: SurfaceState) => Record<string, unknown> | undefined
}

const isResting = ({ preview, edited }: SurfaceState) => !preview && !edited
const isMeasuring = (state: SurfaceState) => isResting(state) && !state.isMeasured && !state.isQuiet

/** Everything that lies over the page, lowest first. A new overlay is one component and one entry here. */
export const overlays: Overlay[] = [
  {
    name: 'original',
    component: OriginalVeil,
    props: ({ original, zoom, width, height }) => original && { copy: original, zoom, width, height },
  },
  {
    name: 'boxes',
    component: BoxOutlines,
    props: ({ zoom, width, height, view, hasBoxes, preview }) =>
      hasBoxes && !preview ? { zoom, width, height, view } : undefined,
  },
  {
    name: 'skeleton',
    component: SkeletonBoxes,
    props: ({ zoom, view, hasSkeleton, preview }) => (hasSkeleton && !preview ? { zoom, view } : undefined),
  },
  { name: 'heat', component: EyeHeat, props: ({ zoom, heat }) => heat && { zoom, heat } },
  { name: 'folds', component: FoldLines, props: ({ zoom, width }) => ({ zoom, width }) },
  { name: 'guides', component: GuideLayer, props: ({ zoom, width, height }) => ({ zoom, width, height }) },
  {
    name: 'pulled guide',
    component: PulledGuide,
    props: ({ zoom, pulled }) => pulled && { ...pulled, zoom },
  },
  {
    name: 'overflows',
    component: OverflowMarks,
    props: ({ zoom, preview }) => (preview ? undefined : { zoom }),
  },
  { name: 'tags', component: BlockTags, props: ({ zoom, preview }) => (preview ? undefined : { zoom }) },
  {
    name: 'others',
    component: OthersSelection,
    props: ({ zoom, preview }) => (preview ? undefined : { zoom }),
  },
  {
    name: 'hovered',
    component: HoveredOutline,
    props: ({ zoom, hovered, selected, preview }) =>
      hovered && !preview && !selected.includes(hovered) ? { rect: hovered, zoom } : undefined,
  },
  {
    name: 'selection',
    component: SelectionOutlines,
    // While the page is shown as it would stand, what is selected is not where its outline would be.
    props: (state) =>
      state.preview?.operations ? undefined : { zoom: state.zoom, hasHandles: isResting(state) },
  },
  {
    name: 'gradient ends',
    component: GradientEnds,
    props: (state) =>
      state.selected.length === 1 && isResting(state) && state.isFinished
        ? { block: state.selected[0], zoom: state.zoom }
        : undefined,
  },
  {
    name: 'dimension lines',
    component: DimensionLines,
    props: (state) =>
      state.selected.length === 1 && isMeasuring(state) && !state.hasSpacing
        ? { block: state.selected[0], zoom: state.zoom, isPointed: state.hovered === state.selected[0] }
        : undefined,
  },
  {
    name: 'spacing',
    component: SpacingBands,
    props: ({ zoom, view, hasSpacing, preview }) => (hasSpacing && !preview ? { zoom, view } : undefined),
  },
  {
    name: 'anchors',
    component: AnchorMarks,
    props: (state) =>
      state.selected.length === 1 && isMeasuring(state)
        ? { block: state.selected[0], zoom: state.zoom }
        : undefined,
  },
  {
    name: 'gaps of several',
    component: GapLines,
    props: (state) => (state.selected.length > 1 && isMeasuring(state) ? { zoom: state.zoom } : undefined),
  },
  {
    name: 'distances',
    component: DistanceLines,
    props: ({ zoom, width, height, selected, hovered, isMeasured }) =>
      isMeasured && selected.length ? { selected, pointed: hovered, zoom, width, height } : undefined,
  },
  {
    name: 'ruler',
    component: TwoPointRuler,
    props: ({ zoom, ruler }) => ruler?.from && ruler.to && { from: ruler.from, to: ruler.to, zoom },
  },
  {
    name: 'marked',
    component: MarkedBlocks,
    props: ({ zoom, marked, preview }) => (marked.length && !preview ? { zoom, marked } : undefined),
  },
  {
    name: 'drop preview',
    component: DropPreview,
    props: ({ zoom, width, height, preview }) => {
      if (!preview) return undefined
      const { ghost, mark, hints, says } = preview
      return { ghost, mark, hints, says, zoom, width, height }
    },
  },
  {
    name: 'scale points',
    component: ScalePoints,
    props: ({ zoom, scales }) => scales && { zoom, isBeside: scales.isBeside },
  },
  {
    name: 'text editor',
    component: TextEditor,
    props: ({ zoom, edited }) => edited && { key: edited.key, placed: edited, zoom },
  },
]
