import 'fake-indexeddb/auto'

/** Locks by name, as tabs of one browser hold them. */
class PretendLocks {
  private held = new Set<string>()

  async request(
    name: string,
    options: { ifAvailable?: boolean } | (() => Promise<unknown>),
    work?: (lock: object | null) => Promise<unknown>,
  ): Promise<unknown> {
    const run = work ?? (options as () => Promise<unknown>)
    if (this.held.has(name)) return run(null as never)
    this.held.add(name)
    try {
      return await run({ name } as never)
    } finally {
      this.held.delete(name)
    }
  }

  /** What a tab held that was closed or has crashed. */
  releaseAll() {
    this.held.clear()
  }
}

/** The locks of the browser, which has a database of its own too. */
export const locks = new PretendLocks()

Object.defineProperty(globalThis, 'navigator', { value: { locks }, configurable: true })

/** Waits until something is so, letting everything that waits run meanwhile. */
export async function until(isSo: () => boolean, what = 'what was waited for'): Promise<void> {
  for (let turn = 0; turn < 2000; turn++) {
    if (isSo()) return
    await new Promise((resolve) => setImmediate(resolve))
  }
  throw new Error(`${what} did not come about`)
}
