import { shallowRef, watch } from 'vue'
import { handles } from '@nolvex/core/snap/resizeBlock'
import { followDrag, type DragHandlers } from '../../gestures/followDrag'
import { useHeldKey } from '../camera/useHeldKey'
import type { DraftingPage } from '../usePage'
import type { Following, Point, Press, Preview } from './gesture'
import { beginGesture } from './gestures'
import { useHeldWays } from './useHeldWays'

interface Ground {
  zoom: () => number
  pagePoint: (event: MouseEvent) => Point
  atEdges: EdgeScroll
}

/** Scrolls the page on while something is dragged at the edges of its desk. */
export interface EdgeScroll {
  follow: (event: PointerEvent, then: (event: PointerEvent) => void) => void
  stop: () => void
}

/** Follows what the pointer does on the page: one gesture begins, shows what it would do, and is committed as a change. */
export function useGestures(page: DraftingPage, { zoom, pagePoint, atEdges }: Ground) {
  const preview = shallowRef<Preview>()
  const { held, ...keys } = useHeldWays(zoom)
  const wantsArea = useHeldKey('A')
  /** the last move of what goes on: made again when a key changes what it comes to */
  let last: { now: PointerEvent; follows: (now: PointerEvent) => void } | undefined
  watch(held, () => last?.follows(last.now))
  /** the change that is shown, as text */
  let landing: string | undefined

  /** Shows what would come of it: the page laid out with the change, and where in it what is moved stands then. */
  function show(next: Preview | undefined) {
    const change = next?.operations && JSON.stringify(next.operations)
    // Most moves of a pointer come to the change of the one before.
    if (change !== landing) page.landing.value = next?.operations
    landing = change
    const mark = next?.moves === undefined ? undefined : page.landed.value?.placed.get(next.moves)
    preview.value = next && mark ? { ...next, mark } : next
  }

  function press(event: PointerEvent) {
    if (event.button !== 0) return
    const { move, commit, click } = beginGesture(pressed(event)) ?? {}
    // A captured pointer clicks nothing else: only what goes on after the press takes it.
    if (move || click) followDrag(event, { ...follow({ move, commit }, pagePoint(event)), click })
  }

  /**
   * @param from where it was pressed, px of the page; without one it came from beside the page
   * @param isOver whether the pointer is where the gesture may end; beside it nothing comes of it
   */
  function follow(
    { move, commit }: Following,
    from?: Point,
    isOver?: (now: PointerEvent) => boolean,
  ): DragHandlers {
    // By points of the page, which may scroll under the pointer.
    const follows = (now: PointerEvent) => {
      const at = pagePoint(now)
      const by = from ? { x: at.x - from.x, y: at.y - from.y } : at
      show(isOver?.(now) === false ? undefined : move?.(by, at, held.value))
    }
    return {
      move: (_dx, _dy, now) => {
        last = { now, follows }
        keys.listen()
        follows(now)
        atEdges.follow(now, follows)
      },
      end: (kept) => {
        atEdges.stop()
        keys.stop()
        last = undefined
        const change = kept && preview.value ? commit?.() : undefined
        show(undefined)
        if (!change) return
        page.change(change.label, change.operations)
        if (change.selects) page.select(change.selects)
      },
    }
  }

  function pressed(event: PointerEvent): Press {
    const point = pagePoint(event)
    const stack = page.under(point)
    const name = (event.target as Element).closest<HTMLElement>('[data-handle]')?.dataset.handle
    return {
      page,
      point,
      stack,
      hit: stack[0],
      handle: handles.find((handle) => handle.name === name),
      addsToSelection: event.shiftKey,
      wantsArea: wantsArea.value,
    }
  }

  return { press, follow, preview }
}
