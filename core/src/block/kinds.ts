import type { BlockKind } from './kind'
import { box } from './kinds/box'
import { button } from './kinds/button'
import { line } from './kinds/line'
import { link } from './kinds/link'
import { picture } from './kinds/picture'
import { section } from './kinds/section'
import { text } from './kinds/text'

/** Every block kind by name, in the order of the shelf. A new kind is one file in `kinds/` and one line here. */
export const blockKinds = { section, box, text, picture, button, link, line }

export type BlockKindName = keyof typeof blockKinds
/** Any kind, where it does not matter which. */
// A kind's anatomy takes what its own schema gives; no other type says so of all of them at once.
// eslint-disable-next-line @typescript-eslint/no-explicit-any
export type AnyKind = BlockKind<BlockKindName, any>

export const kindNamed = (name: BlockKindName): AnyKind => blockKinds[name]
