import { computed, shallowRef } from 'vue'
import { REACH } from '@nolvex/core/snap/dropSpot'
import type { Held } from './gesture'

/** Keys held while something is moved or pulled, and what each asks for. */
export const WAYS = {
  F: 'free of hints',
  P: 'in proportion',
  C: 'from the centre',
  E: 'only what it encloses',
} as const

/**
 * The keys that are held while a gesture goes on. They are listened to only then, and before all commands, whose keys
 * they may be.
 */
export function useHeldWays(zoom: () => number) {
  const down = shallowRef<ReadonlySet<string>>(new Set())
  let listening: AbortController | undefined

  function press(event: KeyboardEvent) {
    const key = event.key.toUpperCase()
    if (!(key in WAYS)) return
    event.stopPropagation()
    event.preventDefault()
    const isDown = event.type === 'keydown'
    if (isDown === down.value.has(key)) return
    const others = [...down.value].filter((one) => one !== key)
    down.value = new Set(isDown ? [...others, key] : others)
  }

  function listen() {
    if (listening) return
    listening = new AbortController()
    const { signal } = listening
    for (const type of ['keydown', 'keyup'] as const)
      window.addEventListener(type, press, { signal, capture: true })
  }
  function stop() {
    listening?.abort()
    listening = undefined
    down.value = new Set()
  }

  const held = computed((): Held => ({
    // As near on the screen at any zoom.
    reach: down.value.has('F') ? 0 : REACH / Math.min(1, zoom()),
    keepsShape: down.value.has('P'),
    fromCentre: down.value.has('C'),
    onlyEnclosed: down.value.has('E'),
  }))
  return { held, listen, stop }
}
