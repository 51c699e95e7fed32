import { shallowRef, type Ref } from 'vue'
import { handles } from '@nolvex/core/snap/resizeBlock'
import { followDrag, type DragHandlers } from '../../gestures/followDrag'
import type { DraftingPage } from '../usePage'
import type { Following, Point, Press, Preview } from './gesture'
import { beginGesture } from './gestures'

interface Ground {
  zoom: Ref<number>
  pagePoint: (event: MouseEvent) => Point
}

/** Follows what the pointer does on the page: one gesture begins, shows what it would do, and is committed as a change. */
export function useGestures(page: DraftingPage, { zoom, pagePoint }: Ground) {
  const preview = shallowRef<Preview>()
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
    if (move || click) followDrag(event, { ...follow({ move, commit }), click })
  }

  /** @param isOver whether the pointer is where the gesture may end; beside it nothing comes of it */
  function follow({ move, commit }: Following, isOver?: (now: PointerEvent) => boolean): DragHandlers {
    return {
      move: (dx, dy, now) => {
        const by = { x: dx / zoom.value, y: dy / zoom.value }
        const isBeside = isOver?.(now) === false
        show(isBeside ? undefined : move?.(by, pagePoint(now)))
      },
      end: (kept) => {
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
    const name = (event.target as Element).closest<HTMLElement>('[data-handle]')?.dataset.handle
    return {
      page,
      point,
      hit: page.hits.value.at(point)[0],
      handle: handles.find((handle) => handle.name === name),
      addsToSelection: event.shiftKey,
    }
  }

  return { press, follow, preview }
}
