/** A drag by pointer: from press to release, with the way moved so far in screen px. */
export interface DragHandlers {
  /** called once when the pointer has moved far enough to mean it */
  begin?: () => void
  move: (dx: number, dy: number, event: PointerEvent) => void
  /** `kept` is false when the drag was broken off */
  end: (kept: boolean) => void
}

const SLACK = 4

/** Follows a pointer that was pressed on an element; Escape breaks the drag off. */
export function followDrag(press: PointerEvent, { begin, move, end }: DragHandlers) {
  const element = press.currentTarget as HTMLElement
  let isDragging = false
  const onMove = (event: PointerEvent) => {
    const [dx, dy] = [event.clientX - press.clientX, event.clientY - press.clientY]
    if (!isDragging && Math.hypot(dx, dy) < SLACK) return
    if (!isDragging) begin?.()
    isDragging = true
    move(dx, dy, event)
  }
  const finish = (kept: boolean) => {
    element.removeEventListener('pointermove', onMove)
    element.removeEventListener('pointerup', onUp)
    element.removeEventListener('pointercancel', onCancel)
    window.removeEventListener('keydown', onKey, true)
    if (isDragging) end(kept)
  }
  const onUp = () => finish(true)
  const onCancel = () => finish(false)
  const onKey = (event: KeyboardEvent) => {
    if (event.key !== 'Escape') return
    event.stopPropagation()
    finish(false)
  }
  element.setPointerCapture(press.pointerId)
  element.addEventListener('pointermove', onMove)
  element.addEventListener('pointerup', onUp)
  element.addEventListener('pointercancel', onCancel)
  window.addEventListener('keydown', onKey, true)
}
