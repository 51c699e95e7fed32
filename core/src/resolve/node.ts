import type { BlockLink } from '../block/block'
import type { ResolvedLook } from '../block/looks'
import type { PartState } from '../block/partState'
import type { ElementAttributes, ShownControl, ShownIcon, ShownPiece, ShownPicture } from '../block/primitive'
import type { Tag } from '../block/tags'
import type { TextRun } from '../text/paragraph'
import type { WrittenLength } from '../units/length'

export type Size =
  { type: 'fit' } | { type: 'fill'; share: number } | { type: 'fixed'; length: WrittenLength }

/** The measure of a section's sides, px: at least the margins, and half each of what the content width leaves. */
export interface Inset {
  left: number
  right: number
  contentWidth?: number
}

export type Axis = 'start' | 'end' | 'both' | 'centre' | 'proportion'

/** How an instance places its children. */
export interface Arrangement {
  type: 'row' | 'column' | 'grid' | 'placed'
  columnGap: WrittenLength
  rowGap: WrittenLength
  padding: [top: WrittenLength, right: WrittenLength, bottom: WrittenLength, left: WrittenLength]
  inset?: Inset
  justify: 'start' | 'centre' | 'end' | 'between'
  align: 'start' | 'centre' | 'end' | 'stretch'
  wrap: boolean
  /** shares of the tracks; equal ones are all 1 */
  tracks: number[]
  /** px each track is wide, where they do not share the width */
  trackWidth?: number
}

/** Where an instance stands in its parent, and how large it is. */
export interface Placing {
  width: Size
  height: Size
  minWidth?: WrittenLength
  maxWidth?: WrittenLength
  minHeight?: WrittenLength
  maxHeight?: WrittenLength
  column: { start?: number; span: number }
  row: { start?: number; span: number }
  x: Axis
  y: Axis
  left: WrittenLength
  right: WrittenLength
  top: WrittenLength
  bottom: WrittenLength
  offsetX: WrittenLength
  offsetY: WrittenLength
  across: { start: number; length: number }
  down: { start: number; length: number }
  /** before it, in place of its parent's gap */
  space?: WrittenLength
  overflow: 'visible' | 'hidden' | 'scroll'
  /** the edge of the viewport it keeps so far from while it can; later: once a whole window was scrolled past */
  sticky?: { edge: 'top' | 'bottom'; offset: WrittenLength; isLater: boolean }
  /** whether its ground reaches only as far as its content */
  isGroundNarrow: boolean
}

/** Whether what runs out of a block is not seen beside it. */
export const cutsOff = ({ overflow }: Pick<Placing, 'overflow'>) => overflow !== 'visible'

/** A stretch of a block's text with what the designer set on it. */
export interface NodeRun extends Pick<TextRun, 'text' | 'link'> {
  bold: boolean
  italic: boolean
  small: boolean
}

export interface TextContent {
  type: 'text'
  runs: NodeRun[]
  /** its lines stand in the middle of a box taller than they are */
  middle: boolean
  /** all of it is drawn as a link is */
  underlined: boolean
  /** whether parts of it may lead somewhere */
  takesLinks: boolean
}

export interface PictureContent extends ShownPicture {
  type: 'picture'
}

/** Something drawn, as large as it says where its size is `fit`. */
export interface ShapeContent {
  type: 'shape'
  shape: 'line'
  isDown: boolean
  width: WrittenLength
  height: WrittenLength
}

export interface IconContent extends ShownIcon {
  type: 'icon'
  size: WrittenLength
}

export interface ControlContent extends ShownControl {
  type: 'control'
}

export interface PieceContent extends ShownPiece {
  type: 'piece'
}

/** What an instance shows of itself; only one with `blocks` has children. */
export type NodeContent =
  | { type: 'blocks' }
  | TextContent
  | PictureContent
  | IconContent
  | ControlContent
  | ShapeContent
  | PieceContent

/** What a block tells whoever reads the drawing, where it tells anything. */
export interface Told {
  note?: string
  /** the requirement of the page it meets */
  requirement?: string
  links?: BlockLink[]
  /** the developer supplies what really stands there */
  isLive: boolean
  /** number of the content item it shows */
  item?: number
  /** the section of the map it is */
  section?: string
}

/** How an instance looks in a state that a visitor brings about. */
export interface StateLook {
  state: PartState
  look: ResolvedLook
  /** key of the instance that is in the state: itself, or the block it is a piece of */
  of: string
}

/** What a change to an instance writes: a record of a document. */
export interface Origin {
  document: string
  record: string
}

/**
 * An instance of a block as a band shows it: every value found, tokens and columns replaced, lengths still as written.
 * One block may have several, and one instance several parts; each has a key of its own.
 */
export interface BlockNode {
  /** the path that made it: the block, then the part of it */
  key: string
  origin: Origin
  /** a part of a block, not a block that stands in it */
  isPart: boolean
  /** a pane that is shut; only in trees resolved with hidden blocks */
  isClosed: boolean
  tag: Tag
  name: string
  /** whether what it is to show is not there yet */
  isMissing: boolean
  /** not shown at this band; only in trees resolved with hidden blocks */
  hidden: boolean
  arrange: Arrangement
  place: Placing
  look: ResolvedLook
  content: NodeContent
  attributes: ElementAttributes
  children: BlockNode[]
  /** the copy whose own blocks stand in it */
  room?: Origin
  told?: Told
  /** something it names was deleted */
  isGone?: true
  /** how it looks at rest, where it is drawn in a state that a visitor may end */
  atRest?: ResolvedLook
  states?: StateLook[]
}

/** How the lines of icons are drawn: as wide as this in a square of 24, their ends and corners round or square. */
export interface IconLines {
  stroke: number
  isRound: boolean
}

/** A page at one band: its sections in reading order. */
export interface PageNode {
  band: string
  /** font size of the root element, % */
  rootSize: number
  /** colour behind the page's sections */
  ground: string
  /** whether drawings show lines where words stand */
  hasLines: boolean
  /** how icons are drawn, where that is not as usual */
  icons?: IconLines
  children: BlockNode[]
}

/** Whether words are seen on a block itself, and not only in what stands in it. */
export function hasWords({ content }: BlockNode): boolean {
  if (content.type === 'text') return content.runs.some(({ text }) => text.trim())
  return content.type === 'control' && content.shows !== ''
}
