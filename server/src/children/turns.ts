import { Problem } from '../http/problem'

const MOST_WAITING = 100

/** So many at a time; who comes later waits for a turn, first come first served. */
export class Turns {
  private waiting: (() => void)[] = []
  private inside = 0

  constructor(private atATime: number) {}

  /**
   * Waits for a turn. @returns what ends it
   * @throws Problem 503 when too many wait already
   */
  async enter(signal?: AbortSignal): Promise<() => void> {
    if (this.waiting.length >= MOST_WAITING)
      throw new Problem(503, 'The server is busy with other files. Try again in a minute.')
    if (this.inside >= this.atATime) await new Promise<void>((resolve) => this.waiting.push(resolve))
    else this.inside++
    if (signal?.aborted) {
      this.leave()
      throw new Problem(409, 'This was cancelled.')
    }
    return () => this.leave()
  }

  /** Hands the turn on to who waits longest. */
  private leave() {
    const next = this.waiting.shift()
    if (next) next()
    else this.inside--
  }
}
