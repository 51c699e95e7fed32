const SAME = 0.01

/**
 * Places tied together by known distances: a union-find with offsets, in which every part keeps the stretch it may still
 * move in, so that nothing ever goes farther than it may from where it was.
 */
export class BoundedOffsets {
  private up: Int32Array
  /** px from what it hangs on */
  private offset: Float64Array
  private from: Float64Array
  private to: Float64Array

  /** @param most px each place may move; the first two, what everything stands in, may not */
  constructor(
    private places: Float64Array,
    most: number,
  ) {
    const room = (index: number) => (index < 2 ? 0 : most)
    this.up = Int32Array.from(places, (_, index) => index)
    this.offset = new Float64Array(places.length)
    this.from = places.map((place, index) => place - room(index))
    this.to = places.map((place, index) => place + room(index))
  }

  /** Lets a place move as far as another one, too. */
  reachTo(index: number, place: number) {
    this.from[index] = Math.min(this.from[index], place)
    this.to[index] = Math.max(this.to[index], place)
  }

  /** Ties two places so that the second stands so many px after the first, unless that contradicts what is tied already. */
  tie(first: number, second: number, distance: number): void {
    const [one, fromOne] = this.rootOf(first)
    const [other, fromOther] = this.rootOf(second)
    if (one === other) return
    const apart = fromOne + distance - fromOther
    const from = Math.max(this.from[one], this.from[other] - apart)
    const to = Math.min(this.to[one], this.to[other] - apart)
    if (from > to + 1e-9) return
    this.up[other] = one
    this.offset[other] = apart
    this.from[one] = from
    this.to[one] = to
  }

  /** Where everything comes to stand: each part with the least movement of its places, on a whole px. */
  settled(): Float64Array {
    const parts = new Map<number, number[]>()
    this.places.forEach((_, index) => {
      const [root] = this.rootOf(index)
      const part = parts.get(root)
      if (part) part.push(index)
      else parts.set(root, [index])
    })
    const settled = new Float64Array(this.places.length)
    for (const [root, indexes] of parts) {
      const wanted = middle(indexes.map((index) => this.places[index] - this.rootOf(index)[1]))
      const [least, most] = [Math.ceil(this.from[root] - 1e-9), Math.floor(this.to[root] + 1e-9)]
      // What stands between whole px and may not move to one stays.
      const at = least > most ? wanted : Math.max(least, Math.min(most, Math.round(wanted)))
      for (const index of indexes) settled[index] = at + this.rootOf(index)[1]
    }
    return settled
  }

  /** What a place hangs on at last, and how far it is from that. */
  private rootOf(index: number): [root: number, offset: number] {
    let [root, offset] = [index, 0]
    while (this.up[root] !== root) {
      offset += this.offset[root]
      root = this.up[root]
    }
    // The way is made shorter for the next time.
    let [here, rest] = [index, offset]
    while (this.up[here] !== root && here !== root) {
      const [next, own] = [this.up[here], this.offset[here]]
      this.up[here] = root
      this.offset[here] = rest
      rest -= own
      here = next
    }
    return [root, offset]
  }
}

export const isSame = (a: number, b: number) => Math.abs(a - b) < SAME

function middle(values: number[]): number {
  const sorted = values.sort((a, b) => a - b)
  const at = sorted.length >> 1
  return sorted.length % 2 ? sorted[at] : (sorted[at - 1] + sorted[at]) / 2
}
