import { shallowRef } from 'vue'
import type { Presence, Where } from '@nolvex/core/document/presence'

/** ms after which one who says nothing any more is taken to be gone, and between two times one says where one is */
const GONE = 25_000
const AGAIN = 10_000
/** ms that several moves are said at once */
const TOGETHER = 150

/** Somebody else who has the project open, and where they are. */
export interface Other {
  from: string
  where: Where
}

/**
 * Where others are in the project, and telling them where one is oneself: when that changes, every few seconds, and to
 * whoever comes.
 */
export function useOthers(say: (where: Where | null) => void) {
  const shown = shallowRef<Other[]>([])
  const heard = new Map<string, { where: Where; at: number }>()
  let own: Where | null = null
  let telling: ReturnType<typeof setTimeout> | undefined
  let repeating: ReturnType<typeof setInterval> | undefined

  const show = () => (shown.value = [...heard].map(([from, { where }]) => ({ from, where })))

  function tell() {
    if (telling) return
    telling = setTimeout(() => {
      telling = undefined
      say(own)
    }, TOGETHER)
  }
  function hear({ from, where }: Presence) {
    if (where && !heard.has(from) && own) tell()
    if (where) heard.set(from, { where, at: Date.now() })
    else heard.delete(from)
    show()
  }
  function beAt(where: Where | null) {
    own = where
    tell()
    repeating ??= setInterval(() => {
      const before = Date.now() - GONE
      for (const [from, { at }] of heard) if (at < before) heard.delete(from)
      show()
      if (own) say(own)
    }, AGAIN)
    if (!where) {
      clearInterval(repeating)
      repeating = undefined
    }
  }
  function forget() {
    heard.clear()
    show()
  }
  return { shown, hear, beAt, forget }
}
