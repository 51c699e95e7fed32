import { kindOf, leafShownBy, takesBlocks, type Block } from '../block/block'
import type { BlockKindName } from '../block/kinds'
import type { Json, Operation } from '../document/types'
import { removeBlocks } from './blockChanges'

type Blocks = Record<string, Block>

/** Kinds that show words of their own, kinds that hold other blocks, and kinds that show a picture. */
const WORDS: BlockKindName[] = ['text', 'list', 'link', 'button', 'logo', 'field']
const HOLDERS: BlockKindName[] = ['box', 'form', 'tabs', 'accordion', 'carousel']
const PICTURES: BlockKindName[] = ['picture', 'media', 'map']

/** The kinds a block may be changed into, so that what it says or holds comes along. */
export function kindsFitting(blocks: Blocks, block: Block): BlockKindName[] {
  const { kind } = block
  const family = [WORDS, HOLDERS, PICTURES].find((one) => one.includes(kind)) ?? []
  const others = family.filter((one) => one !== kind)
  if (kind === 'line') return ['field']
  return kind === 'box' && wordsIn(blocks, block) ? [...others, 'button', 'link'] : others
}

/**
 * Changes a block into another kind. Words become the label of a field and the other way round; a box becomes a button
 * with the words of its texts, which go; what only the old kind knows is cleared.
 */
export function changeKind(blocks: Blocks, id: string, kind: BlockKindName): Operation[] {
  const block = blocks[id]
  const set = (path: string[], value?: Json): Operation => {
    return { type: 'set', collection: 'blocks', id, path, ...(value === undefined ? {} : { value }) }
  }
  const target = { kind }
  const words = (block.data?.label as string | undefined) ?? wordsOf(block) ?? wordsIn(blocks, block)
  const says = leafShownBy(target, 'richText') !== undefined
  const children = Object.values(blocks).filter(({ parent }) => parent === id)
  return [
    ...(takesBlocks(target)
      ? []
      : removeBlocks(
          blocks,
          children.map((child) => child.id),
        )),
    ...Object.keys(block.data ?? {}).map((key) => set(['data', key])),
    ...(block.variant === undefined ? [] : [set(['variant'])]),
    ...(block.tag === undefined || kindOf(target).tags.includes(block.tag) ? [] : [set(['tag'])]),
    set(['kind'], kind),
    ...(says
      ? block.text || !words
        ? []
        : [set(['text'], [{ insert: words }])]
      : block.text
        ? [set(['text'])]
        : []),
    ...(kind === 'field' && words ? [set(['data', 'label'], words.slice(0, 500))] : []),
  ]
}

function wordsOf({ text }: Block): string | undefined {
  return (
    text
      ?.map(({ insert }) => insert)
      .join('')
      .trim() || undefined
  )
}

/** The words of a box that holds nothing but texts. */
function wordsIn(blocks: Blocks, block: Block): string | undefined {
  const children = Object.values(blocks).filter(({ parent }) => parent === block.id)
  if (children.length === 0 || children.some(({ kind }) => kind !== 'text')) return undefined
  return children.map(wordsOf).filter(Boolean).join(' ') || undefined
}
