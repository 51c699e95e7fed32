import type { PageLayout } from '../../layout/pageLayout'
import type { BlockNode } from '../../resolve/node'
import { isFilledAction, seenBlocks } from '../drawing/seenBlocks'
import type { Met } from './eyeOrder'
import { outOfOrder, type OutOfOrder } from './intendedOrder'

/** What is meant to be met, first to last. */
export interface Meant {
  keys: string[]
  /** whether the designer gave the ranks; else it is what a page is expected to do */
  isRanked: boolean
}

/**
 * What is meant to be met first: the ranks the designer gave, or where there are none the main heading and the first
 * action after it.
 * @param rankOf the rank of a block, where it has one
 * @param height px of the page that are seen at once
 */
export function meantOrder(
  layout: PageLayout,
  rankOf: (node: BlockNode) => number | undefined,
  height: number,
): Meant {
  const seen = seenBlocks(layout).filter(({ y }) => y < height)
  const ranked = seen.flatMap(({ node }) => {
    const rank = node.isPart ? undefined : rankOf(node)
    return rank === undefined ? [] : [{ key: node.key, rank }]
  })
  if (ranked.length)
    return { keys: ranked.sort((a, b) => a.rank - b.rank).map(({ key }) => key), isRanked: true }
  const words = seen.filter((one) => one.label)
  const heading = words.find(({ node }) => node.tag === 'h1') ?? words.find(({ node }) => node.tag === 'h2')
  if (!heading) return { keys: [], isRanked: false }
  const action = words.slice(words.indexOf(heading)).find(isFilledAction)
  return { keys: [heading.node.key, ...(action ? [action.node.key] : [])], isRanked: false }
}

/** Blocks that are meant to be met in an order, the first of all they are among. */
export interface MeantGroup {
  keys: string[]
  among: string[]
}

/**
 * What is to be met in which order, among what. Ranks count against everything there is; without them a heading is
 * expected to lead the words, and the action what can be pressed: a picture may well be met before either.
 */
export function meantGroups(order: Met[], { keys, isRanked }: Meant): MeantGroup[] {
  const there = keys.filter((key) => order.some(({ facts }) => facts.key === key))
  if (there.length === 0) return []
  if (isRanked) return [{ keys: there, among: order.map(({ facts }) => facts.key) }]
  return there.map((key) => {
    const kind = order.find(({ facts }) => facts.key === key)?.facts.kind
    return { keys: [key], among: order.flatMap(({ facts }) => (facts.kind === kind ? [facts.key] : [])) }
  })
}

/** Where what is met differs from what was meant. */
export const notAsMeant = (order: Met[], meant: Meant): OutOfOrder[] =>
  meantGroups(order, meant).flatMap(({ keys, among }) =>
    outOfOrder(
      order.filter(({ facts }) => among.includes(facts.key)),
      keys,
    ),
  )
