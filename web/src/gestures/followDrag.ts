/** A drag by pointer: from press to release, with the way moved so far in screen px. */
export interface DragHandlers {
  /** called once when the pointer has moved far enough to mean it */
  begin?: () => void
  move: (dx: number, dy: number, event: PointerEvent) => void
  /** `kept` is false when the drag was broken off */
  end?: (kept: boolean) => void
  /** released without having moved far enough */
  click?: () => void
}

/** px a pointer may move while it is meant to press only */
const SLACK = 4

/**
 * Follows a pointer that was pressed on an element until it is let go, the browser takes it away, or Escape breaks the
 * drag off; no listener outlives it.
 * @param slack px to move before it counts as a drag
 */
export function followDrag(press: PointerEvent, { begin, move, end, click }: DragHandlers, slack = SLACK) {
  const element = press.currentTarget as HTMLElement
  const listening = new AbortController()
  const { signal } = listening
  let isDragging = false
  const finish = (kept: boolean) => {
    listening.abort()
    if (isDragging) end?.(kept)
    else if (kept) click?.()
  }
  const follow = (event: PointerEvent) => {
    const [dx, dy] = [event.clientX - press.clientX, event.clientY - press.clientY]
    if (!isDragging && Math.hypot(dx, dy) < slack) return
    if (!isDragging) begin?.()
    isDragging = true
    move(dx, dy, event)
  }
  const breakOff = (event: KeyboardEvent) => {
    if (event.key !== 'Escape') return
    event.stopPropagation()
    finish(false)
  }
  element.setPointerCapture(press.pointerId)
  element.addEventListener('pointermove', follow, { signal })
  element.addEventListener('pointerup', () => finish(true), { signal })
  element.addEventListener('pointercancel', () => finish(false), { signal })
  element.addEventListener('lostpointercapture', () => finish(false), { signal })
  window.addEventListener('keydown', breakOff, { signal, capture: true })
}
