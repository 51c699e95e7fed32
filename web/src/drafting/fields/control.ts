import type { Component } from 'vue'
import type { FieldControl } from '@nolvex/core/block/field'
import type { Json } from '@nolvex/core/document/types'
import type { FieldState } from './useFields'
import CellsControl from './CellsControl.vue'
import ChoiceControl from './ChoiceControl.vue'
import CollectionControl from './CollectionControl.vue'
import ColourControl from './ColourControl.vue'
import ContentControl from './ContentControl.vue'
import EdgeControl from './EdgeControl.vue'
import FocusControl from './FocusControl.vue'
import GradientControl from './GradientControl.vue'
import IconControl from './IconControl.vue'
import LengthControl from './LengthControl.vue'
import LevelControl from './LevelControl.vue'
import LinesControl from './LinesControl.vue'
import LinksControl from './LinksControl.vue'
import MenuControl from './MenuControl.vue'
import NoteControl from './NoteControl.vue'
import NumberControl from './NumberControl.vue'
import PageControl from './PageControl.vue'
import PageStatesControl from './PageStatesControl.vue'
import PictureControl from './PictureControl.vue'
import RequirementControl from './RequirementControl.vue'
import RichTextControl from './RichTextControl.vue'
import RowFieldControl from './RowFieldControl.vue'
import RowFieldsControl from './RowFieldsControl.vue'
import ShadowControl from './ShadowControl.vue'
import StrokeControl from './StrokeControl.vue'
import TargetControl from './TargetControl.vue'
import TickControl from './TickControl.vue'
import TracksControl from './TracksControl.vue'
import WordsControl from './WordsControl.vue'

export interface ControlProps {
  state: FieldState
}

/** What a control tells: a value that was set, nothing where it is given back, or why what was typed is none. */
export interface ControlEmits {
  write: [value: Json | undefined]
  trouble: [says: string]
  pictures: [files: File[]]
}

/** The control each kind of field is shown by, and whether it takes a line of its own below its label. */
export const controls: Record<FieldControl['type'], { component: Component; isWide?: true }> = {
  length: { component: LengthControl },
  choice: { component: ChoiceControl },
  tick: { component: TickControl },
  number: { component: NumberControl },
  words: { component: WordsControl, isWide: true },
  richText: { component: RichTextControl, isWide: true },
  colour: { component: ColourControl },
  level: { component: LevelControl },
  tracks: { component: TracksControl },
  edge: { component: EdgeControl },
  stroke: { component: StrokeControl, isWide: true },
  shadow: { component: ShadowControl },
  picture: { component: PictureControl, isWide: true },
  focus: { component: FocusControl, isWide: true },
  gradient: { component: GradientControl, isWide: true },
  target: { component: TargetControl, isWide: true },
  lines: { component: LinesControl, isWide: true },
  icon: { component: IconControl },
  menu: { component: MenuControl },
  page: { component: PageControl },
  pageStates: { component: PageStatesControl, isWide: true },
  collection: { component: CollectionControl },
  rowField: { component: RowFieldControl },
  rowFields: { component: RowFieldsControl, isWide: true },
  content: { component: ContentControl, isWide: true },
  note: { component: NoteControl, isWide: true },
  requirement: { component: RequirementControl },
  links: { component: LinksControl, isWide: true },
  cells: { component: CellsControl, isWide: true },
}
