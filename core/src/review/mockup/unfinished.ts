import type { BlockKindName } from '../../block/kinds'
import type { Block } from '../../block/block'
import { plainText } from '../../document/richText'
import type { Documents } from '../../document/types'
import { isStandIn } from '../../draft/standIns'
import { rawValues } from '../../edit/rawValues'
import type { BlockNode, PageNode } from '../../resolve/node'
import { drawingIn } from '../../resolve/pageSources'
import { startParts } from '../../style/startParts'
import type { StyleDocument } from '../../style/style'

/** What a page still lacks to be a mockup: a picture, words, a part that dresses it, tokens for its values. */
export type Lack = 'picture' | 'words' | 'part' | 'tokens'

export interface Unfinished {
  lack: Lack
  says: string
  /** key of the instance it is about; nothing for what concerns the guide */
  key?: string
  /** the kind of block no part dresses */
  kind?: BlockKindName
}

/** Kinds a computed guide dresses: a guide without a part for one of them leaves it as wireframes have it. */
const DRESSED = new Set(startParts({ density: 1, isPill: false }).map(({ kind }) => kind))

/**
 * What of a page is not finished, in its reading order; what the guide lacks comes last.
 * @param page as it is resolved at the lead band
 * @param documents of the project
 * @param id of the page
 */
export function unfinished(page: Pick<PageNode, 'children'>, documents: Documents, id: string): Unfinished[] {
  const { records } = documents.style as unknown as StyleDocument
  const { found, kinds } = lacksOn(page, documents)
  const parts = new Set(Object.values(records.parts).map(({ kind }) => kind))
  const bare = [...kinds].filter((kind) => DRESSED.has(kind) && !parts.has(kind))
  return [...found, ...bare.map(withoutPart), ...rawOn(documents, id)]
}

/** What blocks of a page lack themselves, in its reading order, with the kinds there are. */
export function lacksOn(
  page: Pick<PageNode, 'children'>,
  documents: Documents,
): { found: Unfinished[]; kinds: Set<BlockKindName> } {
  const found: Unfinished[] = []
  const kinds = new Set<BlockKindName>()
  const walk = (node: BlockNode) => {
    if (!node.isPart) {
      found.push(...lacksOf(node))
      const { document, record } = node.origin
      const blocks = drawingIn(documents, document)?.records.blocks as Record<string, Block> | undefined
      const block = blocks?.[record]
      if (block) kinds.add(block.kind)
      if (block?.kind === 'list' && isStandIn(plainText(block.text))) found.push(onlyStandsIn(node))
      if (isPaneIn(blocks, block) && isStandIn(node.name)) found.push(onlyNamed(node))
    }
    node.children.forEach(walk)
  }
  page.children.forEach(walk)
  return { found, kinds }
}

function lacksOf({ key, name, content, isMissing }: BlockNode): Unfinished[] {
  if (content.type === 'picture' && content.asset === undefined && content.plays === undefined)
    return [{ lack: 'picture', key, says: `${name} has no picture yet.` }]
  if (content.type === 'text' && isStandIn(content.runs.map(({ text }) => text).join('')))
    return [onlyStandsIn({ key, name })]
  if (isMissing) return [{ lack: 'words', key, says: `${name} has no words yet.` }]
  return []
}

const onlyStandsIn = ({ key, name }: Pick<BlockNode, 'key' | 'name'>): Unfinished => ({
  ...{ lack: 'words', key },
  says: `${name} has words that only stand in.`,
})

/** Whether a block is a pane, whose name is shown. */
const isPaneIn = (blocks: Record<string, Block> | undefined, block: Block | undefined) =>
  ['accordion', 'tabs'].includes(blocks?.[block?.parent ?? '']?.kind ?? '')
const onlyNamed = ({ key, name }: BlockNode): Unfinished => ({
  ...{ lack: 'words', key },
  says: `“${name}” is a name that only stands in.`,
})

const withoutPart = (kind: BlockKindName): Unfinished => ({
  ...{ lack: 'part', kind },
  says: `The style guide says nothing of how a ${kind} is dressed.`,
})

function rawOn(documents: Documents, id: string): Unfinished[] {
  const own = documents[id]
  if (!own) return []
  const count = rawValues({
    style: { ...documents.style, records: { ...documents.style.records, parts: {} } },
    [id]: own,
  }).reduce((sum, raw) => sum + raw.count, 0)
  if (count === 0) return []
  return [
    {
      lack: 'tokens',
      says: `${count === 1 ? 'One value names' : `${count} values name`} no token of the guide.`,
    },
  ]
}
