import { onMounted, reactive, ref, watch, type Ref, type WatchSource } from 'vue'
import { useOverlays } from '../../grid/useOverlays'
import { followDrag } from '../../gestures/followDrag'
import type { DraftingPage } from '../usePage'

/** px the rulers take at the top and the left of the surface */
const RULER = 18

interface Ground {
  surface: Ref<HTMLElement | undefined>
  sheet: Ref<HTMLElement | undefined>
  /** what moves the sheet on the surface */
  moves: WatchSource[]
  pagePoint: (event: PointerEvent) => { x: number; y: number }
}

/** The rulers beside the page: where its edges lie on them, and pulling guides out of them. */
export function useRulers(page: DraftingPage, { surface, sheet, moves, pagePoint }: Ground) {
  const { rulers: isShown } = useOverlays()
  const origin = reactive({ x: 0, y: 0 })

  /** Finds where the page lies; asks the browser to lay out, so only while rulers are shown. */
  function follow() {
    const own = isShown.value ? surface.value?.getBoundingClientRect() : undefined
    const its = own && sheet.value?.getBoundingClientRect()
    if (own && its) Object.assign(origin, { x: its.left - own.left - RULER, y: its.top - own.top - RULER })
  }
  watch([...moves, isShown], follow, { flush: 'post' })
  onMounted(follow)

  /** A guide on its way out of a ruler, px of the page. */
  const pulled = ref<{ axis: 'x' | 'y'; at: number }>()
  function pull(axis: 'x' | 'y', event: PointerEvent) {
    followDrag(event, {
      move: (_dx, _dy, now) => (pulled.value = { axis, at: Math.round(pagePoint(now)[axis]) }),
      end: (kept) => {
        const at = pulled.value?.at ?? -1
        pulled.value = undefined
        const most = axis === 'x' ? page.pageWidth.value : page.pageHeight.value
        if (kept && at >= 0 && at <= most) page.guides.add([{ axis, at: { px: at } }])
      },
    })
  }
  return { isShown, origin, follow, pulled, pull }
}
