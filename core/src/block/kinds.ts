import type { Block, BlockKindName, Tag } from './block'
import type { BlockKind } from './kind'
import { box } from './kinds/box'
import { button } from './kinds/button'
import { picture } from './kinds/picture'
import { section } from './kinds/section'
import { text } from './kinds/text'

/** Every block kind by name. A new kind is one file in `kinds/` and one line here. */
export const blockKinds: Record<BlockKindName, BlockKind> = { section, box, text, picture, button }

/** The HTML element of a block: its own choice, or the usual one of its kind. */
export function tagOf(block: Pick<Block, 'kind' | 'tag'>): Tag {
  const { tags } = blockKinds[block.kind]
  return block.tag && tags.includes(block.tag) ? block.tag : tags[0]
}

/** Why a block of kind `child` cannot stand in one of kind `parent` (undefined: the page itself), or nothing. */
export function refusesParent(parent: BlockKindName | undefined, child: BlockKindName): string | undefined {
  if (child === 'section') return parent === undefined ? undefined : 'A section stands on the page itself.'
  if (parent === undefined) return `A ${blockKinds[child].label.toLowerCase()} stands in a section or a box.`
  if (blockKinds[parent].holds !== 'blocks')
    return `A ${blockKinds[parent].label.toLowerCase()} holds no blocks.`
  return undefined
}
