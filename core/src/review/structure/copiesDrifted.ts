import { nameOf, type Block } from '../../block/block'
import { drawingIn } from '../../resolve/pageSources'
import { titleOf, type DrawingFacts } from '../drawing/drawingFacts'
import type { DrawingRule } from '../drawing/drawingRule'

/** blocks a shared one holds at least to be known again, and the share of their names that is the same */
const [FEW, ALIKE] = [3, 0.75]

/** Blocks that were a copy once, or were drawn anew, and no longer follow the shared one they are like. */
export const copiesDrifted: DrawingRule = {
  id: 'copiesDrifted',
  label: 'Like a shared block, and no copy of it',
  why: 'What changes in the shared block does not change here: the two drift apart, and nobody sees when.',
  severity: 'slight',
  from: 'plain',
  find: (facts) => {
    const originals = originalsOf(facts)
    if (originals.length === 0) return []
    const tree = new BlockTree(facts.blocks)
    return Object.values(facts.blocks).flatMap((block) => {
      if (block.kind === 'copy') return []
      const names = tree.namesFrom(block)
      const like = originals.find((one) => likeness(one.names, names) >= ALIKE)
      if (!like) return []
      return [
        {
          place: { collection: 'blocks' as const, id: block.id, page: facts.page.id },
          says: `${nameOf(block)} on ${titleOf(facts)} is like the shared ${like.name} and no copy of it: it does not follow.`,
        },
      ]
    })
  },
}

/** Shared blocks with what the blocks in them are called. */
const originalsOf = ({ sources: { style, around } }: DrawingFacts) =>
  Object.values(style.records.shared).flatMap(({ id, name, root }) => {
    const blocks = drawingIn(around, id)?.records.blocks ?? {}
    const names = root in blocks ? new BlockTree(blocks).namesFrom(blocks[root]) : []
    return names.length >= FEW ? [{ name, names }] : []
  })

const calledAs = (block: Block): string => `${block.kind} ${nameOf(block)}`

/** Blocks with what stands in each. */
class BlockTree {
  private below = new Map<string, Block[]>()

  constructor(blocks: Record<string, Block>) {
    for (const block of Object.values(blocks)) {
      const { parent } = block
      if (parent !== undefined) this.add(parent, block)
    }
  }

  private add(parent: string, block: Block) {
    const siblings = this.below.get(parent)
    if (siblings) siblings.push(block)
    else this.below.set(parent, [block])
  }

  /** What a block and the blocks in it are called. */
  namesFrom(block: Block): string[] {
    return [calledAs(block), ...(this.below.get(block.id) ?? []).flatMap((inside) => this.namesFrom(inside))]
  }
}

/** The share of two lists of names that is in both. */
function likeness(one: string[], other: string[]): number {
  // Far more, or far fewer, are no copy.
  if (other.length < ALIKE * one.length || one.length < ALIKE * other.length) return 0
  const left = [...other]
  let both = 0
  for (const name of one) {
    const at = left.indexOf(name)
    if (at < 0) continue
    left.splice(at, 1)
    both++
  }
  return both / (one.length + other.length - both)
}
