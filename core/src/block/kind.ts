import type { BlockKindName, Tag } from './block'
import type { Arrange, Look, Place } from './leaves'

/** What a block holds: other blocks, words or a picture. */
export type Holds = 'blocks' | 'text' | 'picture'

/** A block kind: one file each, registered in `kinds.ts`. */
export interface BlockKind {
  kind: BlockKindName
  /** its name in the interface */
  label: string
  holds: Holds
  /** HTML elements it may become, the usual one first */
  tags: [Tag, ...Tag[]]
  /** role of the type level its text is set in, by tag, where it differs from the tag */
  levelRole?: string
  arrange: Arrange
  place: Place
  look: Look
  /** ARIA role or attributes it needs beyond its element */
  attributes?: Record<string, string>
}
