import { createSharedComposable, useLocalStorage } from '@vueuse/core'
import { computed } from 'vue'
import { inOrder } from '@nolvex/core/document/tree'
import {
  ImpossibleFrame,
  USUAL_FRAMES,
  viewportOf,
  type Frame,
  type Viewport,
} from '@nolvex/core/viewport/frame'
import { USUAL_SCREENS, type Screen } from '@nolvex/core/viewport/screen'
import { useProject } from '../session/projectStore'

/** A screen or frame to choose: the project's own by id, a usual one by its name. */
type Named<T> = Omit<T, 'id' | 'order'> & { key: string; own: boolean }

interface Chosen {
  screen: string
  frame: string
  /** screens whose folds are shown beside the chosen one's */
  folds: string[]
  isFramed: boolean
  scrollBars: boolean
}

const usual = <T extends { name: string }>(presets: T[]) =>
  presets.map((preset) => ({ ...preset, key: `usual: ${preset.name}`, own: false }))

/** The screen and browser frame pages are looked at in, chosen here in this browser. */
export const useViewport = createSharedComposable(() => {
  const project = useProject()
  const chosen = useLocalStorage<Chosen>(
    'nolvex-viewport',
    {
      screen: 'usual: Laptop',
      frame: 'usual: Desktop browser',
      folds: [],
      isFramed: false,
      scrollBars: true,
    },
    { mergeDefaults: true },
  )

  const screens = computed((): Named<Screen>[] => [
    ...inOrder(Object.values(project.site.records.screens)).map((one) => ({
      ...one,
      key: one.id,
      own: true,
    })),
    ...usual(USUAL_SCREENS),
  ])
  const frames = computed((): Named<Frame>[] => [
    ...inOrder(Object.values(project.site.records.frames)).map((one) => ({ ...one, key: one.id, own: true })),
    ...usual(USUAL_FRAMES),
  ])
  const find = <T extends { key: string }>(list: T[], key: string) =>
    list.find((one) => one.key === key) ?? list[0]
  const screen = computed(() => find(screens.value, chosen.value.screen))
  const frame = computed(() => find(frames.value, chosen.value.frame))

  function viewportIn(on: Pick<Screen, 'width' | 'height'>): Viewport | undefined {
    try {
      return viewportOf(on, frame.value, chosen.value.scrollBars)
    } catch (error) {
      if (!(error instanceof ImpossibleFrame)) throw error
      return undefined
    }
  }
  const viewport = computed(() => viewportIn(screen.value))

  /** Folds to show: the chosen screen's, then those of the others asked for. */
  const folds = computed(() => {
    const others = screens.value.filter(
      ({ key }) => chosen.value.folds.includes(key) && key !== screen.value.key,
    )
    return [screen.value, ...others].flatMap((one) => {
      const height = viewportIn(one)?.height
      return height === undefined ? [] : [{ key: one.key, name: one.name, height }]
    })
  })

  function choose(change: Partial<Chosen>) {
    chosen.value = { ...chosen.value, ...change }
  }

  return { chosen, choose, screens, frames, screen, frame, viewport, folds }
})
