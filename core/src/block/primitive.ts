import type { RichText } from '../document/richText'
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
}

/** What a primitive shows of itself. Only `blocks` has other things standing in it. */
export type PrimitiveContent =
  | {
      type: 'blocks'
      /** parts of its own in their order; `own` is where the block's children stand */
      holds: (Part | 'own')[]
    }
  | {
      type: 'text'
      text: RichText
      /** its lines stand in the middle of a box taller than they are */
      middle?: boolean
      /** the whole of it is a link, so that no part of it leads elsewhere */
      isLink?: boolean
    }
  | ({ type: 'picture' } & ShownPicture)
  /** something drawn, as large as it says where its size is `fit` */
  | { type: 'shape'; shape: 'line'; isDown: boolean; width: WrittenLength; height: WrittenLength }

export type ContentType = PrimitiveContent['type']

/** Attributes an HTML element needs beyond its class. */
export type ElementAttributes = Record<string, string | undefined>

/** What a block is made of. */
export interface Primitive {
  content: PrimitiveContent
  attributes?: ElementAttributes
}

/** A primitive that stands in a block beside or around its children: its name tells it from its siblings. */
export interface Part extends Primitive {
  name: string
  tag: Tag
  values: Varying
}

/** A box around a block's own children and nothing else. */
export const OWN_CHILDREN: PrimitiveContent = { type: 'blocks', holds: ['own'] }
