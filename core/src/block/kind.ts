import type { z } from 'zod'
import type { RichText } from '../document/richText'
import type { Arrange } from './arrange'
import type { Field } from './field'
import type { ResolvedLook } from './looks'
import type { PartState } from './partState'
import type { Primitive } from './primitive'
import type { SiteFacts } from './siteFacts'
import type { Tag } from './tags'
import type { Varying } from './varying'

export type StandsOn = 'page' | 'block'

/** A block that stands in another, as that sees it. */
export interface ChildFacts {
  key: string
  name: string
  /** its place among all children at the lead band, from 1 */
  place: number
  /** whether the band does not show it */
  isHidden: boolean
}

/** What an anatomy is made from: what the block says and holds, how it looks, and what the site says of it. */
export interface AnatomyFacts<Data> {
  /** of the instance: what ids within the page are made from */
  key: string
  text: RichText
  data: Partial<Data>
  look: ResolvedLook
  /** how its children stand, as it is written */
  arrange: Arrange
  /** whether its width, and its height, go by what it shows */
  isFit: { across: boolean; down: boolean }
  /** how it shows itself at this band, where its kind has several ways */
  manner: Varying['manner']
  /** the map's section it is */
  section: string | undefined
  /** its children in their order, where they stand in panes */
  children: ChildFacts[]
  site: SiteFacts
  /** px of icons of no size of their own, where the style guide says it */
  iconSize?: number
}

/** What a new block begins with. */
export interface NewBlock {
  name?: string
  tag?: Tag
  variant?: string
  text?: RichText
  data?: Record<string, unknown>
  arrange?: Varying['arrange']
  place?: Varying['place']
  look?: Varying['look']
  manner?: Varying['manner']
  /** blocks that stand in it from the beginning */
  holds?: (NewBlock & { kind: string })[]
}

/** Something the shelf offers. */
export interface ShelfEntry {
  id: string
  label: string
  /** words it is also found by */
  also: string
  block: NewBlock
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
  standsOn: StandsOn | ((data: Partial<Data>) => StandsOn)
  /** whether other blocks may stand in it */
  takesBlocks: boolean | ((data: Partial<Data>) => boolean)
  /** states that it, or a piece of it, may come into; none where it does not say */
  states?: PartState[]
  /** what stands in its place: blocks that are shared, or its own once for each row of a collection */
  expands?: 'shared' | 'rows'
  /** whether it may list the rows of a collection as its cells */
  listsRows?: true
  /** whether its children stand in panes, of which some may be shut */
  hasPanes?: true
  /** whether it keeps to the band's margins where it has no padding of its own at its sides */
  keepsMargins?: true
  /** the values it has where nothing else is said */
  values: Varying
  /** other sets of values a block may take, by name: they lie over the usual ones */
  variants?: Record<string, { label: string; values: Varying }>
  /** What it is made of. */
  anatomy: (facts: AnatomyFacts<Data>) => Primitive
  particulars: Field[]
  shelf: ShelfEntry[]
}

/** Types a kind by its name and the schema of what it holds. */
export const defineKind = <Name extends string, Data>(kind: BlockKind<Name, Data>) => kind
