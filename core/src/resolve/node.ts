import type { BlockKindName, Tag } from '../block/block'
import type { TextRun } from '../text/paragraph'
import type { WrittenLength } from '../units/length'

/** A side of a border with its colour found. */
export interface Border {
  width: WrittenLength
  line: 'solid' | 'dashed' | 'dotted'
  colour: string
}

export type Size =
  { type: 'fit' } | { type: 'fill'; share: number } | { type: 'fixed'; length: WrittenLength }

/** How text is set, in written lengths. */
export interface TextStyle {
  family: string
  weight: number
  italic: boolean
  size: WrittenLength
  lineHeight: { value: number; unit: 'px' | 'em' | 'rem' }
}

/** The measure of a section's sides, px: at least the margins, and half each of what the content width leaves. */
export interface Inset {
  left: number
  right: number
  contentWidth?: number
}

export type Axis = 'start' | 'end' | 'both' | 'centre' | 'proportion'

/** A block as a band shows it: every value found, tokens and columns replaced, lengths still as written. */
export interface BlockNode {
  id: string
  kind: BlockKindName
  tag: Tag
  name: string
  /** not shown at this band; only in trees resolved with hidden blocks */
  hidden: boolean
  arrange: {
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
  place: {
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
    overflow: 'visible' | 'hidden'
  }
  look: {
    fill?: string
    border: [Border?, Border?, Border?, Border?]
    /** of each corner, in the order of `CORNERS`; absent where none is round */
    radius?: [WrittenLength, WrittenLength, WrittenLength, WrittenLength]
    opacity: number
    colour: string
    textAlign: 'start' | 'centre' | 'end'
    pictureFit: 'cover' | 'contain'
  }
  text?: { style: TextStyle; runs: NodeRun[] }
  picture?: { asset?: string; width: number; height: number; alt: string }
  attributes: Record<string, string>
  children: BlockNode[]
}

/** A stretch of a block's text with what the designer set on it. */
export interface NodeRun extends Pick<TextRun, 'text' | 'link'> {
  bold: boolean
  italic: boolean
  small: boolean
}

/** A page at one band: its sections in reading order. */
export interface PageNode {
  band: string
  /** font size of the root element, % */
  rootSize: number
  /** colour behind the page's sections */
  ground: string
  children: BlockNode[]
}
