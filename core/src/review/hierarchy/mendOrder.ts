import { eyeScore } from './eyeOrder'
import type { BlockFacts } from './judgedBlock'
import type { MeantGroup } from './meantOrder'
import type { OrderChange } from './orderChanges'

/** How far one block is to lead the next, and how much of that has to be left once it is painted. */
const [WANTED_LEAD, LEAST_LEAD] = [0.25, 0.05]
/** how often it is painted to see whether a set of changes does what was expected */
const MOST_ROUNDS = 8
/** what a block that is changed at all costs, and each change to it: few blocks before many */
const [TOUCHED, EACH] = [0.2, 0.01]

/** Changes of one block that go together. */
interface Option {
  set: OrderChange[]
  cost: number
  score: number
}

/** The least change that puts what is met in the order that was meant. */
export interface MendedOrder {
  changes: OrderChange[]
  cost: number
}

/**
 * The cheapest changes after which blocks are met in the order they are meant to be. A block's draw depends on itself
 * alone, twins aside: so the cheapest is found exactly, by dynamic programming down the order. Then it is painted and
 * measured; where it does not hold, what was measured takes the place of what was expected, and it is looked for again.
 * @param facts of the page as it stands
 * @param groups what is to be met in which order, among what
 * @param measure the facts of the page once changes are made
 * @returns nothing where no set of changes does it
 */
export async function mendOrder(
  facts: BlockFacts[],
  groups: MeantGroup[],
  changes: OrderChange[],
  measure: (changes: OrderChange[]) => Promise<BlockFacts[]>,
): Promise<MendedOrder | undefined> {
  const options = new Map(facts.map((one) => [one.key, optionsOf(one, changes)]))
  for (let round = 0; round < MOST_ROUNDS; round++) {
    const picks = new Map<string, Option>()
    let cost = 0
    for (const group of groups) {
      const cheapest = cheapestOf(group, options)
      if (!cheapest) return undefined
      cost += cheapest.cost
      for (const [key, option] of cheapest.picks) picks.set(key, option)
    }
    const set = [...picks.values()].flatMap((option) => option.set)
    const scores = new Map((await measure(set)).map((one) => [one.key, eyeScore(one)]))
    if (groups.every((group) => leastLead(group, scores) >= LEAST_LEAD)) return { changes: set, cost }
    learn(picks, scores, options)
  }
  return undefined
}

/** Every set of changes a block may have, with what it is expected to draw the eye by. */
function optionsOf(facts: BlockFacts, changes: OrderChange[]): Option[] {
  const groups = new Map<string, OrderChange[]>()
  for (const change of changes)
    if (change.key === facts.key) groups.set(change.group, [...(groups.get(change.group) ?? []), change])
  let sets: { set: OrderChange[]; facts: BlockFacts }[] = [{ set: [], facts }]
  for (const group of groups.values())
    sets = sets.flatMap((before) => [
      before,
      ...group.map((change) => ({
        set: [...before.set, change],
        facts: { ...before.facts, ...change.to(before.facts) },
      })),
    ])
  return sets.map(({ set, facts: after }) => ({
    set,
    cost: set.reduce((sum, { cost }) => sum + cost + EACH, set.length ? TOUCHED : 0),
    score: eyeScore(after),
  }))
}

interface Chain {
  cost: number
  score: number
  picks: Map<string, Option>
}

/** The cheapest choice of an option for each block, so that each leads the next one and the last all others. */
function cheapestOf({ keys, among }: MeantGroup, options: Map<string, Option[]>): Chain | undefined {
  const others = among.filter((key) => !keys.includes(key))
  const of = (key: string) => options.get(key) ?? []
  let below = of(keys[keys.length - 1]).flatMap((option): Chain[] => {
    const picks = new Map([[keys[keys.length - 1], option]])
    let { cost } = option
    for (const key of others) {
      const under = of(key).filter(({ score }) => score <= option.score - WANTED_LEAD)
      const least = cheapest(under)
      if (!least) return []
      cost += least.cost
      picks.set(key, least)
    }
    return [{ cost, score: option.score, picks }]
  })
  for (const key of keys.slice(0, -1).reverse())
    below = of(key).flatMap((option): Chain[] => {
      const next = cheapest(below.filter(({ score }) => score <= option.score - WANTED_LEAD))
      if (!next) return []
      const picks = new Map([...next.picks, [key, option] as const])
      return [{ cost: next.cost + option.cost, score: option.score, picks }]
    })
  return cheapest(below)
}

const cheapest = <Priced extends { cost: number }>(all: Priced[]): Priced | undefined =>
  all.reduce<Priced | undefined>((least, one) => (!least || one.cost < least.cost ? one : least), undefined)

/** By how much a block at least leads one it is meant to be met before. */
function leastLead({ keys, among }: MeantGroup, scores: Map<string, number>): number {
  let least = Infinity
  keys.forEach((key, index) => {
    const own = scores.get(key)
    if (own === undefined) return void (least = -Infinity)
    for (const other of among) {
      const score = scores.get(other)
      const isBefore = keys.slice(0, index + 1).includes(other)
      if (score !== undefined && !isBefore) least = Math.min(least, own - score)
    }
  })
  return least
}

/** Puts what painting told in the place of what was expected. */
function learn(picks: Map<string, Option>, scores: Map<string, number>, options: Map<string, Option[]>) {
  for (const [key, pick] of picks) {
    const score = scores.get(key)
    if (score === undefined) continue
    const by = score - pick.score
    // A block that was left alone changed by what is round it: its other options do so, too.
    if (pick.set.length === 0) for (const option of options.get(key) ?? []) option.score += by
    else pick.score = score
  }
}
