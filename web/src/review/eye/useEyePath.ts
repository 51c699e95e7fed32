import { watchDebounced } from '@vueuse/core'
import { computed, onScopeDispose, ref, shallowRef, watch } from 'vue'
import { blockFacts } from '@nolvex/core/review/hierarchy/blockFacts'
import { eyeOrder, type Met } from '@nolvex/core/review/hierarchy/eyeOrder'
import { judgedBlocks } from '@nolvex/core/review/hierarchy/judgedBlocks'
import { meantOrder, notAsMeant } from '@nolvex/core/review/hierarchy/meantOrder'
import { labPlanes } from '@nolvex/core/review/hierarchy/pixels'
import { useFontLibrary } from '../../fonts/useFontLibrary'
import { useViewport } from '../../screens/useViewport'
import { useProject } from '../../session/projectStore'
import type { DraftingPage } from '../../drafting/usePage'
import { paintedWindow } from './paintedWindow'

/** px a page is painted wide to be judged: more buys nothing */
const WIDE = 320
/** how many of a page are numbered */
const SHOWN = 7

/** What the eye meets first on a page as it is drawn, in its first window, and what it was meant to meet. */
export function useEyePath(page: DraftingPage) {
  const project = useProject()
  const library = useFontLibrary()
  const { viewport } = useViewport()
  const order = shallowRef<Met[]>([])
  const isLooking = ref(true)
  const trouble = ref('')
  const height = computed(() => viewport.value?.height ?? 900)
  let turn = 0

  watchDebounced(
    [page.layout, height, library],
    async () => {
      const { value: layout } = page.layout
      if (!layout || !library.value) return
      const own = ++turn
      isLooking.value = true
      const window = { top: 0, height: Math.min(height.value, Math.max(1, layout.height)) }
      try {
        const blocks = judgedBlocks(layout, window)
        const options = { project: project.id, library: library.value, wide: WIDE }
        const pixels = await paintedWindow(layout, window, options)
        // The page was changed meanwhile: what is found now is of another one.
        if (own !== turn) return
        const seen = { width: layout.width, height: window.height }
        order.value = eyeOrder(blockFacts(blocks, seen, labPlanes(pixels)))
        trouble.value = ''
      } catch (error) {
        trouble.value = (error as Error).message
      }
      if (own === turn) isLooking.value = false
    },
    { immediate: true, debounce: 150 },
  )

  const meant = computed(() => {
    const { value: layout } = page.layout
    if (!layout) return { keys: [], isRanked: false }
    return meantOrder(layout, ({ origin }) => page.blocks.value[origin.record]?.emphasis, height.value)
  })
  const wrong = computed(() => notAsMeant(order.value, meant.value))
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
  onScopeDispose(() => (page.marked.value = []))
  return { order, first, meant, wrong, isLooking, trouble, height }
}
