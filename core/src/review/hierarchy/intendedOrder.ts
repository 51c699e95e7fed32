import { saidOfTwo, type Met } from './eyeOrder'

/** A block that was meant to be met before another, and is not. */
export interface OutOfOrder {
  meant: string
  meets: string
  says: string
}

/**
 * Where what is met differs from what was meant.
 * @param order as the eye meets them
 * @param meant keys in the order they are meant to be met, the first ones of all
 */
export function outOfOrder(order: Met[], meant: string[]): OutOfOrder[] {
  const place = new Map(order.map((met, index) => [met.facts.key, index]))
  const wanted = meant.filter((key) => place.has(key))
  const found: OutOfOrder[] = []
  wanted.forEach((key, index) => {
    const own = order[place.get(key) ?? 0]
    // What leads it: of those that are meant later, or not named at all, the strongest.
    const before = new Set(wanted.slice(0, index))
    const stronger = order.find(
      ({ facts, score }) => facts.key !== key && !before.has(facts.key) && score > own.score,
    )
    if (!stronger) return
    found.push({ meant: key, meets: stronger.facts.key, says: saidOfTwo(stronger, own) })
  })
  return found
}
