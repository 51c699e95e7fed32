import { watchDebounced } from '@vueuse/core'
import { computed, onScopeDispose, ref, shallowRef, watch } from 'vue'
import type { Operation } from '@nolvex/core/document/types'
import { composition } from '@nolvex/core/review/hierarchy/composition'
import { spectralResidual } from '@nolvex/core/review/hierarchy/spectralResidual'
import { eyeOrder, type Met } from '@nolvex/core/review/hierarchy/eyeOrder'
import type { BlockFacts } from '@nolvex/core/review/hierarchy/judgedBlock'
import { meantOrder, notAsMeant } from '@nolvex/core/review/hierarchy/meantOrder'
import {
  firstWindow,
  leastChange,
  mendingLabel,
  paintedFacts,
  paintedWindow,
  writtenChanges,
  type PaintWindow,
} from '@nolvex/core/review/hierarchy/orderFindings'
import { useFontLibrary } from '../../fonts/useFontLibrary'
import { useViewport } from '../../screens/useViewport'
import { useProject } from '../../session/projectStore'
import type { DraftingPage } from '../../drafting/usePage'
import { heatPicture } from './heatPicture'
import { pixelsOf, windowSvg } from './paintedWindow'
import { useSeenAs } from './useSeenAs'

/** how many of a page are numbered */
const SHOWN = 7

/** The change that mends the order of what is met. */
export interface OrderMending {
  label: string
  operations: Operation[]
}

/** What the eye meets first on a page as it is drawn, in its first window, and what it was meant to meet. */
export function useEyePath(page: DraftingPage) {
  const project = useProject()
  const library = useFontLibrary()
  const { viewport } = useViewport()
  const facts = shallowRef<BlockFacts[]>([])
  /** px of the page that were looked at */
  const seenWindow = shallowRef({ width: 1, height: 1 })
  const { heat } = useSeenAs()
  /** the least change that mends the order: `none` where no small one does, nothing until it has been looked for */
  const mending = shallowRef<OrderMending | 'none'>()
  const isMending = ref(false)
  const isLooking = ref(true)
  const trouble = ref('')
  const height = computed(() => viewport.value?.height ?? 900)
  let turn = 0

  const paint: PaintWindow = async (layout, window) => {
    const { value: fonts } = library
    if (!fonts) throw new Error('The fonts are not there yet. Try again.')
    return pixelsOf(await windowSvg(layout, window, { project: project.id, library: fonts }))
  }

  watchDebounced(
    [page.layout, height, library],
    async () => {
      const { value: layout } = page.layout
      if (!layout || !library.value) return
      const own = ++turn
      isLooking.value = true
      mending.value = undefined
      try {
        const window = firstWindow(layout, height.value)
        const { planes, facts: found } = await paintedWindow(layout, window, paint)
        // The page was changed meanwhile: what is found now is of another one.
        if (own !== turn) return
        facts.value = found
        seenWindow.value = { width: layout.width, height: window.height }
        heat.value = { address: heatPicture(spectralResidual(planes)), ...seenWindow.value }
        trouble.value = ''
      } catch (error) {
        trouble.value = (error as Error).message
      }
      if (own === turn) isLooking.value = false
    },
    { immediate: true, debounce: 150 },
  )
  const order = computed((): Met[] => eyeOrder(facts.value))
  const whole = computed(() => composition(facts.value, seenWindow.value))

  const meant = computed(() => {
    const { value: layout } = page.layout
    if (!layout) return { keys: [], isRanked: false }
    return meantOrder(layout, ({ origin }) => page.blocks.value[origin.record]?.emphasis, height.value)
  })
  const wrong = computed(() => notAsMeant(order.value, meant.value))

  /** Looks for the least change; each that is tried is painted and measured. */
  async function findMending() {
    const { value: layout } = page.layout
    if (!layout) return
    const own = turn
    isMending.value = true
    const measure = async (operations: Operation[]) => {
      const after = page.standAfter(operations)
      if (!after || own !== turn) throw new Error('The page was changed meanwhile.')
      return paintedFacts(after.layout, firstWindow(after.layout, height.value), paint)
    }
    const asked = { layout, facts: facts.value, order: order.value, meant: meant.value }
    const drawn = { document: page.document.value, style: project.style }
    try {
      const found = await leastChange(asked, drawn, page.at.value, measure)
      if (own !== turn) return
      mending.value = found
        ? { label: mendingLabel(found.changes), operations: writtenChanges(found.changes, page.at.value) }
        : 'none'
    } catch (error) {
      if (own === turn) trouble.value = (error as Error).message
    } finally {
      isMending.value = false
    }
  }
  const first = computed(() => order.value.slice(0, SHOWN))

  /** Numbers where the eye goes, on the page. */
  watch(
    [first, page.placed],
    () => {
      page.marked.value = first.value.flatMap(({ facts: { key } }, index) => {
        const rect = page.placed.value.get(key)
        return rect ? [{ id: `met ${index}`, rect, says: String(index + 1) }] : []
      })
    },
    { immediate: true },
  )
  onScopeDispose(() => {
    page.marked.value = []
    heat.value = undefined
  })
  return { order, whole, first, meant, wrong, isLooking, trouble, height, mending, isMending, findMending }
}
