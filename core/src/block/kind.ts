import type { z } from 'zod'
import type { RichText } from '../document/richText'
import type { Field } from './field'
import type { ResolvedLook } from './looks'
import type { Primitive } from './primitive'
import type { Tag } from './tags'
import type { Varying } from './varying'

/** What an anatomy is made from: what the block says and holds, how it looks, and what the site says of it. */
export interface AnatomyFacts<Data> {
  text: RichText
  data: Partial<Data>
  look: ResolvedLook
  /** whether its width, and its height, go by what it shows */
  isFit: { across: boolean; down: boolean }
  /** Where a page stands on the site, or nothing when it is gone. */
  pageAddress: (page: string) => string | undefined
}

/** Something the shelf offers: what a new block begins with. */
export interface ShelfEntry {
  id: string
  label: string
  /** words it is also found by */
  also: string
  block: {
    name?: string
    tag?: Tag
    text?: RichText
    data?: Record<string, unknown>
    look?: Varying['look']
  }
}

/** A block kind: one file each, registered in `kinds.ts`. */
export interface BlockKind<Name extends string, Data> {
  kind: Name
  /** its name in the interface */
  label: string
  /** what it holds beside text and other blocks */
  data: z.ZodType<Data>
  /** HTML elements it may become, the usual one first */
  tags: [Tag, ...Tag[]]
  /** role of the type level its text is set in, where it differs from the tag */
  levelRole?: string
  /** where it may stand: on the page itself, or in another block */
  standsOn: 'page' | 'block'
  /** whether other blocks may stand in it */
  takesBlocks: boolean
  /** whether it keeps to the band's margins where it has no padding of its own at its sides */
  keepsMargins?: true
  /** the values it has where nothing else is said */
  values: Varying
  /** What it is made of. */
  anatomy: (facts: AnatomyFacts<Data>) => Primitive
  particulars: Field[]
  shelf: ShelfEntry[]
}

/** Types a kind by its name and the schema of what it holds. */
export const defineKind = <Name extends string, Data>(kind: BlockKind<Name, Data>) => kind
