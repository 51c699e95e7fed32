import type { BlockKindName } from '../block/kinds'
import type { NewBlock } from '../block/kind'
import type { Varying } from '../block/varying'

/** How wide a band is, by which patterns say how they stand there. */
export type BandSize = 'narrow' | 'medium' | 'wide'

/** Twelfths of the columns something takes: so many, or from the twelfth where it begins on; or all of them. */
export type Twelfths = number | [from: number, count: number] | 'all'

/** Columns something takes, by size of band; one that is not named goes by the next wider. */
export type Columns = { wide: Twelfths } & Partial<Record<BandSize, Twelfths>>

/** A block of a pattern with all that stands in it, and how it is otherwise at smaller bands. */
export interface Piece extends Omit<NewBlock, 'holds'> {
  kind: BlockKindName
  columns?: Columns
  medium?: Varying
  narrow?: Varying
  holds?: Piece[]
}
