import { createSharedComposable, useLocalStorage } from '@vueuse/core'
import { computed, ref, type Ref } from 'vue'
import type { Json } from '@nolvex/core/document/types'
import type { ShownAs } from '@nolvex/core/resolve/resolvePage'
import { OVERLAYS, USUAL_OVERLAYS, type OverlayLook, type OverlayName } from '@nolvex/core/site/gridPlan'
import { HINT_KINDS, type HintKind } from '@nolvex/core/snap/hint'
import { useCommands } from '../commands/commandStore'
import { useProject } from '../session/projectStore'

/** The key that shows or hides each overlay. */
export const OVERLAY_KEYS: Record<OverlayName, string> = {
  columns: 'C',
  rows: 'R',
  baseline: 'B',
  guides: 'G',
  folds: 'F',
  content: 'W',
}

/** What blocks can be tagged with, with the words for it and its key. */
export const TAGS = {
  notes: { words: 'Notes', key: 'N' },
  content: { words: 'Content numbers', key: 'I' },
} as const

/** What is shown or not, kept in this browser for wireframes and for mockups by themselves. */
function eachFor<T extends Record<string, boolean>>(
  as: Ref<ShownAs>,
  key: string,
  usual: Record<ShownAs, T>,
) {
  const kept = {
    wireframe: useLocalStorage<T>(key, usual.wireframe, { mergeDefaults: true }),
    mockup: useLocalStorage<T>(`${key}-mockup`, usual.mockup, { mergeDefaults: true }),
  }
  return computed({ get: () => kept[as.value].value, set: (shown: T) => (kept[as.value].value = shown) })
}

/** Which lines are laid over pages, here in this browser, and how they are drawn, in the project. */
export const useOverlays = createSharedComposable(() => {
  const project = useProject()
  /** what pages are drawn as; a mockup is seen without lines over its colours unless they are asked for */
  const as = ref<ShownAs>('wireframe')
  const shown = eachFor<Record<OverlayName, boolean>>(as, 'nolvex-overlays', {
    wireframe: { columns: true, rows: false, baseline: false, guides: true, folds: false, content: false },
    mockup: { columns: false, rows: false, baseline: false, guides: false, folds: false, content: false },
  })
  const tags = eachFor(as, 'nolvex-tags', {
    wireframe: { notes: true, content: false },
    mockup: { notes: false, content: false },
  })
  const rulers = useLocalStorage('nolvex-rulers', true)
  const overview = useLocalStorage('nolvex-overview', true)
  /** the outlines of all boxes */
  const boxes = useLocalStorage('nolvex-boxes', false)
  /** all gaps and padding of the section one is at */
  const spacing = useLocalStorage('nolvex-spacing', false)
  /** kinds of hints that are given while something is moved */
  const hints = useLocalStorage<Record<HintKind, boolean>>(
    'nolvex-hints',
    Object.fromEntries(Object.keys(HINT_KINDS).map((kind) => [kind, kind !== 'baseline'])) as Record<
      HintKind,
      boolean
    >,
    { mergeDefaults: true },
  )
  const looks = computed(() => ({ ...USUAL_OVERLAYS, ...project.site.records.settings.site.overlays }))

  function setLook(name: OverlayName, look: OverlayLook) {
    const label = `Change how ${OVERLAYS[name].toLowerCase()} are drawn`
    project.setSite(label, 'settings', 'site', ['overlays', name], look as unknown as Json)
  }
  return { as, shown, tags, rulers, overview, boxes, spacing, hints, looks, setLook }
})

/** Offers a command with its key for each of the tags. */
export function offerTagCommands() {
  const { tags } = useOverlays()
  useCommands().offer(
    Object.entries(TAGS).map(([name, { words, key }]) => ({
      id: `tags-${name}`,
      label: `Show or hide: ${words.toLowerCase()}`,
      keys: [key],
      run: () => (tags.value = { ...tags.value, [name]: !tags.value[name as keyof typeof TAGS] }),
    })),
  )
}

/** Offers a command with its key for each overlay. */
export function offerOverlayCommands(names: OverlayName[]) {
  const { shown } = useOverlays()
  useCommands().offer(
    names.map((name) => ({
      id: `overlay-${name}`,
      label: `Show or hide: ${OVERLAYS[name].toLowerCase()}`,
      keys: [OVERLAY_KEYS[name]],
      run: () => (shown.value = { ...shown.value, [name]: !shown.value[name] }),
    })),
  )
}
