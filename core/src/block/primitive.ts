import type { RichText } from '../document/richText'
import type { PartState } from './partState'
import type { WrittenLength } from '../units/length'
import type { Tag } from './tags'
import type { Varying } from './varying'

/** A picture as it is shown: a file, or the room for one. */
export interface ShownPicture {
  asset?: string
  /** natural size, px; its ratio gives a fit height */
  width: number
  height: number
  /** what it shows, for those who cannot see it */
  alt: string
  /** what it stands for, where it is not a picture: something that plays, or a map */
  plays?: 'video' | 'sound' | 'map'
}

/** Lines of an icon in a square of 24, as SVG path data. */
export interface ShownIcon {
  paths: string[]
  /** what it says to those who cannot see it; without, it only decorates */
  alt?: string
}

/** Something to write in or to choose with, as large as the room for what stands in it. */
export interface ShownControl {
  control: 'input' | 'select' | 'area' | 'mark'
  /** the room inside its padding: em of its own font across, lines down */
  room: { em: number; lines: number }
  /** what stands in it */
  shows: string
  /** whether that only hints at what to write */
  isHint: boolean
  /** what can be chosen from */
  options?: string[]
  /** the form of what is ticked, and whether it is */
  mark?: { form: 'square' | 'circle' | 'switch'; isOn: boolean }
}

/** A drawn form, as path data in a box of so many px, stretched to the room it has. */
export interface ShownPiece {
  d: string
  width: number
  height: number
}

/** What a primitive shows of itself. Only `blocks` has other things standing in it. */
export type PrimitiveContent =
  | {
      type: 'blocks'
      /** parts of its own in their order; `own` is where the block's children stand, or one of them by its key */
      holds: (Part | 'own' | { child: string })[]
    }
  | {
      type: 'text'
      text: RichText
      /** its lines stand in the middle of a box taller than they are */
      middle?: boolean
      /** the whole of it is a link, so that no part of it leads elsewhere */
      isLink?: boolean
      /** a link that is no running text is not underlined */
      isBare?: boolean
    }
  | ({ type: 'picture' } & ShownPicture)
  | ({ type: 'icon'; size: WrittenLength } & ShownIcon)
  | ({ type: 'control' } & ShownControl)
  /** something drawn, as large as it says where its size is `fit` */
  | { type: 'shape'; shape: 'line'; isDown: boolean; width: WrittenLength; height: WrittenLength }
  | ({ type: 'piece' } & ShownPiece)

export type ContentType = PrimitiveContent['type']

/** Attributes an HTML element needs beyond its class. */
export type ElementAttributes = Record<string, string | undefined>

/** What a block is made of. */
export interface Primitive {
  content: PrimitiveContent
  /** its element, where what it is made of asks for another than the block's */
  tag?: Tag
  attributes?: ElementAttributes
  /** whether something it names was deleted */
  isGone?: boolean
}

/** A primitive that stands in a block beside or around its children: its name tells it from its siblings. */
export interface Part extends Primitive {
  name: string
  tag: Tag
  values: Varying
  /** a pane that is shut: not drawn, but there in HTML, where a visitor may open it */
  isClosed?: boolean
  /** set in the block's own type level, colour and alignment, where it has none of its own */
  isDressed?: true
  /** the states it is drawn in */
  states?: PartState[]
  /** what it has in a state where the style guide says nothing else */
  inState?: Partial<Record<PartState, Varying>>
}

/** A box around a block's own children and nothing else. */
export const OWN_CHILDREN: PrimitiveContent = { type: 'blocks', holds: ['own'] }
