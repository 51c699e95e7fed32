import { useElementSize, useEventListener } from '@vueuse/core'
import { computed, nextTick, ref, type Ref } from 'vue'
import type { Rect } from '@nolvex/core/snap/rect'
import { followDrag } from '../../gestures/followDrag'
import { LEAST_ZOOM, MOST_ZOOM, type Camera, type Shown } from './camera'
import { useHeldKey } from './useHeldKey'

interface Ground {
  desk: Ref<HTMLElement | undefined>
  /** what scrolls the page up and down: the desk, or the window its browser frame leaves */
  scroller: () => HTMLElement | undefined
  sheet: Ref<HTMLElement | undefined>
  /** of all that stands on the desk at 100 %, px */
  natural: Ref<{ width: number; height: number }>
  /** how many of it stand beside one another */
  beside: Ref<number>
  /** screen px that are left free across; what is usual without it */
  spare?: Ref<number>
}

/** screen px left free around what is fitted into the desk */
const AROUND = 48
/** Wheels turn by about 100 px a notch. */
const WHEEL_STEP = 0.0022

/** Zooming and panning the page on its desk, which the browser scrolls. */
export function useCamera({ desk, scroller, sheet, natural, beside, spare }: Ground) {
  const { width: deskWidth, height: deskHeight } = useElementSize(desk)
  const shown = ref<Shown>('width')
  const scroll = ref({ left: 0, top: 0 })
  const pointer = ref<{ clientX: number; clientY: number }>()

  const clamped = (zoom: number) => Math.min(MOST_ZOOM, Math.max(LEAST_ZOOM, zoom)) || 1
  const zoom = computed(() => {
    if (typeof shown.value === 'number') return shown.value
    const wide = (deskWidth.value / beside.value - (spare?.value ?? AROUND)) / natural.value.width
    if (shown.value === 'width') return clamped(Math.min(1, wide))
    return clamped(Math.min(1, wide, (deskHeight.value - AROUND) / natural.value.height))
  })

  const corner = () => sheet.value?.getBoundingClientRect() ?? new DOMRect()
  function middle() {
    const { left, top, width, height } = desk.value?.getBoundingClientRect() ?? new DOMRect()
    return { clientX: left + width / 2, clientY: top + height / 2 }
  }
  function scrollBy(dx: number, dy: number) {
    if (desk.value) desk.value.scrollLeft += dx
    const down = scroller()
    if (down) down.scrollTop += dy
  }

  async function zoomTo(next: Shown, at = pointer.value ?? middle()) {
    const { left, top } = corner()
    const before = { x: (at.clientX - left) / zoom.value, y: (at.clientY - top) / zoom.value }
    shown.value = typeof next === 'number' ? clamped(next) : next
    await nextTick()
    const now = corner()
    scrollBy(now.left + before.x * zoom.value - at.clientX, now.top + before.y * zoom.value - at.clientY)
    scrolled()
  }

  async function show({ x, y, w, h }: Rect) {
    const room = { width: deskWidth.value / beside.value - AROUND, height: deskHeight.value - AROUND }
    shown.value = clamped(Math.min(4, room.width / Math.max(1, w), room.height / Math.max(1, h)))
    await nextTick()
    centre({ x: x + w / 2, y: y + h / 2 })
  }

  function centre({ x, y }: { x: number; y: number }) {
    const { left, top } = corner()
    const { clientX, clientY } = middle()
    scrollBy(left + x * zoom.value - clientX, top + y * zoom.value - clientY)
    scrolled()
  }

  /** What of the page is in view, as far as the desk shows it. */
  const view = ref<Rect>({ x: 0, y: 0, w: 0, h: 0 })
  function scrolled() {
    scroll.value = { left: desk.value?.scrollLeft ?? 0, top: scroller()?.scrollTop ?? 0 }
    const own = desk.value?.getBoundingClientRect()
    if (!own) return
    const { left, top } = corner()
    view.value = {
      x: (own.left - left) / zoom.value,
      y: (own.top - top) / zoom.value,
      w: own.width / zoom.value,
      h: own.height / zoom.value,
    }
  }

  /**
   * The stretch of the page that is drawn: what is in view, and at least half as much above and below. It goes on by whole
   * steps, as what is drawn anew costs a frame.
   */
  const drawn = computed((before?: { from: number; until: number }) => {
    const step = Math.max(1, deskHeight.value * 0.5)
    const first = Math.floor(scroll.value.top / step) - 1
    const last = Math.ceil((scroll.value.top + deskHeight.value) / step) + 1
    const next = { from: (first * step) / zoom.value, until: (last * step) / zoom.value }
    return before?.from === next.from && before.until === next.until ? before : next
  })

  // Not passive: the browser would zoom its own window.
  useEventListener(
    desk,
    'wheel',
    (event: WheelEvent) => {
      if (!event.ctrlKey && !event.metaKey) return
      event.preventDefault()
      void zoomTo(zoom.value * Math.exp(-event.deltaY * WHEEL_STEP), event)
    },
    { passive: false },
  )
  useEventListener(desk, 'pointermove', ({ clientX, clientY }) => (pointer.value = { clientX, clientY }))
  useEventListener(desk, 'pointerleave', () => (pointer.value = undefined))

  /** The space bar or the middle button takes hold of the desk. */
  const isPanning = useHeldKey(' ')
  function pan(event: PointerEvent) {
    event.preventDefault()
    event.stopPropagation()
    const [left, top] = [desk.value?.scrollLeft ?? 0, scroller()?.scrollTop ?? 0]
    followDrag(
      event,
      {
        move: (dx, dy) => {
          if (desk.value) desk.value.scrollLeft = left - dx
          const down = scroller()
          if (down) down.scrollTop = top - dy
        },
      },
      0,
    )
  }
  useEventListener(
    desk,
    'pointerdown',
    (event) => {
      if (event.button === 1 || (isPanning.value && event.button === 0)) pan(event)
    },
    { capture: true },
  )

  const camera: Camera = { zoom, shown, view, zoomTo, show, centre }
  return { camera, deskWidth, deskHeight, drawn, scroll, scrolled, isPanning, scrollBy }
}
