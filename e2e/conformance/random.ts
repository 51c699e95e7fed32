/** A seeded source of choices (mulberry32), so that a failing tree can be made again. */
export class Random {
  constructor(private state: number) {}

  /** 0 to below 1 */
  next(): number {
    this.state = (this.state + 0x6d2b79f5) | 0
    let t = Math.imul(this.state ^ (this.state >>> 15), 1 | this.state)
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296
  }

  /** A whole number from `least` to `most`. */
  int(least: number, most: number): number {
    return least + Math.floor(this.next() * (most - least + 1))
  }

  chance(share: number): boolean {
    return this.next() < share
  }

  pick<T>(choices: readonly T[]): T {
    return choices[Math.floor(this.next() * choices.length)]
  }

  /** The value, or nothing in all but `share` of the cases. */
  maybe<T>(share: number, value: () => T): T | undefined {
    return this.chance(share) ? value() : undefined
  }
}
