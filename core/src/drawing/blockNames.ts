import { kindOf, tagOf, type Block } from '../block/block'
import { plainText } from '../document/richText'
import { childrenByParent, treeInOrder } from '../document/tree'
import { cutText } from '../text/cutText'

type Blocks = Record<string, Block>

const [LONGEST_SECTION, LONGEST_WORDS] = [30, 40]

/** The blocks of a drawing in reading order. */
const inReadingOrder = (blocks: Blocks): Block[] =>
  treeInOrder(childrenByParent(blocks)).map(({ record }) => record)

/**
 * Names for the blocks of a drawing that have none: what they are and where, each another than all there are. Copies are
 * called as what they follow.
 */
export function namesForUnnamed(blocks: Blocks): Map<string, string> {
  const freeName = freeNames(namesIn(blocks))
  const isNameless = (block: Block) => !block.name && kindOf(block).expands !== 'shared'
  const nameless = inReadingOrder(blocks).filter(isNameless)
  return new Map(nameless.map((block) => [block.id, freeName(suggested(blocks, block))]))
}

/** New names for blocks that are called as one before them is. */
export function namesForSameNamed(blocks: Blocks): Map<string, string> {
  const freeName = freeNames(namesIn(blocks))
  const known = new Set<string>()
  const again = inReadingOrder(blocks).filter(({ name }) => {
    if (!name) return false
    const isAgain = known.has(name)
    known.add(name)
    return isAgain
  })
  return new Map(again.map((block) => [block.id, freeName(block.name as string)]))
}

const namesIn = (blocks: Blocks): Set<string> =>
  new Set(Object.values(blocks).flatMap(({ name }) => name ?? []))

/** Gives names nothing has yet, which are then taken: a base, or the base with the first number that is free. */
function freeNames(taken: Set<string>): (base: string) => string {
  const counts = new Map<string, number>()
  return (base) => {
    let free = base
    let count = counts.get(base) ?? 2
    for (; taken.has(free); count++) free = `${base} ${count}`
    counts.set(base, count)
    taken.add(free)
    return free
  }
}

/** What leads somewhere is called as it says; all else by its section and what it is there. */
function suggested(blocks: Blocks, block: Block): string {
  const { label, particulars } = kindOf(block)
  const leads = particulars.some(({ control }) => control.type === 'target')
  const words = leads ? plainText(block.text).replaceAll(/\s+/g, ' ').trim() : ''
  if (words) return cutText(words, LONGEST_WORDS)
  const isHeading = /^h[1-6]$/.test(tagOf(block))
  const role = isHeading ? 'heading' : label.toLowerCase()
  const around = sectionName(blocks, block)
  return around ? `${cutText(around, LONGEST_SECTION)} ${role}` : label
}

function sectionName(blocks: Blocks, block: Block): string | undefined {
  let top = block
  while (top.parent && blocks[top.parent]) top = blocks[top.parent]
  return top === block ? undefined : top.name
}
