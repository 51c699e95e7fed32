import { useRafFn } from '@vueuse/core'
import type { Ref } from 'vue'

/** screen px from an edge within which the page comes along */
const EDGE = 36
/** screen px a frame at the edge itself */
const FASTEST = 22

const pull = (at: number, from: number, to: number) => {
  if (at < from + EDGE) return -Math.min(1, (from + EDGE - at) / EDGE)
  if (at > to - EDGE) return Math.min(1, (at - to + EDGE) / EDGE)
  return 0
}

/**
 * While something is dragged at an edge of the desk, the page scrolls on under it. Whoever drags is told after each step
 * with the last event, as what is under the pointer has changed.
 */
export function useScrollAtEdges(
  desk: Ref<HTMLElement | undefined>,
  scrollBy: (dx: number, dy: number) => void,
) {
  let last: PointerEvent | undefined
  let scrolled: ((event: PointerEvent) => void) | undefined
  const { resume, pause } = useRafFn(
    () => {
      const box = desk.value?.getBoundingClientRect()
      if (!box || !last) return
      const dx = pull(last.clientX, box.left, box.right) * FASTEST
      const dy = pull(last.clientY, box.top, box.bottom) * FASTEST
      if (dx === 0 && dy === 0) return
      scrollBy(dx, dy)
      scrolled?.(last)
    },
    { immediate: false },
  )
  return {
    follow(event: PointerEvent, then: (event: PointerEvent) => void) {
      last = event
      scrolled = then
      resume()
    },
    stop() {
      last = undefined
      pause()
    },
  }
}
